<?php

declare(strict_types=1);

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Measure\Measurement;
use Ulvrach\Vehicle\Measure\Measurer;
use Ulvrach\Vehicle\Modeller;

/** @param  Closure(Modeller): void  $build */
function measured(Closure $build): Measurement
{
    $modeller = new Modeller();
    $build($modeller);

    return Measurer::measure($modeller->mesh());
}

it('measures a cube', function () {
    $cube = measured(
        static fn (Modeller $make) => $make->on(ZoneKind::Turret, 'turret')->box('cube', 0, 1000, 500, 1500, -500, 500),
    );
    $zone = $cube->zones['turret'];

    expect($zone->area)->toEqualWithDelta(6.0, 1e-9)
        ->and($zone->upward)->toEqualWithDelta(1 / 6, 1e-9)
        ->and($zone->overhung)->toEqualWithDelta(1 / 6, 1e-9)
        ->and($zone->upright())->toEqualWithDelta(4 / 6, 1e-9)
        ->and($zone->mean)->toEqualWithDelta(1000.0, 1e-6)
        ->and([$zone->lowest, $zone->highest])->toEqual([500.0, 1500.0])
        ->and($cube->neighbours)->toBe([])
        ->and($cube->assemblies)->toHaveKeys(['turret'])
        ->and($zone->onModel(10))->toEqualWithDelta(600.0, 1e-9);
});

it('measures a cylinder: a prism of many sides, a little less than round', function () {
    $radius = 400.0;
    $cylinder = measured(static fn (Modeller $make) => $make->on(ZoneKind::Wheels, 'wheel')->lathe(
        'cylinder',
        [0.0, 1000.0, 0.0],
        'z',
        [[0.0, 0.0], [0.0, $radius], [900.0, $radius], [900.0, 0.0]],
        64,
    ));
    $sides = 64 * 2 * $radius * sin(M_PI / 64) * 900;
    $ends = 64 * $radius ** 2 * sin(2 * M_PI / 64);

    expect($cylinder->zones['wheels']->area)->toEqualWithDelta(($sides + $ends) / 1e6, 1e-9)
        // Within a quarter turn round the upright, as much as without looks down by 0.3.
        ->and($cylinder->zones['wheels']->upward * $cylinder->zones['wheels']->area)
        ->toEqualWithDelta($sides / 4e6, $sides / 60e6);
});

it('finds where two boxes touch, what that hides, and what was painted before', function () {
    $boxes = measured(static function (Modeller $make): void {
        $make->on(ZoneKind::HullTop, 'hull');
        $make->box('lower', 0, 2000, 0, 1000, -500, 500);
        $make->on(ZoneKind::Turret, 'turret');
        $make->box('upper', 500, 1500, 1000, 1500, -500, 500);
    });

    // Two square metres on top, one of them under the upper box.
    expect($boxes->zones['hull-top']->area)->toEqualWithDelta(10.0 - 1.0, 0.02)
        ->and($boxes->zones['turret']->area)->toEqualWithDelta(4.0 - 1.0, 1e-9)
        ->and($boxes->assemblies['hull']['hull-top'])->toEqualWithDelta(10.0, 1e-9)
        ->and($boxes->assemblies['turret']['turret'])->toEqualWithDelta(4.0, 1e-9)
        ->and($boxes->paintable('turret'))->toEqualWithDelta(4.0, 1e-9)
        // They meet along four metres.
        ->and($boxes->neighbours['turret']['hull-top'])->toEqualWithDelta(4.0, 0.5)
        ->and($boxes->neighbours['hull-top'])->toEqual(['turret' => $boxes->neighbours['turret']['hull-top']]);
});

it('calls nothing neighbours that stands apart', function () {
    $boxes = measured(static function (Modeller $make): void {
        $make->on(ZoneKind::HullTop, 'hull');
        $make->box('one', 0, 1000, 0, 1000, -500, 500);
        $make->on(ZoneKind::Turret, 'turret');
        $make->box('other', 1300, 2300, 0, 1000, -500, 500);
    });

    expect($boxes->neighbours)->toBe([]);
});
