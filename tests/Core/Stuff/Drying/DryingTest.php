<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Drying\OutsideModelRange;

it('comes out exactly at the reference', function (string $name) {
    $row = CureTable::rows()[$name];
    $at = $row->at(Air::reference());

    expect([$at->touchDry, $at->recoatable, $at->solventProof])->toBe([
        $row->touchDry,
        $row->recoatable,
        $row->solventProof,
    ]);
})->with(fn () => array_keys(CureTable::rows()));

it('follows its law', function (DryingLaw $law, Air $air, float $pace) {
    expect(round(DryingModel::pace($law, $air), 2))->toBe($pace);
})->with([
    'oxygen works twice as fast ten degrees warmer' => [DryingLaw::Oxygen, fn () => Air::at(30, 50), 2.0],
    'humidity is nothing to a lacquer' => [DryingLaw::Solvent, fn () => Air::at(20, 90), 1.0],
    'water at 75 % leaves half as fast as at 50 %' => [DryingLaw::Water, fn () => Air::at(20, 75), 0.5],
    // es(30 °C) / es(20 °C) = 4243 / 2339 Pa
    'water leaves with the deficit of the air' => [DryingLaw::Water, fn () => Air::at(30, 50), 1.82],
    'a fan helps what evaporates' => [DryingLaw::Spirit, fn () => Air::at(20, 50, true), 1.5],
    'and not what takes up oxygen' => [DryingLaw::Oxygen, fn () => Air::at(20, 50, true), 1.0],
    'nothing changes what need not dry' => [DryingLaw::None, fn () => Air::at(5, 90), 1.0],
]);

it('never dries faster when it is colder', function (DryingLaw $law) {
    for ($celsius = 6.0; $celsius <= 45.0; $celsius += 0.5) {
        expect(DryingModel::pace($law, Air::at($celsius - 0.5, 50)))->toBeLessThanOrEqual(
            DryingModel::pace($law, Air::at($celsius, 50)),
        );
    }
})->with(DryingLaw::cases());

it('never dries water faster when it is damper', function () {
    for ($percent = 11.0; $percent <= 95.0; $percent++) {
        expect(DryingModel::pace(DryingLaw::Water, Air::at(20, $percent)))->toBeLessThanOrEqual(
            DryingModel::pace(DryingLaw::Water, Air::at(20, $percent - 1)),
        );
    }
});

it('never dries faster when it is thicker, and oil far slower', function (DryingLaw $law) {
    for ($coats = 0.5; $coats <= 6.0; $coats += 0.5) {
        expect(DryingModel::thickness($law, $coats))->toBeLessThanOrEqual(DryingModel::thickness($law, $coats + 0.5));
    }
    expect(DryingModel::thickness($law, 0.4))
        ->toBe(1.0)
        ->and(DryingModel::thickness(DryingLaw::Oxygen, 3.0))
        ->toBe(9.0)
        ->and(DryingModel::thickness(DryingLaw::Water, 3.0))
        ->toBe(3.0);
})->with(DryingLaw::cases());

it('goes on from where it was when the air changes', function () {
    $cold = Air::at(10, 50);
    $warm = Air::at(30, 50);
    // Oxygen: 0.476 of the pace at 10 °C, twice the pace at 30 °C.
    expect(DryingModel::through(DryingLaw::Oxygen, 1000, [[1000, $cold], [null, $warm]]))
        ->toBe(1000 + 262)
        ->and(DryingModel::through(DryingLaw::Oxygen, 1000, [[300, $warm], [300, $cold], [null, $warm]]))
        ->toBe(300 + 300 + 129)
        ->and(DryingModel::through(DryingLaw::Oxygen, 1000, [[5000, $warm], [null, $cold]]))
        ->toBe(500);
});

it('warms the same air in a cabinet, which makes it drier', function () {
    $cabinet = Air::at(20, 50)->warmedTo(40);
    expect($cabinet->humidityPercent)->toBeLessThan(20.0)->and($cabinet->moving)->toBeTrue();
});

it('says so instead of guessing outside its range', function (float $celsius, float $percent) {
    Air::at($celsius, $percent);
})
    ->with([[4.9, 50], [46, 50], [NAN, 50], [20, 9], [20, 96]])
    ->throws(OutsideModelRange::class);

it('shortens the wait at a warm bench, and with retarder lengthens it', function () {
    $plan = PlanKit::plan(
        "prime primer on hull\nspray-colour acrylic on hull\nspray-colour brown on hull, thinned "
            ."wetted-water\nspray-colour acrylic on hull",
    );
    $start = static fn (BenchConditions $bench): int => (new Walker())->walk($plan->with(bench: $bench))
        ->times[3]->start;

    expect($start(new BenchConditions(28, 50)))
        ->toBeLessThan($start(new BenchConditions(20, 50)))
        ->and($start(new BenchConditions(20, 80)))
        ->toBeGreaterThan($start(new BenchConditions(20, 50)))
        ->and($start(new BenchConditions(20, 50, false, 42)))
        ->toBeLessThan($start(new BenchConditions(20, 50)));
    $times = (new Walker())->walk($plan)->times;
    expect($times[3]->ready - $times[2]->end)
        ->toBe(75)
        ->and($times[2]->ready - $times[1]->end)
        ->toBe(30);
});

it('moves every window with the room', function () {
    $plan = PlanKit::plan(
        "prime primer on hull\nspray-colour brown on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on "
            ."hull, 1 coat\nlift-off on hull\nclear-coat gloss on hull\nenamel-wash wash on hull, clean spirit 25min",
    );
    $said = static fn (float $celsius): array => PlanKit::say(
        (new Evaluator())->evaluate($plan->with(bench: new BenchConditions($celsius, 50))),
    );
    $closes = static function (float $celsius) use ($plan): int {
        $times = (new Walker())->walk($plan->with(bench: new BenchConditions($celsius, 50)))->times;

        return (int) $times[4]->closes - $times[3]->end;
    };

    expect($closes(30))
        ->toBeLessThan($closes(20))
        ->and($closes(20))
        ->toBe(360)
        ->and(implode(' ', $said(20)))
        ->not->toContain('cleaned-outside-window')
        ->and(implode(' ', $said(10)))
        ->toContain('risk cleaned-outside-window 7');
});
