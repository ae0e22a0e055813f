<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;

/**
 * Problems of 18 to 40 steps that are known to have an answer: the work is laid out first, and waits and windows are
 * read off it, the windows tight.
 */
final class Solvable
{
    public static function problem(int $seed): Problem
    {
        $x = $seed * 6007 + 5;
        $below = static function (int $limit) use (&$x): int {
            $x = ($x * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

            return intdiv($x, 65_536) % $limit;
        };
        $sessions = $hours = [];
        for ($day = 0; $day < 60; $day++) {
            $sessions[] = [$day * 1440 + 1140, $day * 1440 + 1320];
            $hours[] = [$day * 1440 + 540, $day * 1440 + 1380];
        }
        $activities = $lags = $starts = $ends = [];
        $minute = 1140;
        for ($index = 0, $count = 18 + $below(23); $index < $count; $index++) {
            $active = 10 + 5 * $below(8);
            $minute += 5 * $below(12);
            $day = intdiv($minute, 1440);
            if ($minute % 1440 + $active > 1320 || $minute % 1440 < 1140) {
                $minute = ($minute % 1440 < 1140 ? $day : $day + 1) * 1440 + 1140;
            }
            $activities[] = new Activity("{$index}", $active);
            $starts[] = $minute;
            $ends[] = $minute += $active;
            for ($before = max(0, $index - 8); $before < $index; $before++) {
                $gap = $starts[$index] - $ends[$before];
                if ($below(4) === 0) {
                    $isWindow = $below(3) === 0 && $gap < 1440;
                    $lags[] = new Lag(
                        $before,
                        $index,
                        $gap < 60 ? 0 : intdiv($gap, 10) * 5,
                        $isWindow ? $gap + 5 * $below(4) : null,
                    );
                }
            }
        }

        return new Problem(
            sessions: $sessions,
            sprayWindows: $hours,
            daylight: $hours,
            setup: 15,
            horizon: 60 * 1440,
            granularity: 5,
            activities: $activities,
            lags: $lags,
        );
    }
}
