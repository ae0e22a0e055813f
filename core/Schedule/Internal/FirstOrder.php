<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;

/**
 * The best of some first orders, and where none keeps all windows, which of them have to be given up.
 *
 * @internal to Ulvrach\Schedule
 */
final readonly class FirstOrder
{
    /** Orders that are tried for each window that may have to be given up: many are asked about. */
    private const TRIES_TO_FREE = 6;

    public function __construct(private Bench $bench, private Chance $chance, private Dispatch $dispatch)
    {
    }

    /**
     * @param  int  $tries  different orders that are tried
     * @param  (\Closure(?Sweep): bool)|null  $goesOn  asked before each, with the best so far; null: all are tried
     */
    public function find(int $tries, ?\Closure $goesOn = null): ?Sweep
    {
        // What has a date first.
        $best = $this->dispatch->run($this->bench->pressing);
        for ($try = 1; $try < $tries && ($goesOn === null || $goesOn($best)); $try++) {
            $favour = [];
            for ($index = 0; $index < $this->bench->count; $index++) {
                $favour[$index] = $this->chance->below(2880) + ($try % 4 < 2 ? $this->bench->pressing[$index] : 0);
            }
            $best = $this->better($this->dispatch->run($favour, $try % 2 === 1, $try % 8 > 3), $best);
        }
        $windows = $best === null ? new WindowOrder($this->bench, $this->chance) : null;
        for ($try = 0; $windows !== null && $try < $tries && ($goesOn === null || $goesOn($best)); $try++) {
            $best = $this->better($windows->run(), $best);
        }

        return $best;
    }

    /**
     * The windows to give up so that an order is found, as few as a quick search finds, those first with which least is
     * lost; among equals long ones, since what may wait for a day forgives more than what may wait for an hour.
     *
     * @return list<Lag> empty: no order is found even without windows
     */
    public static function toFree(Problem $problem, Chance $chance): array
    {
        $lags = array_values(array_filter($problem->lags, static fn (Lag $lag) => $lag->max !== null));
        usort(
            $lags,
            static fn (Lag $a, Lag $b) => $a->loss->value <=> $b->loss->value ?: $b->max <=> $a->max,
        );
        if (! self::isFoundWithout($lags, $problem, $chance)) {
            return [];
        }
        [$low, $high] = [1, count($lags)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if (self::isFoundWithout(array_slice($lags, 0, $middle), $problem, $chance)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        $freed = array_slice($lags, 0, $low);
        // What costs most is kept if it can be, by giving up what costs less.
        foreach (array_reverse($freed) as $lag) {
            $fewer = array_values(array_filter($freed, static fn (Lag $other) => $other !== $lag));
            if ($fewer !== [] && self::isFoundWithout($fewer, $problem, $chance)) {
                $freed = $fewer;
            }
        }

        return $freed;
    }

    /** @param  list<Lag>  $freed */
    private static function isFoundWithout(array $freed, Problem $problem, Chance $chance): bool
    {
        $bench = new Bench($problem->withoutWindows($freed));

        return (new self($bench, $chance, new Dispatch($bench)))->find(self::TRIES_TO_FREE) !== null;
    }

    private function better(?Sweep $one, ?Sweep $other): ?Sweep
    {
        return $one === null || ($other !== null && $one->quality() >= $other->quality()) ? $other : $one;
    }
}
