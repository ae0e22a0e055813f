<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Stuff\Drying\Air;

/** The air that painted parts wait in: the room's, or that of the cabinet. */
final class BenchAir
{
    public static function of(BenchConditions $bench): Air
    {
        return self::in(Air::at($bench->temperatureC, $bench->humidityPercent), $bench);
    }

    /** The air at the bench itself, whatever stands in a cabinet. */
    public static function around(BenchConditions $bench): Air
    {
        return Air::at($bench->temperatureC, $bench->humidityPercent, $bench->movingAir);
    }

    /** With the fan and the cabinet of a bench, in another room's air. */
    public static function in(Air $room, BenchConditions $bench): Air
    {
        return $bench->cabinetC === null
            ? Air::at($room->temperatureC, $room->humidityPercent, $bench->movingAir)
            : // No cabinet cools a room that is warmer still.
            $room->warmedTo(max($bench->cabinetC, $room->temperatureC));
    }
}
