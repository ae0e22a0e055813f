<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * How early everything could end at best: by what waits for what through the calendar, and by how much time at the
 * bench is needed. Windows, and airbrush changes but at the beginning, are left out, so it is never too late.
 *
 * @internal to Ulvrach\Schedule
 */
final class Bound
{
    private readonly Hours $hours;

    public function __construct(private readonly Bench $bench)
    {
        $this->hours = new Hours($bench->problem);
    }

    /**
     * @param  array<int, int>  $ends  of what is placed, by activity
     * @param  int  $free  when the hands are free
     */
    public function of(array $ends, int $free): int
    {
        return $this->withLateness($ends, $free)[1];
    }

    /**
     * The same before anything is placed, and closer: all that cannot start before a moment, for every moment, takes
     * its time at the bench after it, with a set-up for each colour but the first, which may be made before.
     */
    public function ofAll(): int
    {
        $activities = $this->bench->problem->activities;
        $starts = $ends = $colours = [];
        foreach ($this->bench->topological as $index) {
            $minute = $activities[$index]->notBefore;
            foreach ($this->bench->before[$index] as [$before, $min]) {
                $minute = max($minute, $ends[$before] + $min);
            }
            [$starts[$index], $ends[$index]] = $this->bench->earliest($index, $minute, 0, Bench::ANY_SESSION) ?? [
                $minute,
                $minute,
            ];
        }
        arsort($starts);
        $bound = $ends === [] ? 0 : max($ends);
        $work = 0;
        foreach ($starts as $index => $begins) {
            $work += $activities[$index]->active;
            $colours[$activities[$index]->spray ?? ''] = true;
            $setups = max(0, count(array_diff_key($colours, ['' => true])) - 1);
            $bound = max($bound, $this->hours->afterWork($begins, $work + $setups * $this->bench->problem->setup));
        }

        return $bound;
    }

    /**
     * @param  array<int, int>  $ends
     * @return array{int, int} by how much dates are missed at the least, and the end at the earliest
     */
    public function withLateness(array $ends, int $free): array
    {
        $bound = $ends === [] ? 0 : max($ends);
        $work = 0;
        foreach ($this->bench->topological as $index) {
            if (isset($ends[$index])) {
                continue;
            }
            $minute = max($free, $this->bench->problem->activities[$index]->notBefore);
            foreach ($this->bench->before[$index] as [$before, $min]) {
                $minute = max($minute, $ends[$before] + $min);
            }
            $found = $this->bench->earliest($index, $minute, $free, Bench::ANY_SESSION);
            if ($found === null) {
                return [PHP_INT_MAX, PHP_INT_MAX];
            }
            $ends[$index] = $found[1];
            $bound = max($bound, $found[1]);
            $work += $this->bench->problem->activities[$index]->active;
        }

        return [
            array_sum($this->bench->late($ends)),
            $work === 0 ? $bound : max($bound, $this->hours->afterWork($free, $work)),
        ];
    }
}
