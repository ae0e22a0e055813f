<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * For a fixed order of work the earliest schedule is one least fixpoint: sweep forward; where a window breaks, delay
 * the activity that opens it; sweep again from there. Delays only grow, so it ends. A prefix of an order gives a
 * schedule that no way of going on can beat.
 *
 * @internal to Ulvrach\Schedule
 */
final class Sweep
{
    /** @var list<int> */
    public array $order = [];

    /** @var array<int, int> by activity */
    public array $start = [];

    /** @var array<int, int> by activity */
    public array $end = [];

    /** @var array<int, int> by activity */
    public array $session = [];

    /** How often a window has delayed what opens it: ends that were known before are then no longer so. */
    public int $delays = 0;

    /** @var array<int, int> by activity: not before */
    private array $delayed = [];

    public function __construct(private readonly Bench $bench)
    {
    }

    /**
     * The whole order at once.
     *
     * @param  list<int>  $order
     * @param  int  $stopAt  gives up when anything would end later
     */
    public function run(array $order, int $stopAt = PHP_INT_MAX): bool
    {
        $this->order = $order;
        $this->delayed = [];

        return $this->from(0, $stopAt);
    }

    /**
     * Another order that begins like this one; what it begins with is not swept again, unless a window has delayed
     * something.
     *
     * @param  list<int>  $order
     */
    public function rerun(array $order, int $stopAt): bool
    {
        if ($this->delayed !== []) {
            return $this->run($order, $stopAt);
        }
        $place = 0;
        while ($place < count($order) && $order[$place] === $this->order[$place]) {
            $place++;
        }
        for ($after = $place; $after < count($order); $after++) {
            unset($this->start[$order[$after]], $this->end[$order[$after]], $this->session[$order[$after]]);
        }
        $this->order = $order;

        return $this->from($place, $stopAt);
    }

    /** One more activity at the end of the order; false: it cannot be, and the state is not usable any more. */
    public function append(int $index, int $stopAt, int $notBefore = 0): bool
    {
        $this->order[] = $index;
        if ($notBefore > 0) {
            $this->delayed[$index] = $notBefore;
        }

        return $this->from(count($this->order) - 1, $stopAt);
    }

    /** @return array{string|null, int} the colour in the airbrush, and the session it was filled in */
    public function airbrush(): array
    {
        [, $colour, $in] = $this->stateBefore(count($this->order));

        return [$colour, $in];
    }

    public function free(): int
    {
        $last = $this->order === [] ? null : $this->order[count($this->order) - 1];

        return $last === null ? 0 : $this->end[$last];
    }

    private function from(int $place, int $stopAt): bool
    {
        for ($rounds = 0; $rounds < 4000; $rounds++) {
            $broken = $this->pass($place, $stopAt);
            if ($broken === null) {
                return true;
            }
            if ($broken < 0) {
                return false;
            }
            $place = $broken;
        }

        return false;
    }

    /** @return int|null place to sweep again from; null: all windows hold; -1: it cannot be */
    private function pass(int $place, int $stopAt): ?int
    {
        $bench = $this->bench;
        $activities = $bench->problem->activities;
        [$free, $colour, $colourIn] = $this->stateBefore($place);
        for ($count = count($this->order); $place < $count; $place++) {
            $index = $this->order[$place];
            $minute = max($this->delayed[$index] ?? 0, $activities[$index]->notBefore);
            foreach ($bench->before[$index] as [$before, $min]) {
                $minute = max($minute, $this->end[$before] + $min);
            }
            $spray = $activities[$index]->spray;
            $found = $bench->earliest(
                $index,
                $minute,
                $free,
                $spray !== null && $spray === $colour ? $colourIn : Bench::NO_SESSION,
            );
            if (
                $found === null ||
                $found[1] > $stopAt ||
                ($activities[$index]->notAfter !== null && $found[0] > $activities[$index]->notAfter)
            ) {
                return -1;
            }
            [$this->start[$index], $free, $this->session[$index]] = $found;
            $this->end[$index] = $free;
            if ($spray !== null) {
                [$colour, $colourIn] = [$spray, $found[2]];
            }
            foreach ($bench->windows[$index] as [$opens, $max, $toEnd]) {
                $over = ($toEnd ? $free : $found[0]) - $this->end[$opens] - $max;
                if ($over > 0) {
                    $this->delayed[$opens] = $this->delayedBy($opens, $over);
                    $this->delays++;

                    return (int) array_search($opens, $this->order, true);
                }
            }
        }

        return null;
    }

    /**
     * @return array{int, string|null, int} when the hands are free, the colour in the airbrush, and in which session
     */
    private function stateBefore(int $place): array
    {
        assert($place >= 0 && $place <= count($this->order));
        $free = $place === 0 ? 0 : $this->end[$this->order[$place - 1]];
        for ($before = $place - 1; $before >= 0; $before--) {
            $spray = $this->bench->problem->activities[$this->order[$before]]->spray;
            if ($spray !== null) {
                return [$free, $spray, $this->session[$this->order[$before]]];
            }
        }

        return [$free, null, Bench::NO_SESSION];
    }

    /**
     * The earliest start of a piece of work after which it ends so much later. Where it is put down between two
     * sessions, its end leaps while its start moves, so that a start as much later would be later than it has to be.
     */
    private function delayedBy(int $index, int $over): int
    {
        $activity = $this->bench->problem->activities[$index];
        if (! $activity->split) {
            return $this->start[$index] + $over;
        }
        // The later it starts, the later it ends: strides that double pass the place, and halving them finds it.
        $ends = $this->end[$index] + $over;
        $grid = $stride = $this->bench->problem->granularity;
        $tooEarly = $this->start[$index];
        while (! $this->endsBy($index, $tooEarly + $stride, $ends)) {
            $tooEarly += $stride;
            $stride *= 2;
        }
        for ($stride = intdiv($stride, 2); $stride >= $grid; $stride = intdiv($stride, 2)) {
            if (! $this->endsBy($index, $tooEarly + $stride, $ends)) {
                $tooEarly += $stride;
            }
        }

        return $tooEarly + $grid;
    }

    /** Whether a piece of work that starts there at the earliest ends at that minute or later, or cannot be at all. */
    private function endsBy(int $index, int $start, int $minute): bool
    {
        $found = $this->bench->earliest($index, $start, 0, Bench::NO_SESSION);

        return $found === null || $found[1] >= $minute;
    }

    public function makespan(): int
    {
        return $this->end === [] ? 0 : max($this->end);
    }

    /**
     * @return array{int, int, int} dates missed by, end of all, airbrush changes: less is better, the first before the
     *   next
     */
    public function quality(): array
    {
        return [$this->lateness(), $this->makespan(), $this->countSetups()];
    }

    /** Minutes by which dates, and windows that are mere wishes, are missed, all together. */
    public function lateness(): int
    {
        return array_sum($this->bench->late($this->end)) + array_sum($this->bench->missed($this->start, $this->end));
    }

    public function countSetups(): int
    {
        $setups = 0;
        $colour = null;
        $in = -1;
        foreach ($this->order as $index) {
            $spray = $this->bench->problem->activities[$index]->spray;
            if ($spray !== null) {
                $setups += $spray === $colour && $this->session[$index] === $in ? 0 : 1;
                [$colour, $in] = [$spray, $this->session[$index]];
            }
        }

        return $setups;
    }

    public function countSessions(): int
    {
        $used = [];
        foreach ($this->order as $index) {
            for (
                $session = $this->session[$index];
                $session <= $this->bench->sessionAt($this->end[$index] - 1);
                $session++
            ) {
                $used[$session] = true;
            }
        }

        return count($used);
    }
}
