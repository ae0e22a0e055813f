<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Vehicle\Measure\Measurement;

/** The zones a build starts with: those that its vehicle has, with their areas as measured on it. */
final class ZoneTemplates
{
    /** m² of the real thing, below which nobody plans a finish of its own: the glass of periscopes. */
    private const LEAST = 0.12;

    /** In the order of the board: from the body to what runs, then what is carried. */
    private const ORDER = [
        ZoneKind::HullTop,
        ZoneKind::EngineDeck,
        ZoneKind::Glacis,
        ZoneKind::HullSides,
        ZoneKind::RearPlate,
        ZoneKind::Turret,
        ZoneKind::Barrel,
        ZoneKind::Cab,
        ZoneKind::LoadBed,
        ZoneKind::Interior,
        ZoneKind::Fenders,
        ZoneKind::Skirts,
        ZoneKind::Chassis,
        ZoneKind::RunningGear,
        ZoneKind::Wheels,
        ZoneKind::Tyres,
        ZoneKind::Tracks,
        ZoneKind::SpareLinks,
        ZoneKind::Exhaust,
        ZoneKind::Tools,
        ZoneKind::Stowage,
        ZoneKind::Canvas,
        ZoneKind::Glass,
    ];

    /** @return list<Zone> areas are those to be painted while assemblies are apart */
    public static function for(VehicleKind $kind, int $scale, Measurement $measured): array
    {
        $zones = [];
        foreach (self::ORDER as $zone) {
            $area = $measured->paintable($zone->value);
            if ($area >= self::LEAST) {
                $zones[] = new Zone(
                    id: $zone->value,
                    name: self::name($zone, $kind),
                    kind: $zone,
                    areaCm2: max(0.1, round($area * 10_000.0 / $scale ** 2, 1)),
                    substrate: $zone === ZoneKind::Tyres ? Substrate::Vinyl : Substrate::Polystyrene,
                    depicts: self::depicted($zone, $kind),
                    traffic: self::traffic($zone),
                    sheltered: $zone === ZoneKind::Interior || $zone === ZoneKind::Chassis,
                );
            }
        }

        return $zones;
    }

    private static function name(ZoneKind $zone, VehicleKind $kind): string
    {
        return match (true) {
            $kind === VehicleKind::TestCard => 'Card',
            $kind === VehicleKind::SomethingElse && $zone === ZoneKind::HullTop => 'Top',
            $kind === VehicleKind::SomethingElse && $zone === ZoneKind::Glacis => 'Front',
            $kind === VehicleKind::SomethingElse && $zone === ZoneKind::HullSides => 'Sides',
            $kind === VehicleKind::SomethingElse && $zone === ZoneKind::RearPlate => 'Rear',
            $kind === VehicleKind::WheeledGun && $zone === ZoneKind::HullSides => 'Shield',
            $kind === VehicleKind::WheeledGun && $zone === ZoneKind::Chassis => 'Carriage',
            $kind === VehicleKind::Lorry && $zone === ZoneKind::Canvas => 'Tilt',
            default => ucfirst(str_replace('-', ' ', $zone->value)),
        };
    }

    /** Where a crew climbs, loads and opens hatches, and where nobody gets to. */
    private static function traffic(ZoneKind $zone): Traffic
    {
        return match ($zone) {
            ZoneKind::HullTop, ZoneKind::Fenders, ZoneKind::Turret, ZoneKind::LoadBed, ZoneKind::Cab,
            ZoneKind::Interior, ZoneKind::Tools => Traffic::Heavy,
            ZoneKind::Barrel, ZoneKind::Chassis, ZoneKind::Glass, ZoneKind::Exhaust => Traffic::None,
            default => Traffic::Light,
        };
    }

    private static function depicted(ZoneKind $zone, VehicleKind $kind): DepictedMaterial
    {
        return match ($zone) {
            ZoneKind::Tyres => DepictedMaterial::Rubber,
            ZoneKind::Glass => DepictedMaterial::Glass,
            ZoneKind::Tools => DepictedMaterial::Wood,
            ZoneKind::Canvas => DepictedMaterial::Canvas,
            ZoneKind::Tracks => $kind === VehicleKind::HalfTrack ? DepictedMaterial::Rubber : DepictedMaterial::Steel,
            ZoneKind::LoadBed => $kind === VehicleKind::Lorry ? DepictedMaterial::Wood : DepictedMaterial::Steel,
            ZoneKind::Turret => $kind === VehicleKind::Tank ? DepictedMaterial::CastSteel : DepictedMaterial::Steel,
            ZoneKind::HullTop,
            ZoneKind::Glacis,
            ZoneKind::HullSides,
            ZoneKind::RearPlate,
            ZoneKind::Barrel,
            ZoneKind::Fenders,
            ZoneKind::Skirts,
            ZoneKind::EngineDeck,
            ZoneKind::RunningGear,
            ZoneKind::Wheels,
            ZoneKind::SpareLinks,
            ZoneKind::Exhaust,
            ZoneKind::Stowage,
            ZoneKind::Interior,
            ZoneKind::Cab,
            ZoneKind::Chassis => DepictedMaterial::Steel,
        };
    }
}
