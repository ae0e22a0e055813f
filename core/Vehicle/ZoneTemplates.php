<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Chemistry\Substrate;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;

/** The zones a build starts with. Areas were measured on paper models at 1:35 and go with the square of the scale. */
final class ZoneTemplates
{
    private const MEASURED_AT = 35;

    /** @return list<Zone> */
    public static function for(VehicleKind $kind, int $scale): array
    {
        $factor = (self::MEASURED_AT / $scale) ** 2;
        $zones = [];
        foreach (self::rows($kind) as [$name, $zoneKind, $area, $depicts]) {
            $substrate = $zoneKind === ZoneKind::Tyres ? Substrate::Vinyl : Substrate::Polystyrene;
            $zones[] = new Zone(
                id: $zoneKind->value,
                name: $name,
                kind: $zoneKind,
                areaCm2: max(0.1, round($area * $factor, 1)),
                substrate: $substrate,
                depicts: $depicts,
            );
        }

        return $zones;
    }

    /** @return list<array{string, ZoneKind, int, DepictedMaterial}> name, kind, cm² at 1:35, real material */
    private static function rows(VehicleKind $kind): array
    {
        $steel = DepictedMaterial::Steel;
        $tools = ['Tools', ZoneKind::Tools, 12, DepictedMaterial::Wood];
        $stowage = ['Stowage', ZoneKind::Stowage, 30, DepictedMaterial::Canvas];
        $exhaust = ['Exhaust', ZoneKind::Exhaust, 8, $steel];
        $wheels = ['Wheels', ZoneKind::Wheels, 60, $steel];
        $tyres = ['Tyres', ZoneKind::Tyres, 40, DepictedMaterial::Rubber];
        $glass = ['Glass', ZoneKind::Glass, 6, DepictedMaterial::Glass];

        return match ($kind) {
            VehicleKind::Tank => [
                ['Hull top', ZoneKind::HullTop, 90, $steel],
                ['Glacis', ZoneKind::Glacis, 35, $steel],
                ['Hull sides', ZoneKind::HullSides, 110, $steel],
                ['Rear plate', ZoneKind::RearPlate, 30, $steel],
                ['Turret', ZoneKind::Turret, 95, DepictedMaterial::CastSteel],
                ['Barrel', ZoneKind::Barrel, 15, $steel],
                ['Fenders', ZoneKind::Fenders, 55, $steel],
                ['Running gear', ZoneKind::RunningGear, 90, $steel],
                ['Tracks', ZoneKind::Tracks, 120, $steel],
                $exhaust,
                $tools,
                $stowage,
            ],
            VehicleKind::TrackedCarrier => [
                ['Hull top', ZoneKind::HullTop, 70, $steel],
                ['Glacis', ZoneKind::Glacis, 40, $steel],
                ['Hull sides', ZoneKind::HullSides, 120, $steel],
                ['Rear plate', ZoneKind::RearPlate, 35, $steel],
                ['Interior', ZoneKind::Interior, 110, $steel],
                ['Running gear', ZoneKind::RunningGear, 70, $steel],
                ['Tracks', ZoneKind::Tracks, 95, $steel],
                $exhaust,
                $tools,
                $stowage,
            ],
            VehicleKind::HalfTrack => [
                ['Hull sides', ZoneKind::HullSides, 120, $steel],
                ['Engine deck', ZoneKind::EngineDeck, 45, $steel],
                ['Cab', ZoneKind::Cab, 60, $steel],
                ['Load bed', ZoneKind::LoadBed, 90, $steel],
                ['Running gear', ZoneKind::RunningGear, 60, $steel],
                ['Tracks', ZoneKind::Tracks, 70, DepictedMaterial::Rubber],
                $wheels,
                $tyres,
                $exhaust,
                $tools,
                $stowage,
                $glass,
            ],
            VehicleKind::Lorry => [
                ['Cab', ZoneKind::Cab, 95, $steel],
                ['Chassis', ZoneKind::Chassis, 110, $steel],
                ['Load bed', ZoneKind::LoadBed, 130, DepictedMaterial::Wood],
                ['Tilt', ZoneKind::Canvas, 150, DepictedMaterial::Canvas],
                ['Fenders', ZoneKind::Fenders, 40, $steel],
                $wheels,
                $tyres,
                $exhaust,
                $tools,
                $glass,
            ],
            VehicleKind::SomethingElse => [
                ['Body', ZoneKind::HullSides, 120, $steel],
                ['Details', ZoneKind::Tools, 20, $steel],
            ],
            VehicleKind::TestCard => [['Card', ZoneKind::HullSides, 40, $steel]],
            VehicleKind::ScoutCar => [
                ['Hull top', ZoneKind::HullTop, 40, $steel],
                ['Hull sides', ZoneKind::HullSides, 70, $steel],
                ['Glacis', ZoneKind::Glacis, 20, $steel],
                ['Rear plate', ZoneKind::RearPlate, 18, $steel],
                ['Turret', ZoneKind::Turret, 25, $steel],
                ['Fenders', ZoneKind::Fenders, 30, $steel],
                $wheels,
                $tyres,
                $exhaust,
                $tools,
                $stowage,
            ],
        };
    }
}
