<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;

/**
 * Problems of 3 to 18 steps from a seed: up to three builds, evening sessions, with everything that can be asked for.
 */
final class Generated
{
    public static function problem(int $seed): Problem
    {
        $x = $seed * 7919 + 17;
        $below = static function (int $limit) use (&$x): int {
            $x = ($x * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

            return intdiv($x, 65_536) % $limit;
        };
        $sessions = $spray = $daylight = [];
        for ($day = 0; $day < 90; $day++) {
            $weekend = $day % 7 > 4;
            if (! $weekend || $below(3) > 0) {
                $from = $day * 1440 + ($weekend ? 600 : 1140);
                $sessions[] = [$from, $from + 120 + 30 * $below(4)];
            }
            $spray[] = [$day * 1440 + 540, $day * 1440 + 1290];
            $daylight[] = [$day * 1440 + 540, $day * 1440 + 1020];
        }
        $activities = $lags = [];
        $colours = ['grey', 'green', 'sand', 'gloss'];
        for ($chain = 0, $chains = 1 + $below(3); $chain < $chains; $chain++) {
            for ($step = 0, $steps = 3 + $below(4); $step < $steps; $step++) {
                $isSpray = $below(2) === 0;
                $activities[] = new Activity(
                    name: "{$chain}.{$step}",
                    active: 10 + 5 * $below(8),
                    split: ! $isSpray && $below(4) === 0,
                    spray: $isSpray ? $colours[$below(4)] : null,
                    daylight: ! $isSpray && $below(12) === 0,
                );
                $index = count($activities) - 1;
                if ($step > 0) {
                    $tied =
                        $below(5) === 0 &&
                        ! $activities[$index - 1]->split &&
                        ! $activities[$index]->daylight &&
                        ! $activities[$index - 1]->daylight;
                    $lags[] = $tied
                        ? new Lag(
                            from: $index - 1,
                            to: $index,
                            min: 15,
                            max: 150,
                            maxToEnd: $below(2) === 0 && ! $activities[$index]->split,
                        )
                        : new Lag($index - 1, $index, [0, 30, 240, 1440][$below(4)]);
                }
            }
        }

        return new Problem(
            sessions: $sessions,
            sprayWindows: $spray,
            daylight: $daylight,
            setup: 15,
            horizon: 129_600,
            granularity: 5,
            activities: $activities,
            lags: $lags,
        );
    }
}
