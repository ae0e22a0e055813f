<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\ClosestMixRequest;
use App\Http\Requests\CupRequest;
use App\Models\Jar;
use App\Models\SavedMix;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ulvrach\Material\Product;
use Ulvrach\Palette\Ladder;
use Ulvrach\Palette\Palette;
use Ulvrach\Report\MixReport;

/** The mix desk: which mix comes closest, what a mix looks like, and the mixes that are kept. */
final class MixController
{
    private const MOST = 500;

    public function closest(ClosestMixRequest $request): JsonResponse
    {
        $closed = [];
        foreach (CurrentUser::of($request)->jars()->get() as $jar) {
            $closed += $jar->opened_on === null ? [$jar->code => true] : [];
        }

        return new JsonResponse(
            MixReport::closest(
                $request->wanted(),
                new Palette(self::jarsOf($request), $closed),
                $request->families(),
                $request->integer('jars', 3),
                $request->integer('parts', 12),
            ),
        );
    }

    public function look(CupRequest $request): JsonResponse
    {
        return new JsonResponse(
            MixReport::look($request->cup(), $request->colour('ground'), self::jarsOf($request)),
        );
    }

    /** Lighter or darker tones of the cup, and from where on each turns the hue. */
    public function tones(CupRequest $request): JsonResponse
    {
        $request->validate(['to' => ['required', 'string', 'in:lighter,darker']]);
        $ladders = Ladder::of(
            $request->cup(),
            self::jarsOf($request),
            $request->string('to')->toString() === 'lighter',
        );

        return new JsonResponse(['ladders' => MixReport::ladders($ladders)]);
    }

    public function index(Request $request): JsonResponse
    {
        $mixes = CurrentUser::of($request)->mixes()->latest()->get();

        return new JsonResponse(['mixes' => array_values($mixes->map(self::saved(...))->all())]);
    }

    public function store(CupRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        /** @var array{name: string, note?: string|null} $said */
        $said = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:2000'],
        ]);
        if ($user->mixes()->count() >= self::MOST) {
            throw ValidationException::withMessages(['name' => 'At most '.self::MOST.' mixes are kept.']);
        }
        $mix = SavedMix::query()->create([
            'user_id' => $user->id,
            'name' => trim($said['name']),
            'cup' => $request->cup(),
            'note' => $said['note'] ?? '',
        ]);

        return new JsonResponse(self::saved($mix), 201);
    }

    public function destroy(Request $request, string $mix): JsonResponse
    {
        CurrentUser::of($request)->mixes()->whereKey($mix)->delete();

        return new JsonResponse(null, 204);
    }

    /** @return list<Product> */
    private static function jarsOf(Request $request): array
    {
        $jars = CurrentUser::of($request)->jars()->get()->map(static fn (Jar $jar) => $jar->product)->all();

        return array_values($jars);
    }

    /** @return array<string, mixed> */
    private static function saved(SavedMix $mix): array
    {
        return [
            'id' => $mix->id,
            'name' => $mix->name,
            'note' => $mix->note,
            'made' => $mix->created_at->toIso8601ZuluString(),
            ...MixReport::cup($mix->cup),
        ];
    }
}
