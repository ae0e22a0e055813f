<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Drying\Air;
use Ulvrach\Plan\BenchConditions;

/** The air that painted parts wait in: the room's, or that of the cabinet. */
final class BenchAir
{
    public static function of(BenchConditions $bench): Air
    {
        $room = Air::at($bench->temperatureC, $bench->humidityPercent, $bench->movingAir);

        return $bench->cabinetC === null ? $room : $room->warmedTo($bench->cabinetC);
    }
}
