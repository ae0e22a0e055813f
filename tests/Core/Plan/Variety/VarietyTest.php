<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Sight\NeighboursAlike;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Variety\Band;
use Ulvrach\Plan\Variety\PanelMixes;
use Ulvrach\Plan\Variety\Tinter;
use Ulvrach\Plan\Variety\Tinting;
use Ulvrach\Plan\Variety\Tints;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;

/** @return array<string, array{array<string, mixed>}> graphs of panels with what an exact search found */
function solvedPanels(): array
{
    $problems = json_decode((string) file_get_contents(__DIR__.'/solved.json'), true);
    $named = [];
    foreach (is_array($problems) ? $problems : [] as $problem) {
        $named[$problem['name']] = [$problem];
    }

    return $named;
}

/**
 * All tintings of a small graph, the best by the four aims in their order.
 *
 * @param  list<array{int, int}>  $edges
 * @param  non-empty-list<Lab>  $mixes
 * @param  array<int, int>  $locked
 * @return array{int, float, int, float} alike, least difference (at most 8), most used, sum
 */
function bestTinting(int $panels, array $edges, array $mixes, array $locked): array
{
    $best = null;
    for ($code = 0; $code < count($mixes) ** $panels; $code++) {
        $of = [];
        for ($panel = 0, $rest = $code; $panel < $panels; $panel++, $rest = intdiv($rest, count($mixes))) {
            $of[] = $rest % count($mixes);
        }
        if (array_intersect_assoc($locked, $of) !== $locked) {
            continue;
        }
        [$alike, $least, $sum] = [0, 8.0, 0.0];
        foreach ($edges as [$one, $other]) {
            $difference = $mixes[$of[$one]]->differenceTo($mixes[$of[$other]]);
            $alike += $difference <= 0.0 ? 1 : 0;
            $least = min($least, $difference);
            $sum += $difference;
        }
        $here = [-$alike, round($least, 9), -max(array_count_values($of)), round($sum, 6)];
        $best = $best === null || $here > $best ? $here : $best;
    }
    $best ?? throw new LogicException('There is always a tinting.');

    return [-$best[0], $best[1], -$best[2], $best[3]];
}

it('gives neighbours mixes as far apart as an exact search does', function (array $problem) {
    $mixes = array_map(static fn (array $lab) => new Lab(...array_map(floatval(...), $lab)), $problem['mixes']);
    $plain = (new Tinter($problem['panels'], $problem['edges'], $mixes))->solve();
    $widest = (new Tinter($problem['panels'], $problem['edges'], $mixes, plainly: INF))->solve();

    expect($widest->least)->toEqualWithDelta($problem['least'], 1e-4)
        ->and($widest->isProved)->toBeTrue()
        ->and($plain->mostUsed)->toBe($problem['mostUsed'])
        ->and($plain->least)->toBeGreaterThanOrEqual(min(8.0, $problem['least']) - 1e-6)
        ->and($plain->alike)->toBe(0)
        ->and($plain->isProved)->toBeTrue();
})->with(solvedPanels());

it('finds the best of all tintings of a few panels, whatever they are', function (int $seed) {
    mt_srand($seed);
    $panels = mt_rand(2, 6);
    $mixes = [];
    for ($mix = mt_rand(2, 4); $mix > 0; $mix--) {
        $mixes[] = new Lab(mt_rand(30, 60), mt_rand(0, 12), mt_rand(5, 25));
    }
    $edges = [];
    for ($one = 0; $one < $panels; $one++) {
        for ($other = 0; $other < $one; $other++) {
            if (mt_rand(0, 99) < 50) {
                $edges[] = [$other, $one];
            }
        }
    }
    $locked = $seed % 3 === 0 ? [mt_rand(0, $panels - 1) => mt_rand(0, count($mixes) - 1)] : [];
    [$alike, $least, $mostUsed, $sum] = bestTinting($panels, $edges, $mixes, $locked);
    $found = (new Tinter($panels, $edges, $mixes, $locked))->solve();

    expect($found->alike === 0)->toBe($alike === 0)
        ->and(array_intersect_assoc($locked, $found->mixes))->toBe($locked);
    if ($alike === 0) {
        expect(min(8.0, $found->least ?? 8.0))->toEqualWithDelta($least, 1e-6)
            ->and($found->mostUsed)->toBe($mostUsed)
            ->and($found->sum)->toEqualWithDelta($sum, 1e-5)
            ->and($found->isProved)->toBeTrue();
    }
})->with(range(1, 60));

it('tints forty panels so that no two neighbours share a mix', function () {
    // A grid of 5 × 8 plates, each beside those above, below, left and right.
    $edges = [];
    for ($panel = 0; $panel < 40; $panel++) {
        $panel % 8 < 7 && ($edges[] = [$panel, $panel + 1]);
        $panel < 32 && ($edges[] = [$panel, $panel + 8]);
    }
    $mixes = [];
    foreach ([[35, 9, 14], [54, 13, 40], [80, 1, 12], [45, 4, 20], [62, 3, 26], [40, 2, 8], [70, 6, 30]] as $lab) {
        $mixes[] = new Lab(...array_map(floatval(...), $lab));
    }
    $found = (new Tinter(40, $edges, $mixes))->solve();

    expect($found->alike)->toBe(0)
        ->and($found->least)->toBeGreaterThanOrEqual(8.0)
        ->and($found->mostUsed)->toBe(6);
});

it('says how many neighbours stay alike where there are too few mixes', function () {
    $triangle = [[0, 1], [1, 2], [0, 2]];
    $found = (new Tinter(3, $triangle, [new Lab(30.0, 0.0, 0.0), new Lab(70.0, 0.0, 0.0)]))->solve();

    expect($found->alike)->toBe(1)->and($found->least)->toBe(0.0);
});

it('has nothing to do without panels, and one mix for all without neighbours', function () {
    $lab = [new Lab(30.0, 0.0, 0.0)];

    expect((new Tinter(0, [], $lab))->solve())->toEqual(new Tinting([], 0, null, 0, 0.0, true))
        ->and((new Tinter(3, [], $lab))->solve()->mixes)->toBe([0, 0, 0]);
});

it('makes as many mixes of n jars as it should', function (int $count, int $mixes) {
    $oils = array_slice(oilsToMix(), 0, $count);

    expect(Tints::inEqualParts($oils)->mixes)->toHaveCount($mixes)
        ->and(Tints::inEqualParts($oils)->toldApart())->toBeLessThanOrEqual($mixes);
})->with([[1, 1], [2, 3], [3, 7], [4, 14], [5, 25], [6, 41]]);

it('lays each mix as a step on its panels, and no neighbours read as one', function () {
    $below = "prime primer on hull\nspray-colour acrylic on hull, 2 coats\nclear-coat satin on hull";
    $plan = PlanKit::plan("{$below}\noil-dots oil on hull");
    $tinted = $plan->steps[3]->id;
    $mixes = new PanelMixes($plan, ['hull'], array_slice(oilsToMix(), 0, 3), ['bow' => 1]);
    foreach ($mixes->edits(3) as $edit) {
        expect($edit instanceof InsertStep ? $edit->step->extent?->panels : null)->not->toBe([]);
        $plan = $edit->applyTo($plan);
    }
    $bow = array_values(array_filter(
        $plan->steps,
        static fn ($step) => in_array('bow', $step->extent->panels ?? [], true),
    ));
    $said = array_map(static fn ($finding) => $finding->code, (new Evaluator())->evaluate($plan)->findings);

    // The step that was tinted is one of them: whoever looks at it still does.
    expect($plan->indexOf($tinted))->toBe(3)
        ->and($bow)->toHaveCount(1)
        ->and($plan->productOf($bow[0])?->id)->toBe('oil-b')
        ->and($said)->not->toContain(NeighboursAlike::CODE);
});

it('keeps tones of the first jar so far from each other, and no farther', function (Band $band) {
    $tints = Tints::within(oilsToMix(), $band);

    expect(count($tints->colours))->toBeGreaterThan(3)
        ->and($tints->parts[0])->toBe(['oil-a' => 1]);
    foreach ($tints->colours as $place => $one) {
        foreach (array_slice($tints->colours, $place + 1) as $other) {
            expect($one->differenceTo($other))->toBeGreaterThanOrEqual($band->least())
                ->toBeLessThanOrEqual($band->most());
        }
        // Mostly the first: a tone of it, and not another paint.
        expect($tints->parts[$place]['oil-a'] ?? 0)->toBeGreaterThanOrEqual(max($tints->parts[$place]));
    }
})->with([[Band::Faintly], [Band::Clearly]]);

it('tints panels faintly without any of them reading as its neighbour, and strongly as it did', function () {
    $plan = PlanKit::plan('prime primer on hull
spray-colour acrylic on hull, 2 coats
oil-dots oil on hull');
    $faint = new PanelMixes($plan, ['hull'], oilsToMix(), band: Band::Faintly);
    foreach ($faint->edits(2) as $edit) {
        $plan = $edit->applyTo($plan);
    }
    $said = array_map(static fn ($finding) => $finding->code, (new Evaluator())->evaluate($plan)->findings);

    expect($faint->tinting->alike)->toBe(0)
        ->and($faint->tinting->least)->toBeGreaterThanOrEqual(2.0)->toBeLessThanOrEqual(4.0)
        ->and($said)->not->toContain(NeighboursAlike::CODE)
        ->and(Tints::within(oilsToMix(), Band::Strongly)->mixes)->toHaveCount(41);
});

it('begins with the paint of the step and what is near it, of its family and purpose', function () {
    $green = new Product('green-one', 'Green', PlanKit::products()['acrylic']->material);
    $paint = static fn (string $id, string $hex): Product => new Product(
        $id,
        $id,
        $green->material->with(colour: Lab::fromHex($hex)),
    );
    $jars = [
        $paint('far', '#f4f1e4'),
        $green,
        $paint('near', '#6f7a58'),
        $paint('same', '#566044'),
        ...oilsToMix(),
        PlanKit::products()['wash'],
    ];
    $step = PlanKit::plan('spray-colour acrylic on hull')->steps[0]->with(product: 'green-one');

    expect(array_map(static fn (Product $jar) => $jar->id, PanelMixes::toBeginWith($step, $jars)))
        ->toBe(['green-one', 'near', 'far']);
});

/** @return list<Product> */
function oilsToMix(): array
{
    $oil = PlanKit::products()['oil']->material;
    $oils = [];
    foreach (['#f1ece0', '#4d3523', '#9a6b3a', '#5a5f62', '#7c4a2c', '#c8a24a'] as $place => $hex) {
        $oils[] = new Product(
            id: 'oil-'.chr(97 + $place),
            name: "Oil {$place}",
            material: new Material(
                family: $oil->family,
                carrier: $oil->carrier,
                sheen: $oil->sheen,
                colour: Lab::fromHex($hex),
            ),
        );
    }

    return $oils;
}
