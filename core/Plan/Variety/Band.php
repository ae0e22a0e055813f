<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

/** How far panels that meet shall differ, in CIEDE2000. */
enum Band: string
{
    /** As plates of one batch differ: seen at a second look. */
    case Faintly = 'faintly';
    /** As plates of different age. */
    case Clearly = 'clearly';
    /** As patches of several colours: as far apart as the jars allow. */
    case Strongly = 'strongly';

    public function least(): float
    {
        return match ($this) {
            self::Faintly => 2.0,
            self::Clearly => 4.0,
            self::Strongly => Tinter::PLAINLY,
        };
    }

    public function most(): float
    {
        return match ($this) {
            self::Faintly => 4.0,
            self::Clearly => 8.0,
            self::Strongly => INF,
        };
    }
}
