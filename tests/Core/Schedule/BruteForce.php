<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;

/**
 * The least makespan of a small problem by trying every order and every start, written from the rules of the schedule
 * file and sharing nothing with the scheduler.
 */
final class BruteForce
{
    private ?int $best = null;

    private function __construct(private readonly Problem $problem)
    {
    }

    /**
     * Three to five steps on a coarse grid: masks that may be put down and taken up again open windows, as at the
     * bench.
     */
    public static function problem(int $seed): Problem
    {
        $x = $seed * 7919 + 31;
        $below = static function (int $limit) use (&$x): int {
            $x = ($x * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

            return intdiv($x, 65_536) % $limit;
        };
        $sessions = $hours = [];
        for ($day = 0; $day < 6; $day++) {
            if ($below(4) > 0) {
                $from = $day * 1440 + 1140 - 30 * $below(3);
                $sessions[] = [$from, $from + 60 + 30 * $below(4)];
            }
            $hours[] = [$day * 1440 + 540, $day * 1440 + 1230 + 30 * $below(2)];
        }
        $activities = $lags = [];
        for ($index = 0, $count = 3 + $below(3); $index < $count; $index++) {
            $spray = $below(3) === 0 ? ['grey', 'sand'][$below(2)] : null;
            $activities[] = new Activity(
                name: "{$index}",
                active: 15 * (1 + $below(5)),
                split: $spray === null && $below(2) === 0,
                spray: $spray,
                notBefore: $below(6) === 0 ? 1440 * $below(3) : 0,
            );
            for ($before = 0; $before < $index; $before++) {
                if ($below(2) === 0) {
                    $min = [0, 15, 60, 720][$below(4)];
                    $isWindow = $below(2) === 0;
                    $lags[] = new Lag($before, $index, $min, $isWindow ? $min + [15, 120, 1440][$below(3)] : null);
                }
            }
        }

        return new Problem(
            sessions: $sessions,
            sprayWindows: $hours,
            daylight: $hours,
            setup: 15,
            horizon: 8640,
            granularity: 15,
            activities: $activities,
            lags: $lags,
        );
    }

    /** @return int|null null: there is no way to keep everything */
    public static function makespan(Problem $problem): ?int
    {
        $search = new self($problem);
        $search->descend([], [], 0, null, -1);

        return $search->best;
    }

    /**
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $ends
     */
    private function descend(array $starts, array $ends, int $free, ?string $colour, int $colourIn): void
    {
        if (count($ends) === count($this->problem->activities)) {
            $this->best = min($this->best ?? PHP_INT_MAX, $ends === [] ? 0 : max($ends));

            return;
        }
        foreach ($this->problem->activities as $index => $activity) {
            if (isset($ends[$index])) {
                continue;
            }
            foreach ($this->problem->sessions as $session => [$from, $to]) {
                for ($start = intdiv($from + 14, 15) * 15; $start < $to; $start += 15) {
                    $end = $this->endOf($activity, $start, $session);
                    if ($end === null || ($this->best !== null && $end >= $this->best)) {
                        continue;
                    }
                    $isFilled = $activity->spray === null || ($activity->spray === $colour && $session === $colourIn);
                    $busyFrom = $start - ($isFilled ? 0 : $this->problem->setup);
                    if ($start < $activity->notBefore || $busyFrom < max($free, $isFilled ? $free : $from)) {
                        continue;
                    }
                    if (! $this->keepsLags($index, $start, $end, $ends)) {
                        continue;
                    }
                    $this->descend(
                        [...$starts, $index => $start],
                        $ends + [$index => $end],
                        $end,
                        $activity->spray ?? $colour,
                        $activity->spray === null ? $colourIn : $session,
                    );
                }
            }
        }
    }

    private function endOf(Activity $activity, int $start, int $session): ?int
    {
        $sessions = $this->problem->sessions;
        $end = $start + $activity->active;
        if ($activity->split) {
            for ($at = $session; $end > $sessions[$at][1]; $at++) {
                if (! isset($sessions[$at + 1])) {
                    return null;
                }
                $end = $sessions[$at + 1][0] + $end - $sessions[$at][1];
            }

            return $end;
        }
        $isWithin = static fn (array $hours): bool => array_filter(
            $hours,
            static fn (array $span) => $span[0] <= $start && $end <= $span[1],
        ) !== [];

        return $isWithin([$sessions[$session]]) &&
            ($activity->spray === null || $isWithin($this->problem->sprayWindows)) &&
            (! $activity->daylight || $isWithin($this->problem->daylight))
            ? $end
            : null;
    }

    /** @param  array<int, int>  $ends */
    private function keepsLags(int $index, int $start, int $end, array $ends): bool
    {
        foreach ($this->problem->lags as $lag) {
            if ($lag->from === $index && isset($ends[$lag->to])) {
                return false;
            }
            if ($lag->to !== $index) {
                continue;
            }
            $from = $ends[$lag->from] ?? null;
            if ($from === null || $start - $from < $lag->min) {
                return false;
            }
            if ($lag->max !== null && ($lag->maxToEnd ? $end : $start) - $from > $lag->max) {
                return false;
            }
        }

        return true;
    }
}
