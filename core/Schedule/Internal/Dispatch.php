<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * A first sound order: always the work that can start first, the one with the longest way still to go among equals,
 * unless it would let a window close that stands open.
 *
 * @internal to Ulvrach\Schedule
 */
final class Dispatch
{
    /**
     * How often work that opens a window is put off, by one place on the grid of starts, until what has to follow fits.
     */
    private const TRIES = 1200;

    /** @var array<int, int> by activity: minutes of waits and work that follow it at the least */
    private array $tail = [];

    /**
     * @var array<int, array{
     *   array{int, int, int},
     *   int,
     * }> by activity: its earliest start as last found, and the session that saved it a set-up
     */
    private array $found = [];

    /**
     * @var list<array{
     *   int,
     *   int,
     *   int,
     *   bool,
     * }> windows that stand open: what opened it, what has to follow, within how long, to the end
     */
    private array $open = [];

    /** @var array<int, array<int, true>> by activity: all that waits for it, itself left out */
    private array $later = [];

    public function __construct(private readonly Bench $bench)
    {
        foreach (array_reverse($bench->topological) as $index) {
            $this->tail[$index] = 0;
            $this->later[$index] = [];
            foreach ($bench->after[$index] as $after) {
                $this->later[$index] += [$after => true] + $this->later[$after];
            }
            foreach ($bench->problem->lags as $lag) {
                if ($lag->from === $index) {
                    $this->tail[$index] = max(
                        $this->tail[$index],
                        $lag->min + $bench->problem->activities[$lag->to]->active + $this->tail[$lag->to],
                    );
                }
            }
        }
    }

    /**
     * @param  array<int, int>  $favour  by activity: minutes by which it counts as more urgent
     * @param  bool  $longestFirst  within a session the longest way to go counts before the earliest start
     * @param  bool  $opensLate  work that opens a window also waits while steps of its own lie before what has to
     *   follow
     * @return Sweep|null null: no way on was found
     */
    public function run(array $favour = [], bool $longestFirst = false, bool $opensLate = false): ?Sweep
    {
        $sweep = new Sweep($this->bench);
        $this->found = $this->open = [];
        $waits = array_map(count(...), $this->bench->before);
        $ready = array_fill_keys(array_keys($waits, 0, true), true);
        while ($ready !== []) {
            $choice = $this->choose($sweep, array_keys($ready), $favour, $longestFirst, $opensLate);
            $delays = $sweep->delays;
            if ($choice === null || ! $sweep->append($choice[0], PHP_INT_MAX, $choice[1])) {
                return null;
            }
            $next = $choice[0];
            unset($ready[$next]);
            if ($sweep->delays !== $delays) {
                $this->found = [];
            }
            $this->open = array_values(array_filter($this->open, static fn (array $window) => $window[1] !== $next));
            foreach ($this->bench->pending[$next] as [$tied, $max, $toEnd]) {
                $this->open[] = [$next, $tied, $max, $toEnd];
            }
            foreach ($this->bench->after[$next] as $after) {
                if (--$waits[$after] === 0) {
                    $ready[$after] = true;
                }
            }
        }

        return $sweep;
    }

    /**
     * @param  list<int>  $ready
     * @param  array<int, int>  $favour
     * @return array{int, int}|null activity and start
     */
    private function choose(Sweep $sweep, array $ready, array $favour, bool $longestFirst, bool $opensLate): ?array
    {
        $best = null;
        $rank = null;
        [$colour, $in] = $sweep->airbrush();
        $free = $sweep->free();
        foreach ($ready as $index) {
            $activity = $this->bench->problem->activities[$index];
            $saved = $activity->spray !== null && $activity->spray === $colour ? $in : Bench::NO_SESSION;
            $found = $this->startOf($sweep, $index, $free, $saved);
            if ($found === null) {
                return null;
            }
            $isTied = $this->bench->windows[$index] !== [];
            $saves = $saved === $found[2];
            $due = $activity->notAfter ?? PHP_INT_MAX;
            $now = [
                $this->closesAWindow($sweep, $index, $found[1]) || $this->opensTooSoon($sweep, $index, $opensLate),
                $due,
                $longestFirst ? $found[2] : $found[0] - ($isTied ? 1 : 0),
                $isTied ? 0 : 1,
                $saves ? 0 : 1,
                -$this->tail[$index] - ($favour[$index] ?? 0),
                $found[0],
                $index,
            ];
            if ($rank === null || $now < $rank) {
                [$best, $rank] = [[$index, $found[0]], $now];
            }
        }

        return $best;
    }

    /** @return array{int, int, int}|null */
    private function startOf(Sweep $sweep, int $index, int $free, int $saved): ?array
    {
        if (isset($this->found[$index])) {
            [$found, $savedThen] = $this->found[$index];
            // The hands are free later than when it was found, which matters only where it would begin before.
            $setup =
                $this->bench->problem->activities[$index]->spray === null || $found[2] === $saved
                    ? 0
                    : $this->bench->problem->setup;
            if ($saved === $savedThen && $found[0] >= $free + $setup) {
                return $found;
            }
        }
        $found = $this->searchStart($sweep, $index, $free, $saved);
        if ($found !== null) {
            $this->found[$index] = [$found, $saved];
        }

        return $found;
    }

    /** @return array{int, int, int}|null */
    private function searchStart(Sweep $sweep, int $index, int $free, int $saved): ?array
    {
        $minute = $this->bench->problem->activities[$index]->notBefore;
        foreach ($this->bench->before[$index] as [$before, $min]) {
            $minute = max($minute, $sweep->end[$before] + $min);
        }
        for ($try = 0; $try < self::TRIES; $try++) {
            $found = $this->bench->earliest($index, $minute, $free, $saved);
            if ($found === null || $this->tiedFits($index, $found[1])) {
                return $found;
            }
            $minute = $found[0] + $this->bench->problem->granularity;
        }

        return null;
    }

    /** Whether what has to follow inside a window can still be done after it, and what has to follow that. */
    private function tiedFits(int $index, int $end): bool
    {
        foreach ($this->bench->pending[$index] as [$tied, $max, $toEnd]) {
            $min = 0;
            foreach ($this->bench->before[$tied] as [$before, $lag]) {
                $min = $before === $index ? max($min, $lag) : $min;
            }
            $found = $this->bench->earliest($tied, $end + $min, $end, Bench::NO_SESSION);
            if ($found === null || $found[$toEnd ? 1 : 0] > $end + $max || ! $this->tiedFits($tied, $found[1])) {
                return false;
            }
        }

        return true;
    }

    /** Whether it is itself what an open window waits for. */
    private function isTied(Sweep $sweep, int $index): bool
    {
        foreach ($this->bench->windows[$index] as [$opens]) {
            if (isset($sweep->end[$opens])) {
                return true;
            }
        }

        return false;
    }

    /** Whether what has to follow inside a window still waits for something else. */
    private function opensTooSoon(Sweep $sweep, int $index, bool $opensLate): bool
    {
        foreach ($this->bench->pending[$index] as [$tied]) {
            foreach ($this->bench->before[$tied] as [$other]) {
                if (
                    $other !== $index &&
                    ! isset($sweep->end[$other]) &&
                    ! ($opensLate
                        ? in_array($other, $this->bench->after[$index], true)
                        : isset($this->later[$index][$other]))
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether work until then leaves no time for something whose window is open. */
    private function closesAWindow(Sweep $sweep, int $index, int $free): bool
    {
        foreach ($this->open as [$placed, $tied, $max, $toEnd]) {
            if ($tied === $index) {
                continue;
            }
            // Two open windows in one pair of hands: the second waits.
            if ($this->bench->pending[$index] !== [] && ! $this->isTied($sweep, $index)) {
                return true;
            }
            $found = $this->bench->earliest($tied, $free, $free, Bench::NO_SESSION);
            if (
                $found === null ||
                $found[$toEnd ? 1 : 0] > $sweep->end[$placed] + $max ||
                ! $this->tiedFits($tied, $found[1])
            ) {
                return true;
            }
        }

        return false;
    }
}
