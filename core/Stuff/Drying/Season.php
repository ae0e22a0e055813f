<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/**
 * A quarter of the year, by whole months as in the north; who lives in the south enters the room's values accordingly.
 */
enum Season: string
{
    case Winter = 'winter';
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';

    /** @param  int  $month  1 to 12 */
    public static function of(int $month): self
    {
        return match (intdiv($month % 12, 3)) {
            0 => self::Winter,
            1 => self::Spring,
            2 => self::Summer,
            default => self::Autumn,
        };
    }
}
