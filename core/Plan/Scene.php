<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** Where a vehicle stands in its life, beside ground and weather: what that brings and forbids says the drafter. */
enum Scene: string
{
    case FactoryFresh = 'factory-fresh';
    case Parade = 'parade';
    case Museum = 'museum';
    case Abandoned = 'abandoned';
    case Desert = 'desert';
    case TownWinter = 'town-winter';
    case DaysOfRain = 'days-of-rain';

    public function label(): string
    {
        return match ($this) {
            self::FactoryFresh => 'fresh from the works',
            self::Parade => 'on parade',
            self::Museum => 'in a museum',
            self::Abandoned => 'left for years',
            self::Desert => 'months in the desert',
            self::TownWinter => 'a winter in town',
            self::DaysOfRain => 'days of rain',
        };
    }
}
