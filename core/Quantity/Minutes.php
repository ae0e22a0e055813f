<?php

declare(strict_types=1);

namespace Ulvrach\Quantity;

/** Lengths of time are whole minutes everywhere in the core; this names the larger ones and says them in words. */
final class Minutes
{
    public const HOUR = 60;

    public const DAY = 1440;

    /** "20 min", "2 h", "1 h 30 min", "3 d", "1 d 4 h": at most two units, rounded to what a bench clock can show. */
    public static function inWords(int $minutes): string
    {
        $minutes = max(0, $minutes);
        if ($minutes < self::HOUR) {
            return "{$minutes} min";
        }
        if ($minutes < self::DAY) {
            return self::pair(intdiv($minutes, self::HOUR), 'h', $minutes % self::HOUR, 'min');
        }

        return self::pair(intdiv($minutes, self::DAY), 'd', intdiv($minutes % self::DAY, self::HOUR), 'h');
    }

    private static function pair(int $large, string $largeUnit, int $small, string $smallUnit): string
    {
        return $small === 0 ? "{$large} {$largeUnit}" : "{$large} {$largeUnit} {$small} {$smallUnit}";
    }
}
