<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * How early everything could end at best: by what waits for what through the calendar, and by how much time at the
 * bench is needed. Airbrush changes and windows are left out, so it is never too late.
 *
 * @internal to Ulvrach\Schedule
 */
final class Bound
{
    /** @var list<int> minutes at the bench before each session */
    private array $benchBefore = [0];

    public function __construct(private readonly Bench $bench)
    {
        foreach ($bench->problem->sessions as [$from, $to]) {
            $this->benchBefore[] = $this->benchBefore[count($this->benchBefore) - 1] + $to - $from;
        }
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
            $work === 0 ? $bound : max($bound, $this->afterWork($free, $work)),
        ];
    }

    /** The minute at which so much time at the bench has passed. */
    private function afterWork(int $minute, int $work): int
    {
        $sessions = $this->bench->problem->sessions;
        $at = $this->bench->sessionAt($minute);
        if ($at >= count($sessions)) {
            return PHP_INT_MAX;
        }
        $needed = $this->benchBefore[$at] + max(0, $minute - $sessions[$at][0]) + $work;
        $low = $at;
        $high = count($sessions);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->benchBefore[$middle + 1] < $needed) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low >= count($sessions) ? PHP_INT_MAX : $sessions[$low][0] + $needed - $this->benchBefore[$low];
    }
}
