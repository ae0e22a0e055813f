<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

enum VehicleKind: string
{
    case LightTank = 'light-tank';
    case Tank = 'tank';
    case TrackedCarrier = 'tracked-carrier';
    case HalfTrack = 'half-track';
    case Lorry = 'lorry';
    case ScoutCar = 'scout-car';
    case ArmouredCar = 'armoured-car';
    case WheeledGun = 'wheeled-gun';
    case SomethingElse = 'something-else';
    case TestCard = 'test-card';

    public function label(): string
    {
        return match ($this) {
            self::Tank => 'Medium tank',
            self::HalfTrack => 'Half-track',
            self::WheeledGun => 'Gun on wheels',
            self::LightTank,
            self::TrackedCarrier,
            self::Lorry,
            self::ScoutCar,
            self::ArmouredCar,
            self::SomethingElse,
            self::TestCard => ucfirst(str_replace('-', ' ', $this->value)),
        };
    }
}
