<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\ClosestMixRequest;
use App\Http\Requests\CupRequest;
use App\Mixes\WhereUsed;
use App\Models\Jar;
use App\Models\SavedMix;
use App\Models\User;
use App\Photos\PhotoStore;
use App\Supply\Supplies;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Report\MixReport;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Ladder;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\Application;

/**
 * The mix desk: which mix comes closest, what a mix looks like, and the mixes that are kept.
 *
 * @phpstan-import-type CupData from OwnShelfFile
 */
final readonly class MixController
{
    private const MOST = 500;

    /** How often it is remembered what a mix was before. */
    private const MOST_HISTORY = 30;

    public function __construct(
        private Supplies $supplies,
        private WhereUsed $uses,
        private PhotoStore $photos,
        private ConnectionInterface $database,
    ) {
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
                new Palette(self::jarsOf($request), $closed),
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
                self::jarsOf($request),
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
            self::jarsOf($request),
            $request->string('to')->toString() === 'lighter',
        );

        return new JsonResponse(['ladders' => MixReport::ladders($ladders)]);
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

    /** @return list<Product> */
    private static function jarsOf(Request $request): array
    {
        $jars = CurrentUser::of($request)->jars->map(static fn (Jar $jar) => $jar->product)->all();

        return array_values($jars);
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
