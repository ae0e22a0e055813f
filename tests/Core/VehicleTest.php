<?php

declare(strict_types=1);

use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\ZoneTemplates;

it('gives every kind of vehicle zones with names and ids of their own', function (VehicleKind $kind) {
    $zones = ZoneTemplates::for($kind, 35);

    expect(count($zones))
        ->toBeGreaterThan($kind === VehicleKind::SomethingElse || $kind === VehicleKind::TestCard ? 0 : 8)
        ->and(array_unique(array_column($zones, 'id')))
        ->toHaveCount(count($zones));
})->with(VehicleKind::cases());

it('shrinks areas with the square of the scale', function () {
    expect(ZoneTemplates::for(VehicleKind::Tank, 70)[0]->areaCm2)
        ->toBe(22.5)
        ->and(ZoneTemplates::for(VehicleKind::Tank, 35)[0]->areaCm2)
        ->toBe(90.0);
});
