<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Tests\Core\SimulatedModeller;
use Ulvrach\Physics\Evaluation\Observed;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Report\DiaryReport;
use Ulvrach\Stuff\Drying\OwnTimes;

const DULLING = "prime primer on hull\nspray-colour acrylic on hull, wait 1d\nclear-coat gloss on hull, wait 1d\n".
    'enamel-wash wash on hull, wait 2d, clean spirit 30min';
const START = 29_924_640;

/** A walk on which these things happened at these minutes. @param  list<array{string, EntryKind, int}>  $happened */
function happened(array $happened, ?Plan $plan = null): Walk
{
    $plan ??= PlanKit::plan(DULLING);
    $entries = array_map(
        static fn (array $one) => PlanKit::entry($one[0], $one[1], START + $one[2], $plan),
        $happened,
    );

    return (new Walker())->walk($plan, new Log($entries));
}

/** @return list<string> "step minutes", in order */
function signsSeen(Walk $walk): array
{
    return array_map(static fn (Observed $one) => "{$one->step} {$one->minutes}", Observed::of($walk));
}

it('counts a wash from its last stroke to the moment at which it was seen to be dull', function () {
    $walk = happened([
        ['s4', EntryKind::Begun, 0],
        ['s4', EntryKind::Laid, 30],
        ['s4', EntryKind::Ready, 55],
        ['s4', EntryKind::Ready, 70],
    ]);
    $window = $walk->situations[3]->shortestCleanUpWindow();

    // Only the first time that it was seen says how long it took.
    expect(signsSeen($walk))
        ->toBe(['s4 25'])
        ->and(Observed::of($walk)[0]->expected)
        ->toBe(sqrt($window->earliest * $window->surely))
        ->and(signsSeen(happened([['s4', EntryKind::Ready, 55]])))
        ->toBe([])
        ->and(signsSeen(happened([['s4', EntryKind::Laid, 60], ['s4', EntryKind::Ready, 55]])))
        ->toBe([]);
});

it('counts any other film from its end to the moment at which it was dry to the touch', function () {
    $walk = happened([['s2', EntryKind::Finished, 0], ['s2', EntryKind::Ready, 40]]);
    $layer = $walk->layers[1];

    expect(signsSeen($walk))
        ->toBe(['s2 40'])
        ->and(Observed::of($walk)[0]->expected)
        ->toBe(sqrt(max(1, $layer->soonest[0] - $layer->laidAt) * ($layer->touchDryAt - $layer->laidAt)))
        // What is not in the plan, or leaves no film, dries nowhere.
        ->and(signsSeen(happened([['gone', EntryKind::Finished, 0], ['gone', EntryKind::Ready, 40]])))
        ->toBe([]);
});

it('says the same of a jar whether its own times count already or not', function () {
    $happened = [
        ['s2', EntryKind::Finished, 0],
        ['s2', EntryKind::Ready, 40],
        ['s4', EntryKind::Laid, 5000],
        ['s4', EntryKind::Ready, 5030],
    ];
    $plan = PlanKit::plan(DULLING);
    $before = DiaryReport::dryings(['b' => happened($happened)]);
    $products = $plan->products;
    $works = (new Walker())->walk($plan)->situations;
    foreach ([['acrylic', 1, 0], ['wash', 3, 1]] as [$jar, $index, $place]) {
        $table = $works[$index]->work->dryingRow();
        $times = OwnTimes::scaled($table, $before[$place]['ratio'], DiaryReport::OWN_LOG);
        $products[$jar] = $products[$jar]->drying($times);
    }
    $after = DiaryReport::dryings(['b' => happened($happened, $plan->with(products: $products))]);

    expect(array_column($before, 'jar'))
        ->toBe(['acrylic', 'wash'])
        ->and(array_column($before, 'isCounted'))
        ->toBe([false, false])
        ->and(array_column($after, 'isCounted'))
        ->toBe([true, true]);
    foreach ([0, 1] as $place) {
        expect($after[$place]['ratio'] / $before[$place]['ratio'])->toBeGreaterThan(0.9)->toBeLessThan(1.1);
    }
});

it('opens the window of a wash as much later as it dulls', function () {
    $plan = PlanKit::plan(DULLING);
    $table = (new Walker())->walk($plan)->situations[3]->work->dryingRow();
    $slow = $plan->products['wash']->drying(OwnTimes::scaled($table, 2.0, DiaryReport::OWN_LOG));
    $window = static fn (Plan $plan) => (new Walker())->walk($plan)->situations[3]->shortestCleanUpWindow();
    $usual = $window($plan);
    $own = $window($plan->with(products: [...$plan->products, 'wash' => $slow]));

    expect($own->surely)
        ->toBe(2 * $usual->surely)
        ->and($own->latest)
        ->toBe(2 * $usual->latest)
        ->and($plan->products['wash']->drying(null))
        ->toEqual($plan->products['wash']);
});

it('at least halves the error of a drying time with ten observations; a careless press does little', function (
    float $truth,
) {
    $before = $after = 0.0;
    for ($seed = 0; $seed < 30; $seed++) {
        $modeller = new SimulatedModeller($truth, new Random\Randomizer(new Random\Engine\Mt19937($seed)));
        $observations = array_map(
            static fn (float $ratio, int $number) => [
                'key' => "drying {$number}",
                'own' => 20.0 * $ratio,
                'usual' => 20,
            ],
            $modeller->observe(10),
            array_keys(range(1, 10)),
        );
        $before += abs(log($truth));
        $careful = DiaryReport::estimate($observations, [])['ratio'];
        $after += abs(log($careful) - log($truth));
        $forgotten = [...$observations, ['key' => 'drying 11', 'own' => 2000, 'usual' => 20]];
        expect(abs(DiaryReport::estimate($forgotten, [])['ratio'] / $careful - 1.0))
            ->toBeLessThan(0.09)
            // Left out, it does nothing at all.
            ->and(DiaryReport::estimate($forgotten, ['drying 11'])['ratio'])
            ->toBe($careful);
    }
    expect($after / $before)->toBeLessThan(0.5);
})->with([0.6, 1.6, 2.0]);

it('takes as much more paint as somebody takes', function () {
    $plan = PlanKit::plan(DULLING);
    $usual = Takes::of($plan);
    $own = Takes::of($plan, own: 1.4);

    expect($own)->toHaveCount(count($usual));
    foreach ($usual as $place => $take) {
        expect($own[$place]->jarMl)->toEqualWithDelta(1.4 * $take->jarMl, 1e-9);
    }
});
