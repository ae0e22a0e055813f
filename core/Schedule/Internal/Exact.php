<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Depth-first search over all orders that respect what waits for what. A prefix is given up when its bound is no better
 * than what is known, or when the same work was done before in another order with every time no later.
 *
 * @internal to Ulvrach\Schedule
 */
final class Exact
{
    /** @var array{int, int, int, int} lateness, makespan, set-ups, sessions */
    private array $best = [PHP_INT_MAX, PHP_INT_MAX, 0, 0];

    private ?Sweep $found = null;

    private bool $complete = true;

    private int $nodes = 0;

    private readonly Bound $bound;

    /**
     * @var array<string, list<array{
     *   int,
     *   int,
     *   array<int, int>,
     *   int,
     *   list<int>,
     * }>> by what is done and what is in the airbrush: hands free, set-ups, ends that matter, makespan, dates missed
     */
    private array $seen = [];

    /** @param  \Closure(): bool  $keepGoing */
    public function __construct(private readonly Bench $bench, private readonly \Closure $keepGoing)
    {
        $this->bound = new Bound($bench);
    }

    /** @return array{Sweep|null, bool} the best, and whether everything was tried */
    public function search(?Sweep $start): array
    {
        if ($start !== null) {
            $this->keep($start);
        }
        $this->descend(new Sweep($this->bench), array_map(count(...), $this->bench->before), 0);

        return [$this->found, $this->complete];
    }

    /** @param  array<int, int>  $waits  by activity: how many predecessors are still to be placed; -1: placed */
    private function descend(Sweep $sweep, array $waits, int $mask): void
    {
        if (count($sweep->order) === $this->bench->count) {
            $this->keep($sweep);

            return;
        }
        if (++$this->nodes % 256 === 0 && ! ($this->keepGoing)()) {
            $this->complete = false;
        }
        if (! $this->complete || $this->isDominated($sweep, $mask)) {
            return;
        }
        foreach ($this->candidates($sweep, $waits) as [, $index, $next]) {
            if (! $this->isPromising($next)) {
                continue;
            }
            $after = $waits;
            $after[$index] = -1;
            foreach ($this->bench->after[$index] as $successor) {
                $after[$successor]--;
            }
            $this->descend($next, $after, $mask | (1 << $index));
        }
    }

    /**
     * @param  array<int, int>  $waits
     * @return list<array{int, int, Sweep}> the soonest done first
     */
    private function candidates(Sweep $sweep, array $waits): array
    {
        $candidates = [];
        // What meets a date or a wish better may end later.
        $isPlain = $this->bench->problem->dates === [] && $this->bench->problem->wishes === [];
        $stopAt = $isPlain ? $this->best[1] : PHP_INT_MAX;
        foreach ($waits as $index => $count) {
            if ($count === 0) {
                $next = clone $sweep;
                if ($next->append($index, $stopAt)) {
                    $candidates[] = [$next->end[$index], $index, $next];
                }
            }
        }
        usort($candidates, static fn (array $a, array $b) => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return $candidates;
    }

    private function isPromising(Sweep $sweep): bool
    {
        $bound = $this->bound->withLateness($sweep->end, $sweep->free());
        $known = [$this->best[0], $this->best[1]];

        return $bound < $known ||
            ($bound === $known &&
                [$sweep->countSetups(), $sweep->countSessions()] < [$this->best[2], $this->best[3]]);
    }

    /**
     * Only where no window stands open: keeping one may delay what is placed, and then earlier is not better in every
     * way.
     */
    private function isDominated(Sweep $sweep, int $mask): bool
    {
        $ends = [];
        foreach ($sweep->order as $index) {
            foreach ($this->bench->pending[$index] as [$tied]) {
                if (! isset($sweep->end[$tied])) {
                    return false;
                }
            }
            foreach ($this->bench->after[$index] as $successor) {
                if (! isset($sweep->end[$successor])) {
                    $ends[$index] = $sweep->end[$index];
                }
            }
        }
        foreach ($this->bench->problem->wishes as $lag) {
            if (isset($sweep->end[$lag->from]) && ! isset($sweep->end[$lag->to])) {
                return false;
            }
        }
        [$colour, $in] = $sweep->airbrush();
        $key = "{$mask} {$colour} {$in}";
        $free = $sweep->free();
        $setups = $sweep->countSetups();
        $late = [...$this->bench->late($sweep->end), ...$this->bench->missed($sweep->start, $sweep->end)];
        foreach ($this->seen[$key] ?? [] as [$otherFree, $otherSetups, $otherEnds, $makespan, $otherLate]) {
            if (
                $otherFree <= $free &&
                $otherSetups <= $setups &&
                $makespan <= $sweep->makespan() &&
                $this->noLater($otherEnds, $ends) &&
                $this->noLater($otherLate, $late)
            ) {
                return true;
            }
        }
        $this->seen[$key][] = [$free, $setups, $ends, $sweep->makespan(), $late];

        return false;
    }

    /**
     * @param  array<int, int>  $ends
     * @param  array<int, int>  $others  of the same
     */
    private function noLater(array $ends, array $others): bool
    {
        foreach ($ends as $index => $end) {
            if ($end > $others[$index]) {
                return false;
            }
        }

        return true;
    }

    private function keep(Sweep $sweep): void
    {
        $quality = [$sweep->lateness(), $sweep->makespan(), $sweep->countSetups(), $sweep->countSessions()];
        if ($quality < $this->best) {
            $this->best = $quality;
            $this->found = clone $sweep;
        }
    }
}
