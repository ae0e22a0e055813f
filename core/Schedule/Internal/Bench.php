<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Problem;

/**
 * A problem prepared for searching: plain arrays, and the question that is asked all the time: when can this start?
 *
 * @internal to Ulvrach\Schedule
 */
final class Bench
{
    public const NO_SESSION = -1;

    public const ANY_SESSION = -2;

    /** More than any way that is still to go: what has a date comes first, the soonest before the others. */
    private const PRESSING = 1_000_000;

    public readonly int $count;

    /** @var list<list<array{int, int}>> by activity: [predecessor, min] */
    public array $before;

    /** @var list<list<array{int, int, bool}>> by activity: [predecessor, max, to the end] */
    public array $windows;

    /** @var list<list<int>> by activity: successors */
    public array $after;

    /** @var list<list<array{int, int, bool}>> by activity: [successor, max, to the end] */
    public array $pending;

    /**
     * @var array<int, int> by activity: minutes by which it counts as more urgent for the date that it has to meet; 0:
     *   none
     */
    public array $pressing;

    /** @var list<int> activities, each after what it waits for */
    public array $topological;

    public function __construct(public readonly Problem $problem)
    {
        $this->count = count($problem->activities);
        $empty = $this->count === 0 ? [] : array_fill(0, $this->count, []);
        [$this->before, $this->windows, $this->after, $this->pending] = [$empty, $empty, $empty, $empty];
        foreach ($problem->lags as $lag) {
            $this->before[$lag->to][] = [$lag->from, $lag->min];
            $this->after[$lag->from][] = $lag->to;
            if ($lag->max !== null) {
                $this->windows[$lag->to][] = [$lag->from, $lag->max, $lag->maxToEnd];
                $this->pending[$lag->from][] = [$lag->to, $lag->max, $lag->maxToEnd];
            }
        }
        $this->topological = $this->sorted();
        $this->pressing = $this->count === 0 ? [] : array_fill(0, $this->count, 0);
        $dates = $problem->dates;
        rsort($dates);
        foreach ($dates as $place => [, $activities]) {
            foreach ($activities as $index) {
                $this->pressing[$index] = self::PRESSING * ($place + 1);
            }
        }
    }

    /**
     * @param  array<int, int>  $ends  by activity; of what is placed, if not of all
     * @return list<int> by date: minutes by which it is missed
     */
    public function late(array $ends): array
    {
        $late = [];
        foreach ($this->problem->dates as [$due, $activities]) {
            $end = $due;
            foreach ($activities as $index) {
                $end = max($end, $ends[$index] ?? 0);
            }
            $late[] = $end - $due;
        }

        return $late;
    }

    /**
     * @param  array<int, int>  $starts  by activity; of what is placed, if not of all
     * @param  array<int, int>  $ends
     * @return list<int> by window that is a mere wish: minutes by which it is missed
     */
    public function missed(array $starts, array $ends): array
    {
        $missed = [];
        foreach ($this->problem->wishes as $lag) {
            $then = ($lag->maxToEnd ? $ends : $starts)[$lag->to] ?? null;
            $missed[] = $then === null ? 0 : max(0, $then - $ends[$lag->from] - (int) $lag->max);
        }

        return $missed;
    }

    /** Index of the session that the minute lies in or that begins next after it; the number of sessions: none. */
    public function sessionAt(int $minute): int
    {
        $sessions = $this->problem->sessions;
        $low = 0;
        $high = count($sessions);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($sessions[$middle][1] <= $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * The earliest start at or after the minute.
     *
     * @param  int  $free  when the hands are free; a set-up begins no earlier
     * @param  int  $savedIn  session in which the right colour is in the airbrush; NO_SESSION: none; ANY_SESSION:
     *   counts no set-up
     * @return array{int, int, int}|null start, end, session; null: never within the calendar
     */
    public function earliest(int $index, int $minute, int $free, int $savedIn): ?array
    {
        $activity = $this->problem->activities[$index];
        $sessions = $this->problem->sessions;
        $setup = $this->problem->setup;
        for (
            $session = $this->sessionAt(max($minute, $free)), $last = count($sessions);
            $session < $last;
            $session++
        ) {
            [$from, $to] = $sessions[$session];
            if ($activity->split) {
                $start = $this->rounded(max($minute, $free, $from));
                $start = $activity->daylight
                    ? $this->rounded($this->fit($this->problem->daylight, $start, $activity->active))
                    : $start;
                $start = $this->withoutScraps($activity, $start, $to);
                if ($start >= $to) {
                    continue;
                }
                $end = $this->endOfSplit($start, $activity->active, $session);
                if ($end === null) {
                    return null;
                }
                if ($activity->daylight && $this->fit($this->problem->daylight, $start, $end - $start) !== $start) {
                    continue;
                }

                return [$start, $end, $session];
            }
            $start = max($minute, $free, $from);
            if ($activity->spray !== null && $session !== $savedIn && $savedIn !== self::ANY_SESSION) {
                $start = max($minute, max($free, $from) + $setup);
            }
            $start = $this->withinHours(
                $this->rounded($start),
                $activity->active,
                $activity->spray !== null,
                $activity->daylight,
                $to,
            );
            if ($start !== null) {
                return [$start, $start + $activity->active, $session];
            }
        }

        return null;
    }

    /**
     * The start from that one on at which neither what is done until the session ends is a scrap, nor what is left of
     * it; the end of the session: there is none.
     */
    private function withoutScraps(Activity $activity, int $start, int $to): int
    {
        if ($activity->leastPart === 0 || $to - $start >= $activity->active) {
            return $start;
        }
        // Rather begun a little later than gone on with for some minutes.
        $start = max($start, $this->rounded($to - $activity->active + $activity->leastPart));

        return $to - $start >= $activity->leastPart ? $start : $to;
    }

    /** The end of a split activity, or null if the calendar ends before. */
    public function endOfSplit(int $start, int $active, int $session): ?int
    {
        $sessions = $this->problem->sessions;
        for ($left = $active; ; $start = $sessions[$session][0]) {
            $available = $sessions[$session][1] - $start;
            if ($left <= $available) {
                return $start + $left;
            }
            $left -= $available;
            if (++$session >= count($sessions)) {
                return null;
            }
        }
    }

    private function rounded(int $minute): int
    {
        $granularity = $this->problem->granularity;

        return intdiv($minute + $granularity - 1, $granularity) * $granularity;
    }

    /** The earliest start from the minute on so that the work ends by the session's end and lies within its hours. */
    private function withinHours(int $start, int $active, bool $sprays, bool $daylight, int $to): ?int
    {
        for ($moved = true; $moved && $start + $active <= $to;) {
            $moved = false;
            foreach (
                [[$sprays, $this->problem->sprayWindows], [$daylight, $this->problem->daylight]] as [$asked, $windows]
            ) {
                $fits = $asked ? $this->rounded($this->fit($windows, $start, $active)) : $start;
                if ($fits > $start) {
                    $start = $fits;
                    $moved = true;
                }
            }
        }

        return $start + $active <= $to ? $start : null;
    }

    /** @param  list<array{int, int}>  $windows */
    private function fit(array $windows, int $start, int $active): int
    {
        $low = 0;
        $high = count($windows);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($windows[$middle][1] < $start + $active) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for ($place = $low, $last = count($windows); $place < $last; $place++) {
            $from = max($start, $windows[$place][0]);
            if ($from + $active <= $windows[$place][1]) {
                return $from;
            }
        }

        return PHP_INT_MAX >> 2;
    }

    /** @return list<int> */
    private function sorted(): array
    {
        $waits = array_map(count(...), $this->before);
        $ready = array_keys($waits, 0, true);
        $sorted = [];
        while ($ready !== []) {
            $index = array_shift($ready);
            $sorted[] = $index;
            foreach ($this->after[$index] as $next) {
                if (--$waits[$next] === 0) {
                    $ready[] = $next;
                }
            }
        }

        return count($sorted) === $this->count ? $sorted : throw NoSchedule::circle();
    }
}
