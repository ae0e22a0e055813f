<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Orders in which nothing comes between what opens a window and what has to follow, except what the latter still waits
 * for. They end later than those of Dispatch, but keep windows where it finds no way on.
 *
 * @internal to Ulvrach\Schedule
 */
final class WindowOrder
{
    /** Minutes by which chance moves the urgency of a piece of work. */
    private const APART = 2880;

    /**
     * Minutes up to which a window counts as one, each tried in turn: between the ends of a long one much else may be
     * done.
     */
    private const LONGEST = [120, 600, 1500, PHP_INT_MAX];

    private int $runs = 0;

    private int $longest = 0;

    /** @var array<int, int> by activity: minutes of waits and work that follow it at the least */
    private array $tail = [];

    /** @var array<int, array<int, true>> by activity: all that it waits for */
    private array $ancestors = [];

    public function __construct(private readonly Bench $bench, private readonly Chance $chance)
    {
        foreach ($bench->topological as $index) {
            $this->ancestors[$index] = [];
            foreach ($bench->before[$index] as [$before]) {
                $this->ancestors[$index] += [$before => true] + $this->ancestors[$before];
            }
        }
        foreach (array_reverse($bench->topological) as $index) {
            $this->tail[$index] ??= 0;
            $own = $bench->problem->activities[$index]->active + $this->tail[$index];
            foreach ($bench->before[$index] as [$before, $min]) {
                $this->tail[$before] = max($this->tail[$before] ?? 0, $min + $own);
            }
        }
    }

    /** @return Sweep|null another one at every call; null: this one does not keep all windows */
    public function run(): ?Sweep
    {
        $this->longest = self::LONGEST[$this->runs++ % count(self::LONGEST)];
        $order = [];
        $placed = [];
        /** @var list<int> $awaited what open windows wait for, the latest last */
        $awaited = [];
        $waits = array_map(count(...), $this->bench->before);
        $ready = array_fill_keys(array_keys($waits, 0, true), true);
        while ($ready !== []) {
            $next = $this->choose(array_keys($ready), $placed, $awaited);
            $order[] = $next;
            $placed[$next] = true;
            unset($ready[$next]);
            $awaited = array_values(array_filter($awaited, static fn (int $index) => $index !== $next));
            foreach ($this->bench->pending[$next] as [$tied, $max]) {
                if ($max <= $this->longest) {
                    $awaited[] = $tied;
                }
            }
            foreach ($this->bench->after[$next] as $after) {
                if (--$waits[$after] === 0) {
                    $ready[$after] = true;
                }
            }
        }
        $sweep = new Sweep($this->bench);

        return $sweep->run($order) ? $sweep : null;
    }

    /**
     * @param  non-empty-list<int>  $ready
     * @param  array<int, true>  $placed
     * @param  list<int>  $awaited
     */
    private function choose(array $ready, array $placed, array $awaited): int
    {
        $wanted = $awaited === [] ? null : $awaited[count($awaited) - 1];
        $fitting = array_filter(
            $ready,
            fn (int $index) => $wanted === null
                ? ! $this->opensTooSoon($index, $placed)
                : $index === $wanted || isset($this->ancestors[$wanted][$index]),
        );
        $best = $ready[0];
        $most = -1;
        foreach ($fitting === [] ? $ready : $fitting as $index) {
            $urgency = $this->tail[$index] + $this->bench->pressing[$index] + $this->chance->below(self::APART);
            if ($urgency > $most) {
                [$best, $most] = [$index, $urgency];
            }
        }

        return $best;
    }

    /**
     * Whether what has to follow it inside a window still waits for something that does not come from it.
     *
     * @param  array<int, true>  $placed
     */
    private function opensTooSoon(int $index, array $placed): bool
    {
        foreach ($this->bench->pending[$index] as [$tied, $max]) {
            foreach ($max <= $this->longest ? $this->ancestors[$tied] : [] as $other => $_) {
                if ($other !== $index && ! isset($placed[$other]) && ! isset($this->ancestors[$other][$index])) {
                    return true;
                }
            }
        }

        return false;
    }
}
