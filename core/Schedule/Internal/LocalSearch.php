<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Takes one activity, or all that windows tie together, out of the order and puts it in elsewhere, between what it
 * waits for and what waits for it. A worse order is taken while it is no worse than the one of some moves ago (late
 * acceptance, Burke and Bykov, European Journal of Operational Research 258, 2017, 70–78), so that the search climbs
 * out of hollows.
 *
 * @internal to Ulvrach\Schedule
 */
final class LocalSearch
{
    /** Moves after which it is asked whether to go on. */
    public const BUNDLE = 32;

    private const MEMORY = 40;

    /** Minutes by which an order may be worse than the best and still be looked at. */
    private const WORSE_BY = 3 * 1440;

    /** How much more a minute past a date counts than one of the end of all. */
    private const LATE = 4;

    /**
     * Moves without a better order before the search goes elsewhere: as good as 10 000 and better than 1 200 on 50
     * steps with eight seeds.
     */
    private const PATIENCE = 4000;

    private const SHAKES = 8;

    private const NEAR = 10;

    /** @var array<int, list<int>> by activity: what is tied to it by windows, itself among them */
    private array $blocks = [];

    public function __construct(private readonly Bench $bench, private readonly Chance $chance)
    {
        for ($index = 0; $index < $bench->count; $index++) {
            $this->blocks[$index] = [$index];
        }
        foreach ([...$bench->problem->lags, ...$bench->problem->wishes] as $lag) {
            if ($lag->max !== null && $lag->max <= 1440) {
                $joined = array_values(array_unique([...$this->blocks[$lag->from], ...$this->blocks[$lag->to]]));
                foreach ($joined as $index) {
                    $this->blocks[$index] = $joined;
                }
            }
        }
    }

    /**
     * @param  \Closure(): bool  $keepGoing
     * @param  (\Closure(Sweep): void)|null  $onBetter
     */
    public function improve(Sweep $start, \Closure $keepGoing, ?\Closure $onBetter = null): Sweep
    {
        $best = clone $start;
        $bestQuality = $this->quality($start);
        $at = clone $start;
        $score = $this->score($start);
        $memory = array_fill(0, self::MEMORY, $score);
        $since = 0;
        for ($move = 1; $this->bench->count > 1 && ($move % self::BUNDLE !== 0 || $keepGoing()); $move++) {
            $next = $this->moved($at->order);
            $sweep = clone $at;
            // Nothing that ends much later than the best is worth its sweep.
            if ($next === null || ! $sweep->rerun($next, $bestQuality[1] + self::WORSE_BY)) {
                continue;
            }
            $now = $this->score($sweep);
            $slot = $move % self::MEMORY;
            if ($now <= $score || $now <= $memory[$slot]) {
                [$at, $score] = [$sweep, $now];
                $quality = $this->quality($sweep);
                if ($quality < $bestQuality) {
                    [$best, $bestQuality, $since] = [$sweep, $quality, 0];
                    $onBetter?->__invoke($best);
                }
            }
            $memory[$slot] = min($memory[$slot], $score);
            if (++$since > self::PATIENCE) {
                $at = $this->elsewhere($best, $bestQuality[1]);
                $quality = $this->quality($at);
                if ($quality < $bestQuality) {
                    [$best, $bestQuality] = [$at, $quality];
                    $onBetter?->__invoke($best);
                }
                $score = $this->score($at);
                $memory = array_fill(0, self::MEMORY, $score);
                $since = 0;
            }
        }

        return $best;
    }

    /** Somewhere to go on from: the best order, shaken. */
    private function elsewhere(Sweep $best, int $makespan): Sweep
    {
        $shaken = clone $best;
        for ($shake = 0; $shake < self::SHAKES; $shake++) {
            $next = $this->moved($shaken->order);
            $sweep = new Sweep($this->bench);
            if ($next !== null && $sweep->run($next, $makespan + 3 * self::WORSE_BY)) {
                $shaken = $sweep;
            }
        }

        return $shaken;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>|null null: it can stand nowhere else
     */
    private function moved(array $order): ?array
    {
        $count = count($order);
        $at = $this->chance->below($count);
        $block = $this->chance->below(3) > 0 ? $this->blocks[$order[$at]] : [$order[$at]];
        $rest = [];
        $taken = [];
        $from = 0;
        foreach ($order as $index) {
            if (in_array($index, $block, true)) {
                $from = $taken === [] ? count($rest) : $from;
                $taken[] = $index;
            } else {
                $rest[] = $index;
            }
        }
        [$low, $high] = $this->room($rest, $taken);
        // Mostly near: far moves rarely hold.
        if ($this->chance->below(4) !== 0) {
            [$low, $high] = [max($low, $from - self::NEAR), min($high, $from + self::NEAR)];
        }
        if ($high < $low) {
            return null;
        }
        $to = $low + $this->chance->below($high - $low + 1);
        if ($to === $from) {
            return null;
        }
        array_splice($rest, $to, 0, $taken);

        return $rest;
    }

    /**
     * Between which places the block may stand: after all that it waits for, before all that waits for it.
     *
     * @param  list<int>  $rest
     * @param  list<int>  $block
     * @return array{int, int}
     */
    private function room(array $rest, array $block): array
    {
        $place = array_flip($rest);
        $low = 0;
        $high = count($rest);
        foreach ($block as $index) {
            foreach ($this->bench->before[$index] as [$before]) {
                $low = max($low, ($place[$before] ?? -1) + 1);
            }
            foreach ($this->bench->after[$index] as $after) {
                $high = min($high, $place[$after] ?? $high);
            }
        }

        return [$low, $high];
    }

    /** @return array{int, int, int, int} */
    private function quality(Sweep $sweep): array
    {
        return [$sweep->lateness(), $sweep->makespan(), $sweep->countSetups(), $sweep->countSessions()];
    }

    /** The aims as one number, with a pull on everything towards the front, so that plateaus have a slope. */
    private function score(Sweep $sweep): float
    {
        return self::LATE * $sweep->lateness() +
            $sweep->makespan() +
            $this->bench->problem->setup * $sweep->countSetups() +
            array_sum($sweep->end) / (4 * count($sweep->end));
    }
}
