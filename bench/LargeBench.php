<?php

declare(strict_types=1);

namespace Bench;

use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;

/** The bench that the scheduler is measured on: six builds of twenty steps each, in an ordinary week. */
final class LargeBench
{
    public static function problem(): Problem
    {
        // A Monday at noon.
        $now = intdiv((int) strtotime('2026-11-23T12:00:00Z'), 60);
        $week = Week::usual();
        $work = new Workload($now);
        foreach (range(1, 6) as $build) {
            $work->add("build-{$build}", (new Walker())->walk(LargePlan::make(2 + $build, 1)));
        }

        return $work->problem($week->calendar($now, 400), $week->setup);
    }
}
