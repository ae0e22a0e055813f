<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** The ground a vehicle has run on. */
enum Terrain: string
{
    case Sand = 'sand';
    case DryEarth = 'dry-earth';
    case WetClay = 'wet-clay';
    case Snow = 'snow';
    case Town = 'town';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    public function isDry(): bool
    {
        return $this === self::Sand || $this === self::DryEarth;
    }
}
