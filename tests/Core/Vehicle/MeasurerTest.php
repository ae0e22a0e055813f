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
        ->and($cube->zones['turret']->low)->toEqualWithDelta(4 * 0.4 + 1.0, 0.06)
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

it('finds the plates of a box, and which meet along how many metres', function () {
    $plates = measured(
        static fn (Modeller $make) => $make->on(ZoneKind::HullSides, 'hull')->box('box', 0, 3000, 0, 1000, -500, 500),
    )->plates;
    $byName = array_column($plates, null, 'name');

    expect(array_keys($byName))->toEqualCanonicalizing(
        ['box, front', 'box, rear', 'box, left', 'box, right', 'box, top', 'box, underside'],
    )
        ->and($byName['box, top']->area)->toEqualWithDelta(3.0, 1e-9)
        ->and($byName['box, front']->area)->toEqualWithDelta(1.0, 1e-9);
    foreach ($plates as $plate) {
        // All but the one across, and each edge as long as it is.
        expect($plate->neighbours)->toHaveCount(4)
            ->and(array_sum($plate->neighbours))
            ->toEqualWithDelta(in_array($plate->name, ['box, front', 'box, rear'], true) ? 4.0 : 8.0, 1e-9);
    }
});

it('calls a plate the same while measures change, and tells those of one part and side apart', function () {
    $codes = static fn (float $length) => array_column(
        measured(static function (Modeller $make) use ($length) {
            $make->on(ZoneKind::HullSides, 'hull')->box('box', 0, $length, 0, 1000, -500, 500);
            $make->on(ZoneKind::HullSides, 'hull')->box('box', 0, $length / 2, 2000, 2900, -500, 500);
        })->plates,
        'code',
    );

    expect($codes(3000))
        ->toEqualCanonicalizing($codes(4000))
        ->toContain('hull-sides-box-top', 'hull-sides-box-top-2', 'hull-sides-box-front')
        // Nobody sees the underside of the upper box.
        ->and(array_unique($codes(3000)))
        ->toHaveCount(11);
});

it('measures the edges that stand out, and tells who wears them', function () {
    $edges = static fn (string $part, float $low) => measured(
        static fn (Modeller $make) => $make->on(ZoneKind::HullTop, 'hull')
            ->box($part, 0, 1000, $low, $low + 1000, -500, 500),
    )->edges['hull-top'];
    $box = $edges('box', 0);

    expect($box->all)->toEqualWithDelta(12.0, 1e-9)
        // Feet come to the upper four; the outside is reached up to 1.7 m.
        ->and($box->trodden)->toEqualWithDelta(4.0, 1e-9)
        ->and($box->brushed)->toEqualWithDelta(12.0, 1e-9)
        ->and($box->handled)->toBe(0.0)
        ->and($edges('roof hatch', 0)->handled)->toEqualWithDelta(12.0, 1e-9)
        ->and($edges('box', 1750)->brushed)->toBe(0.0)
        ->and($edges('box', 1750)->trodden)->toBe(0.0);
});

it('counts no edge of a hollow, and nothing that is hidden', function () {
    // An angle plate: six corners, of which one looks inwards.
    $angle = measured(static fn (Modeller $make) => $make->on(ZoneKind::Fenders, 'hull')->prism(
        'angle',
        [[0.0, 0.0], [1000.0, 0.0], [1000.0, 500.0], [500.0, 500.0], [500.0, 1000.0], [0.0, 1000.0]],
        -500.0,
        500.0,
    ));
    $hidden = measured(static function (Modeller $make): void {
        $make->on(ZoneKind::HullTop, 'hull')->box('outer', 0, 1000, 0, 1000, -500, 500);
        $make->on(ZoneKind::Turret, 'hull')->box('inner', 200, 800, 200, 800, -300, 300);
    });

    // Two outlines of four metres, and five of the six metres that join their corners.
    expect($angle->edges['fenders']->all)->toEqualWithDelta(8.0 + 5.0, 1e-9)
        ->and($hidden->edges)->not->toHaveKey('turret')
        ->and(array_column($hidden->plates, 'zone'))->not->toContain('turret');
});
