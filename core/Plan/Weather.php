<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** What the last days have brought. */
enum Weather: string
{
    case Dry = 'dry';
    case Showers = 'showers';
    case Wet = 'wet';

    /** How wet it is, 0 to 1. */
    public function wetness(): float
    {
        return match ($this) {
            self::Dry => 0.0,
            self::Showers => 0.5,
            self::Wet => 1.0,
        };
    }
}
