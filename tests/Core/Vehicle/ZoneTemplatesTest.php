<?php

declare(strict_types=1);

use Tests\Core\Vehicle\Usual;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\ZoneTemplates;

it('gives every kind of vehicle zones with names and ids of their own', function (VehicleKind $kind) {
    $zones = ZoneTemplates::for($kind, 35, Usual::of($kind));

    expect(count($zones))
        ->toBeGreaterThanOrEqual(match ($kind) {
            VehicleKind::TestCard => 1,
            VehicleKind::SomethingElse => 4,
            VehicleKind::WheeledGun => 6,
            default => 9,
        })
        ->and(array_unique(array_column($zones, 'id')))
        ->toHaveCount(count($zones))
        ->and(array_unique(array_column($zones, 'name')))
        ->toHaveCount(count($zones));
})->with(VehicleKind::cases());

it('shrinks areas with the square of the scale', function () {
    $measured = Usual::of(VehicleKind::Lorry);
    $large = ZoneTemplates::for(VehicleKind::Lorry, 35, $measured);
    $small = ZoneTemplates::for(VehicleKind::Lorry, 70, $measured);

    expect($small)->toHaveCount(count($large));
    foreach ($large as $place => $zone) {
        expect($small[$place]->areaCm2)->toEqualWithDelta($zone->areaCm2 / 4, 0.05 + 1e-9);
    }
});

it('gives zones to what a vehicle has, and none to what it has not', function () {
    $zonesOf = static fn (array $form) => array_column(
        ZoneTemplates::for(VehicleKind::Lorry, 35, Usual::of(VehicleKind::Lorry, $form)),
        'name',
    );

    expect($zonesOf(['tilt' => 1]))->toContain('Tilt')->and($zonesOf(['tilt' => 0]))->not->toContain('Tilt');
});
