<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Ulvrach\Schedule\Problem;

/**
 * Holds a schedule against every constraint by plain reading of the rules, minute by minute where it can: it shares no
 * code with the scheduler.
 */
final class Verifier
{
    /**
     * @param  list<int>  $starts
     * @return list<string> what is broken; empty: sound
     */
    public static function faults(Problem $problem, array $starts): array
    {
        $faults = [];
        $ends = $sessions = [];
        foreach ($problem->activities as $index => $activity) {
            $start = $starts[$index];
            $session = self::sessionOf($problem, $start);
            if ($session === null) {
                return ["{$index} starts at {$start}, outside every session"];
            }
            $sessions[$index] = $session;
            $end = $start;
            $in = $session;
            for ($worked = 0; $worked < $activity->active; $worked++, $end++) {
                if ($end >= $problem->sessions[$in][1]) {
                    if (! $activity->split || ! isset($problem->sessions[++$in])) {
                        return ["{$index} overruns its session"];
                    }
                    $end = $problem->sessions[$in][0];
                }
            }
            $ends[$index] = $end;
            if ($start % $problem->granularity !== 0) {
                $faults[] = "{$index} starts off the grid";
            }
            if ($activity->spray !== null && ! self::isWithin($problem->sprayWindows, $start, $end)) {
                $faults[] = "{$index} sprays outside the compressor's hours";
            }
            if ($activity->daylight && ! self::isWithin($problem->daylight, $start, $end)) {
                $faults[] = "{$index} is out of daylight";
            }
        }
        foreach ($problem->lags as $lag) {
            if ($lag->min > $starts[$lag->to] - $ends[$lag->from]) {
                $faults[] = "{$lag->to} comes too soon after {$lag->from}";
            }
            $until = $lag->maxToEnd ? $ends[$lag->to] : $starts[$lag->to];
            if ($lag->max !== null && $until - $ends[$lag->from] > $lag->max) {
                $faults[] = "{$lag->to} comes too late after {$lag->from}";
            }
        }

        return [...$faults, ...self::clashes($problem, $starts, $ends, $sessions)];
    }

    /**
     * @param  list<int>  $starts
     * @param  array<int, int>  $ends
     * @param  array<int, int>  $sessions
     * @return list<string>
     */
    private static function clashes(Problem $problem, array $starts, array $ends, array $sessions): array
    {
        asort($starts);
        $faults = [];
        $free = 0;
        $last = null;
        foreach (array_keys($starts) as $index) {
            $spray = $problem->activities[$index]->spray;
            $begins = $starts[$index];
            if ($spray !== null) {
                if (
                    $last === null ||
                    $sessions[$last] !== $sessions[$index] ||
                    $problem->activities[$last]->spray !== $spray
                ) {
                    $begins -= $problem->setup;
                    if ($begins < $problem->sessions[$sessions[$index]][0]) {
                        $faults[] = "{$index} has no time for its set-up";
                    }
                }
                $last = $index;
            }
            if ($begins < $free) {
                $faults[] = "{$index} begins while something else is done";
            }
            $free = $ends[$index];
        }

        return $faults;
    }

    private static function sessionOf(Problem $problem, int $minute): ?int
    {
        foreach ($problem->sessions as $session => [$from, $to]) {
            if ($minute >= $from && $minute < $to) {
                return $session;
            }
        }

        return null;
    }

    /** @param  list<array{int, int}>  $windows */
    private static function isWithin(array $windows, int $from, int $to): bool
    {
        foreach ($windows as [$opens, $closes]) {
            if ($from >= $opens && $to <= $closes) {
                return true;
            }
        }

        return false;
    }
}
