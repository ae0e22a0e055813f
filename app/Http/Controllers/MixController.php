<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\ClosestMixRequest;
use App\Http\Requests\CupRequest;
use App\Models\User;
use App\Supply\Supplies;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\Rule;
use Ulvrach\Report\MixReport;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Ladder;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\Application;

/** The mix desk: which mix comes closest, what a mix looks like, and which tones lead on from it. */
final readonly class MixController
{
    public function __construct(private Supplies $supplies)
    {
    }

    public function closest(ClosestMixRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $closed = [];
        foreach ($user->jars as $jar) {
            $closed += $jar->opened_on === null ? [$jar->code => true] : [];
        }

        return new JsonResponse(
            MixReport::closest(
                $request->wanted(),
                new Palette(CurrentUser::of($request)->shelf()->products, $closed),
                $request->families(),
                $request->integer('jars', 3),
                $request->integer('parts', 12),
                $this->stocks($user),
            ),
        );
    }

    public function look(CupRequest $request): JsonResponse
    {
        $request->validate([
            'areaCm2' => ['nullable', 'numeric', 'min:1', 'max:100000'],
            'coats' => ['integer', 'min:1', 'max:20'],
            'application' => ['string', Rule::enum(Application::class)],
        ]);

        return new JsonResponse(
            MixReport::look(
                $request->cup(),
                $request->colour('ground'),
                CurrentUser::of($request)->shelf()->products,
                $this->stocks(CurrentUser::of($request)),
                $request->input('areaCm2') === null ? null : $request->float('areaCm2'),
                $request->integer('coats', 2),
                $request->enum('application', Application::class) ?? Application::Airbrush,
            ),
        );
    }

    /** Lighter or darker tones of the cup, and from where on each turns the hue. */
    public function tones(CupRequest $request): JsonResponse
    {
        $request->validate(['to' => ['required', 'string', 'in:lighter,darker']]);
        $ladders = Ladder::of(
            $request->cup(),
            CurrentUser::of($request)->shelf()->products,
            $request->string('to')->toString() === 'lighter',
        );

        return new JsonResponse(['ladders' => MixReport::ladders($ladders)]);
    }

    /** @return array<string, Stock> by the code of the jar, with what is left now */
    private function stocks(User $user): array
    {
        $used = $this->supplies->used($user);
        $stocks = [];
        foreach ($user->jars as $jar) {
            $stocks[$jar->code] = $jar->stock()->with(leftMl: Supplies::left($jar, $used));
        }

        return $stocks;
    }
}
