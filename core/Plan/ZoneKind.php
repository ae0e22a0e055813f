<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** Parts of a vehicle that get a finish of their own. */
enum ZoneKind: string
{
    case HullTop = 'hull-top';
    case Glacis = 'glacis';
    case HullSides = 'hull-sides';
    case RearPlate = 'rear-plate';
    case Turret = 'turret';
    case Barrel = 'barrel';
    case Fenders = 'fenders';
    case Skirts = 'skirts';
    case EngineDeck = 'engine-deck';
    case RunningGear = 'running-gear';
    case Wheels = 'wheels';
    case Tyres = 'tyres';
    case Tracks = 'tracks';
    case SpareLinks = 'spare-links';
    case Exhaust = 'exhaust';
    case Tools = 'tools';
    case Stowage = 'stowage';
    case Canvas = 'canvas';
    case Glass = 'glass';
    case Interior = 'interior';
    case LoadBed = 'load-bed';
    case Cab = 'cab';
    case Chassis = 'chassis';

    /** Which columns of the board belong together. */
    public function group(): string
    {
        return match ($this) {
            self::Wheels,
            self::Tyres,
            self::RunningGear,
            self::Tracks,
            self::SpareLinks,
            self::Chassis => 'running gear',
            self::Tools, self::Stowage, self::Canvas, self::Exhaust, self::Glass => 'fittings',
            self::Interior, self::LoadBed, self::Cab => 'inside',
            self::HullTop,
            self::Glacis,
            self::HullSides,
            self::RearPlate,
            self::Turret,
            self::Barrel,
            self::Fenders,
            self::Skirts,
            self::EngineDeck => 'body',
        };
    }

    /** What a check may ask of a part beyond its material; zones that differ in this are judged apart. */
    public function role(): string
    {
        return match ($this) {
            self::Tracks, self::SpareLinks, self::Exhaust, self::Interior, self::Glass => $this->value,
            self::Stowage, self::Canvas => 'stowage',
            self::Wheels, self::Tyres, self::RunningGear => 'running',
            self::HullTop,
            self::Glacis,
            self::HullSides,
            self::RearPlate,
            self::Turret,
            self::Barrel,
            self::Fenders,
            self::Skirts,
            self::EngineDeck,
            self::Tools,
            self::LoadBed,
            self::Cab,
            self::Chassis => 'body',
        };
    }

    /**
     * How many times as long washing and cleaning take as on a smooth face; docs/sources.md, "pace of a wash".
     */
    public function detail(): int
    {
        return match ($this) {
            self::HullTop,
            self::Turret,
            self::EngineDeck,
            self::RearPlate,
            self::RunningGear,
            self::Wheels,
            self::Tracks,
            self::SpareLinks,
            self::Chassis,
            self::Tools,
            self::Stowage,
            self::Interior => 3,
            self::Glacis,
            self::HullSides,
            self::Fenders,
            self::Skirts,
            self::Barrel,
            self::Tyres,
            self::Exhaust,
            self::Canvas,
            self::Glass,
            self::LoadBed,
            self::Cab => 1,
        };
    }

    /** Painted in a material of its own, and not in the vehicle's colours. */
    public function isApart(): bool
    {
        return match ($this) {
            self::Glass,
            self::Tyres,
            self::Tracks,
            self::SpareLinks,
            self::Tools,
            self::Stowage,
            self::Canvas,
            self::Exhaust => true,
            default => false,
        };
    }

    /** Lies flat while the vehicle stands level: nothing runs down it. */
    public function isLevel(): bool
    {
        return in_array($this, [self::HullTop, self::EngineDeck], true);
    }

    /** Glass shines and is put in after the last matte coat. */
    public function mayShine(): bool
    {
        return $this === self::Glass;
    }
}
