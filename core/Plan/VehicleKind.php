<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

enum VehicleKind: string
{
    case Tank = 'tank';
    case TrackedCarrier = 'tracked-carrier';
    case HalfTrack = 'half-track';
    case Lorry = 'lorry';
    case ScoutCar = 'scout-car';
    case SomethingElse = 'something-else';
    case TestCard = 'test-card';

    public function label(): string
    {
        return ucfirst(str_replace('-', ' ', $this->value));
    }
}
