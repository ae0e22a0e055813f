<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Orders are grown piece by piece, many side by side. Of all that has grown by one piece only the most promising go on:
 * those whose end can still be soonest, by a bound on what is left (ways through the calendar; time at the bench of all
 * that cannot start before a moment, with a set-up for each further colour). Of orders that have done the same work, at
 * most two go on, so that the beam stays broad.
 *
 * @internal to Ulvrach\Schedule
 *
 * @phpstan-type Grown array{
 *   list<int>,
 *   array<int, int>,
 *   array<int, int>,
 *   int,
 *   string|null,
 *   int,
 *   int,
 *   array<int, int>,
 *   string,
 *   list<array{int, int, int, bool}>,
 * }
 */
final class Beam
{
    /** Orders with the same work done that go on. */
    private const ALIKE = 1;

    /** Of the mean start of what is left, what counts beside the bound. */
    private const MEAN = 0.25;

    /** Of a set-up that was made. */
    private const SETUP = 0.5;

    /** Of the time until which the hands are busy. */
    private const BUSY = 0.02;

    /** How much more a minute past a date counts than one of the end of all. */
    private const LATE = 4;

    /** The same where it is varied. */
    private const MEANS = [0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.6, 1.0];

    private const SETUPS = [0.0, 0.25, 0.5, 0.75, 1.0, 2.0];

    /** How often work that opens a window is put off, by one place on the grid of starts, until what follows fits. */
    private const TRIES = 600;

    private readonly Hours $hours;

    private float $mean = self::MEAN;

    private float $setup = self::SETUP;

    public function __construct(private readonly Bench $bench, private readonly Chance $chance)
    {
        $this->hours = new Hours($bench->problem);
    }

    /**
     * @param  int  $width  orders that go on at every piece
     * @param  int  $limit  minute: what cannot end before it is not grown on; only where no dates have to be met
     * @param  \Closure(): bool  $keepGoing
     * @param  bool  $isVaried  chance says what counts how much beside the bound, so that it is led elsewhere
     * @param  list<int>  $begun  an order that all of them begin with
     * @return Sweep|null null: none came to its end
     */
    public function search(
        int $width,
        int $limit,
        \Closure $keepGoing,
        bool $isVaried = false,
        array $begun = [],
    ): ?Sweep {
        $this->mean = $isVaried ? self::MEANS[$this->chance->below(count(self::MEANS))] : self::MEAN;
        $this->setup = $isVaried ? self::SETUPS[$this->chance->below(count(self::SETUPS))] : self::SETUP;
        $waits = array_map(count(...), $this->bench->before);
        /** @var list<Grown> $beam */
        $beam = [[[], [], [], 0, null, Bench::NO_SESSION, 0, $waits, str_repeat('0', $this->bench->count), []]];
        $limit = $this->bench->problem->dates === [] ? $limit : PHP_INT_MAX;
        foreach ($begun as $index) {
            $beam = $this->children($beam[0], $index);
            if ($beam === []) {
                return null;
            }
        }
        for ($depth = count($begun); $depth < $this->bench->count; $depth++) {
            $beam = $keepGoing() ? $this->grown($beam, $width, $limit) : [];
            if ($beam === []) {
                return null;
            }
        }

        return $this->best($beam);
    }

    /**
     * @param  list<Grown>  $beam
     * @return list<Grown>
     */
    private function grown(array $beam, int $width, int $limit): array
    {
        $scored = $states = [];
        foreach ($beam as $from) {
            foreach ($this->children($from) as $state) {
                $score = $this->score($state, $limit);
                if ($score !== null) {
                    $scored[] = $score;
                    $states[] = $state;
                }
            }
        }
        asort($scored);
        $isLast = count($beam[0][0]) === $this->bench->count - 1;
        $next = $alike = [];
        foreach (array_keys($scored) as $place) {
            $done = $states[$place][8];
            $alike[$done] = ($alike[$done] ?? 0) + 1;
            if ($alike[$done] <= self::ALIKE || $isLast) {
                $next[] = $states[$place];
            }
            if (count($next) === $width) {
                break;
            }
        }

        return $next;
    }

    /**
     * @param  Grown  $from
     * @param  int|null  $only  the one piece that it shall grow by; null: by any that can be next
     * @return list<Grown>
     */
    private function children(array $from, ?int $only = null): array
    {
        [$order, $start, $end, $free, $colour, $in, $setups, $waits, $done, $open] = $from;
        $children = [];
        foreach ($waits as $index => $still) {
            if ($still > 0 || ($only !== null && $index !== $only)) {
                continue;
            }
            $found = $this->startOf($index, $end, $free, $colour, $in, $open);
            if ($found === null) {
                continue;
            }
            [$begins, $ends, $session, $nowOpen] = $found;
            $spray = $this->bench->problem->activities[$index]->spray;
            $child = $from;
            $child[0][] = $index;
            $child[1][$index] = $begins;
            $child[2][$index] = $ends;
            $child[3] = $ends;
            if ($spray !== null) {
                $child[6] += $spray === $colour && $session === $in ? 0 : 1;
                $child[4] = $spray;
                $child[5] = $session;
            }
            unset($child[7][$index]);
            foreach ($this->bench->after[$index] as $after) {
                $child[7][$after]--;
            }
            $child[8][$index] = '1';
            $child[9] = $nowOpen;
            $children[] = $child;
        }

        return $children;
    }

    /**
     * The earliest start after which all that has to follow within windows, its own and those that are open, still can.
     *
     * @param  array<int, int>  $end
     * @param  list<array{int, int, int, bool}>  $open
     * @return array{int, int, int, list<array{int, int, int, bool}>}|null start, end, session, what is open then; null:
     *   there is none
     */
    private function startOf(int $index, array $end, int $free, ?string $colour, int $in, array $open): ?array
    {
        $activity = $this->bench->problem->activities[$index];
        $minute = $activity->notBefore;
        foreach ($this->bench->before[$index] as [$before, $min]) {
            $minute = max($minute, $end[$before] + $min);
        }
        $others = [];
        $until = $activity->notAfter ?? PHP_INT_MAX;
        $untilEnd = PHP_INT_MAX;
        foreach ($open as $window) {
            if ($window[0] !== $index) {
                $others[] = $window;
            } elseif ($window[3]) {
                $untilEnd = min($untilEnd, $window[2]);
            } else {
                $until = min($until, $window[2]);
            }
        }
        $saved = $activity->spray !== null && $activity->spray === $colour ? $in : Bench::NO_SESSION;
        for ($try = 0; $try < self::TRIES; $try++) {
            $found = $this->bench->earliest($index, $minute, $free, $saved);
            if ($found === null || $found[0] > $until || $found[1] > $untilEnd) {
                return null;
            }
            if ($others !== [] && ! $this->fits($others, $found[1])) {
                return null;
            }
            $now = $others;
            foreach ($this->bench->pending[$index] as [$tied, $max, $toEnd]) {
                $now[] = [$tied, $found[1] + $this->leastBetween($index, $tied), $found[1] + $max, $toEnd];
            }
            if (count($now) === count($others) || $this->fits($now, $found[1])) {
                return [$found[0], $found[1], $found[2], $now];
            }
            $minute = $found[0] + $this->bench->problem->granularity;
        }

        return null;
    }

    private function leastBetween(int $from, int $to): int
    {
        $least = 0;
        foreach ($this->bench->before[$to] as [$before, $min]) {
            $least = $before === $from ? max($least, $min) : $least;
        }

        return $least;
    }

    /**
     * Whether all that has to follow still can, what closes first being done first, with what that opens in turn.
     *
     * @param  list<array{int, int, int, bool}>  $open  what has to follow, from when, until when, to the end
     */
    private function fits(array $open, int $free): bool
    {
        while ($open !== []) {
            $first = 0;
            foreach ($open as $place => $window) {
                if ($window[2] < $open[$first][2]) {
                    $first = $place;
                }
            }
            [$tied, $from, $until, $toEnd] = $open[$first];
            $found = $this->bench->earliest($tied, max($from, $free), $free, Bench::NO_SESSION);
            if ($found === null || $found[$toEnd ? 1 : 0] > $until) {
                return false;
            }
            unset($open[$first]);
            $open = array_values($open);
            $free = $found[1];
            foreach ($this->bench->pending[$tied] as [$next, $max, $nextToEnd]) {
                $open[] = [$next, $free + $this->leastBetween($tied, $next), $free + $max, $nextToEnd];
            }
        }

        return true;
    }

    /**
     * @param  Grown  $state
     * @return float|null null: it cannot end before the limit
     */
    private function score(array $state, int $limit): ?float
    {
        [, , $ends, $free, $colour, , $setups] = $state;
        $bench = $this->bench;
        $hours = $this->hours;
        $activities = $bench->problem->activities;
        $bound = $free;
        $sum = 0;
        $starts = $colours = [];
        foreach ($bench->topological as $index) {
            if (isset($ends[$index])) {
                continue;
            }
            $activity = $activities[$index];
            $minute = $free > $activity->notBefore ? $free : $activity->notBefore;
            foreach ($bench->before[$index] as [$before, $min]) {
                if ($minute < $ends[$before] + $min) {
                    $minute = $ends[$before] + $min;
                }
            }
            $begins = $hours->atBench($minute, $activity->split ? 0 : $activity->active);
            $ends[$index] = $end = $begins + $activity->active;
            $starts[$index] = $begins;
            $sum += $begins;
            if ($end > $bound) {
                $bound = $end;
            }
        }
        $left = count($starts);
        if ($left === 0) {
            return $free + self::SETUP * $bench->problem->setup * $setups + $this->lateness($ends);
        }
        // All that cannot start before a moment has to be done after it, with a set-up for each further colour.
        arsort($starts);
        $work = 0;
        foreach ($starts as $index => $begins) {
            $spray = $activities[$index]->spray;
            $work += $activities[$index]->active;
            if ($spray !== null && ! isset($colours[$spray])) {
                $colours[$spray] = true;
                $work += $spray === $colour ? 0 : $bench->problem->setup;
            }
            $end = $hours->afterWork($begins, $work);
            if ($end > $bound) {
                $bound = $end;
            }
        }
        if ($bound >= $limit) {
            return null;
        }

        return $bound +
            ($this->mean * $sum) / $left +
            $this->setup * $bench->problem->setup * $setups +
            self::BUSY * $free +
            $this->lateness($ends);
    }

    /** @param  array<int, int>  $ends  by activity */
    private function lateness(array $ends): int
    {
        return $this->bench->problem->dates === [] ? 0 : self::LATE * array_sum($this->bench->late($ends));
    }

    /** @param  list<Grown>  $beam */
    private function best(array $beam): ?Sweep
    {
        $best = null;
        foreach ($beam as [$order]) {
            $sweep = new Sweep($this->bench);
            if ($sweep->run($order) && ($best === null || $sweep->quality() < $best->quality())) {
                $best = $sweep;
            }
        }

        return $best;
    }
}
