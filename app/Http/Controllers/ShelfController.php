<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\StockRequest;
use App\Models\Jar;
use App\Models\PaintUse;
use App\Plans\OwnPlans;
use App\Supply\Supplies;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Material\JarRole;

/** One's own shelf: the jars with what is left of them, since when they are open, and where they are used. */
final readonly class ShelfController
{
    /** ml that have to be gone before their measure says anything. */
    private const LEAST_SEEN = 0.5;

    /** ml by which what is shown may be rounded. */
    private const SHOWN = 0.06;

    public function __construct(private Supplies $supplies, private OwnPlans $plans)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $used = $this->supplies->used($user);
        $usedIn = [];
        foreach ($this->plans->of($user) as [, $plan]) {
            foreach (array_keys($plan->products) as $jar) {
                $usedIn[$jar][] = $plan->build->name;
            }
        }
        $jars = $user->jars
            ->sortBy(static fn (Jar $jar) => $jar->product->name, SORT_NATURAL | SORT_FLAG_CASE)
            ->map(static fn (Jar $jar) => [
                ...self::standing($jar, $used),
                'usedIn' => $usedIn[$jar->code] ?? [],
            ]);

        return new JsonResponse(['jars' => array_values($jars->all())]);
    }

    public function keep(StockRequest $request, string $jar): JsonResponse
    {
        $user = CurrentUser::of($request);
        $own = $user->jars()->where('code', $jar)->first() ??
            throw new NotFoundHttpException('There is no such jar on your shelf.');
        $expected = $this->supplies->used($user, 1.0)[$jar] ?? 0.0;
        $shown = Supplies::left($own, $this->supplies->used($user));
        $was = $own->left_ml;
        $own->update(Jar::columns($request->stock()));
        // Who changes the price sends along what was shown, and has not looked into the jar.
        if ($shown === null || $own->left_ml === null || abs($own->left_ml - $shown) > self::SHOWN) {
            $this->noteUse($own, $was, $expected);
        }

        // What was just typed is what is left.
        return new JsonResponse([...self::standing($own, []), 'usedIn' => []]);
    }

    /** What the jar has lost since it was last looked at is an observation of how much paint its owner takes. */
    private function noteUse(Jar $jar, ?float $was, float $expected): void
    {
        // One that holds more than it did was filled up, and a drop or two is less than anybody can read off.
        if ($was !== null && $jar->left_ml !== null && $jar->left_ml < $was && $expected >= self::LEAST_SEEN) {
            PaintUse::query()->create([
                'user_id' => $jar->user_id,
                'jar' => $jar->code,
                'name' => $jar->product->name,
                'expected_ml' => $expected,
                'taken_ml' => $was - $jar->left_ml,
            ]);
        }
    }

    /** What the plans of all builds still take, and whether the jars do for it. */
    public function supplies(Request $request): JsonResponse
    {
        $request->validate(
            ['build' => ['string', 'max:40'], 'sets' => ['integer', 'min:1', 'max:50']],
            ['sets' => 'From 1 to 50.'],
        );
        $sets = [$request->string('build')->toString() => $request->integer('sets', 1)];

        return new JsonResponse($this->supplies->of(CurrentUser::of($request), $sets));
    }

    /**
     * @param  array<string, float>  $used  ml taken since somebody looked, by jar
     * @return array<string, mixed>
     */
    private static function standing(Jar $jar, array $used): array
    {
        $own = new OwnJar($jar->product, $jar->stock()->with(leftMl: Supplies::left($jar, $used)));
        $goesOff = $own->stock->goesOffOn($jar->product->material);

        return [
            ...OwnShelfFile::writeJar($own),
            'isFor' => ($own->stock->role ?? JarRole::of($jar->product->material))->value,
            'goesOffOn' => $goesOff,
            'isOff' => $goesOff !== null && $goesOff < now()->format('Y-m-d'),
        ];
    }
}
