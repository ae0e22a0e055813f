<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\ZoneKind;

/** Which zone of a plan a piece of the vehicle belongs to: the first of its kind, else of the kind it is part of. */
final class Belonging
{
    /**
     * @return array<string, string|null> zone id by zone kind; null: the plan has no zone for it
     */
    public static function of(Plan $plan): array
    {
        $first = [];
        foreach ($plan->zones as $zone) {
            $first[$zone->kind->value] ??= $zone->id;
        }
        $belongs = [];
        foreach (ZoneKind::cases() as $kind) {
            $belongs[$kind->value] = null;
            foreach ([$kind, ...self::partOf($kind)] as $candidate) {
                if (isset($first[$candidate->value])) {
                    $belongs[$kind->value] = $first[$candidate->value];
                    break;
                }
            }
        }

        return $belongs;
    }

    /** @return list<ZoneKind> what it is painted with where it has no zone of its own, nearest first */
    private static function partOf(ZoneKind $kind): array
    {
        return match ($kind) {
            ZoneKind::Barrel => [ZoneKind::Turret, ZoneKind::HullSides],
            ZoneKind::EngineDeck => [ZoneKind::HullTop, ZoneKind::Cab, ZoneKind::HullSides],
            ZoneKind::HullTop, ZoneKind::Glacis, ZoneKind::RearPlate, ZoneKind::Turret => [ZoneKind::HullSides],
            ZoneKind::Fenders => [ZoneKind::HullSides, ZoneKind::Cab],
            ZoneKind::Skirts => [ZoneKind::Fenders, ZoneKind::HullSides],
            ZoneKind::Tyres => [ZoneKind::Wheels, ZoneKind::RunningGear],
            ZoneKind::Wheels => [ZoneKind::RunningGear, ZoneKind::Chassis, ZoneKind::HullSides],
            ZoneKind::RunningGear => [ZoneKind::Wheels, ZoneKind::Chassis, ZoneKind::HullSides],
            ZoneKind::Chassis => [ZoneKind::RunningGear, ZoneKind::HullSides, ZoneKind::Cab],
            ZoneKind::SpareLinks => [ZoneKind::Tracks],
            ZoneKind::Canvas => [ZoneKind::Stowage],
            ZoneKind::Stowage => [ZoneKind::Fenders, ZoneKind::HullSides, ZoneKind::Cab],
            ZoneKind::Cab, ZoneKind::LoadBed, ZoneKind::Interior => [ZoneKind::HullSides],
            ZoneKind::Tools => [ZoneKind::Stowage],
            ZoneKind::Exhaust => [ZoneKind::RearPlate, ZoneKind::Chassis, ZoneKind::HullSides],
            ZoneKind::Tracks, ZoneKind::Glass, ZoneKind::HullSides => [],
        };
    }
}
