<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\CupRequest;
use App\Mixes\WhereUsed;
use App\Models\Jar;
use App\Models\SavedMix;
use App\Photos\PhotoStore;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Report\MixReport;
use Ulvrach\Stuff\Palette\Palette;

/**
 * The mixes that are kept.
 *
 * @phpstan-import-type CupData from OwnShelfFile
 */
final readonly class SavedMixController
{
    private const MOST = 500;

    /** How often it is remembered what a mix was before. */
    private const MOST_HISTORY = 30;

    public function __construct(
        private WhereUsed $uses,
        private PhotoStore $photos,
        private ConnectionInterface $database,
    ) {
    }

    /** The last one first, or those that come nearest to a colour. */
    public function index(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $uses = $this->uses->of($user);
        $photos = $this->photos->of(
            $user,
            array_values($user->mixes()->get()->map(static fn (SavedMix $mix) => $mix->subject())->all()),
        );
        $near = ColourText::read($request->string('near')->toString());
        $mixes = $user->mixes()->latest()->get();
        if ($near !== null) {
            $mixes = $mixes->sortBy(static function (SavedMix $mix) use ($near): float {
                $paint = $mix->cup->paint();

                return $paint === null ? INF : $near->differenceTo(Palette::colourOf($paint));
            });
        }

        return new JsonResponse([
            'mixes' => array_values(
                $mixes->map(static fn (SavedMix $mix) => self::saved($mix, $uses, $photos))->all(),
            ),
        ]);
    }

    /** Keeps what is in the cup under a name; a jar that it "fills" stands on the shelf with it, or neither is kept. */
    public function store(CupRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $said = self::said($request);
        if ($user->mixes()->count() >= self::MOST) {
            throw ValidationException::withMessages(['name' => 'At most '.self::MOST.' mixes are kept.']);
        }
        $request->validate(['fills' => ['boolean']]);
        $fills = $request->boolean('fills');
        if ($fills && $user->jars()->count() >= JarController::MOST) {
            throw ValidationException::withMessages(['jar' => 'A shelf holds at most '.JarController::MOST.' jars.']);
        }
        $mix = new SavedMix(['user_id' => $user->id, 'cup' => $request->cup(), ...$said]);
        $this->database->transaction(static function () use ($mix, $user, $fills): void {
            $mix->save();
            if ($fills) {
                // A jar that is filled with a mix is named after it, so that the mix knows where it is used.
                $jar = $mix->kept()->product();
                Jar::query()->create(['user_id' => $user->id, 'code' => $jar->id, 'product' => $jar]);
            }
        });

        return new JsonResponse(self::saved($mix, [], []), 201);
    }

    /** Another cup under the same name; what it was before is remembered. */
    public function update(CupRequest $request, string $mix): JsonResponse
    {
        $user = CurrentUser::of($request);
        $own = $user->mixes()->where('code', $mix)->first() ?? throw new NotFoundHttpException('There is no such mix.');
        $cup = $request->cup();
        $history = $own->history;
        if (serialize($cup) !== serialize($own->cup)) {
            array_unshift($history, [
                'until' => Carbon::now()->toIso8601ZuluString(),
                'cup' => OwnShelfFile::writeCup($own->cup),
            ]);
        }
        $own->update([
            ...self::said($request),
            'cup' => $cup,
            'history' => array_slice($history, 0, self::MOST_HISTORY),
        ]);

        return new JsonResponse(self::saved($own, $this->uses->of($user), $this->photos->of($user, [$own->subject()])));
    }

    public function destroy(Request $request, string $mix): JsonResponse
    {
        $user = CurrentUser::of($request);
        $this->database->transaction(function () use ($user, $mix): void {
            if ($user->mixes()->where('code', $mix)->delete() > 0) {
                $this->photos->throwAwayUnder($user, SavedMix::subjectOf($mix));
            }
        });

        return new JsonResponse(null, 204);
    }

    /** @return array{name: string, note: string} */
    private static function said(CupRequest $request): array
    {
        /** @var array{name: string, note?: string|null} $said */
        $said = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:2000'],
        ]);

        return ['name' => trim($said['name']), 'note' => $said['note'] ?? ''];
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $uses  by mix
     * @param  array<string, list<array<string, mixed>>>  $photos  by subject
     * @return array<string, mixed>
     */
    private static function saved(SavedMix $mix, array $uses, array $photos): array
    {
        return [
            'id' => $mix->code,
            'jar' => $mix->kept()->jarId(),
            'name' => $mix->name,
            'note' => $mix->note,
            'made' => $mix->created_at->toIso8601ZuluString(),
            'photos' => $photos[$mix->subject()] ?? [],
            'usedIn' => $uses[$mix->code] ?? [],
            'history' => array_map(
                static function (array $was): array {
                    /** @var array{until: string, cup: CupData} $was */
                    return ['until' => $was['until'], ...MixReport::cup(OwnShelfFile::readCup($was['cup']))];
                },
                $mix->history,
            ),
            ...MixReport::cup($mix->cup),
        ];
    }
}
