<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

use Ulvrach\Schedule\Problem;

/**
 * When somebody is at the bench, prepared so that it is looked up and not searched for: it is asked a million times a
 * second.
 *
 * @internal to Ulvrach\Schedule
 */
final class Hours
{
    private readonly int $from;

    private readonly int $grid;

    private readonly int $last;

    /** @var list<int> by place on the grid of minutes: the session that it lies in, or the next */
    private array $sessionAt = [];

    /** @var list<int> minutes at the bench before each session */
    private array $benchBefore = [0];

    /** @var list<int> by place on the grid of minutes at the bench: the session in which so many have passed */
    private array $passedIn = [];

    public function __construct(private readonly Problem $problem)
    {
        $this->grid = max(1, $problem->granularity);
        $this->from = $problem->sessions[0][0] ?? 0;
        $this->last = count($problem->sessions) - 1;
        foreach ($problem->sessions as $at => [$from, $to]) {
            while ($this->from + count($this->sessionAt) * $this->grid < $to) {
                $this->sessionAt[] = $at;
            }
            $before = $this->benchBefore[$at] + $to - $from;
            $this->benchBefore[] = $before;
            while (count($this->passedIn) * $this->grid <= $before) {
                $this->passedIn[] = $at;
            }
        }
    }

    /** The minute from that one on at which somebody is at the bench for so long; if nobody is, that minute. */
    public function atBench(int $minute, int $active): int
    {
        $sessions = $this->problem->sessions;
        // Not a method of its own: this is called too often for that.
        $place = $minute <= $this->from ? 0 : intdiv($minute - $this->from, $this->grid);
        $at = $this->sessionAt[$place] ?? $this->last + 1;
        for (; $at <= $this->last; $at++) {
            [$from, $to] = $sessions[$at];
            $begins = $minute > $from ? $minute : $from;
            if ($begins + $active <= $to && $begins < $to) {
                return $begins;
            }
        }

        return $minute;
    }

    /** The minute at which so much time at the bench has passed; never: one that no calendar has. */
    public function afterWork(int $minute, int $work): int
    {
        // Not a method of its own: this is called too often for that.
        $place = $minute <= $this->from ? 0 : intdiv($minute - $this->from, $this->grid);
        $at = $this->sessionAt[$place] ?? $this->last + 1;
        if ($at > $this->last) {
            return PHP_INT_MAX >> 2;
        }
        $since = $minute - $this->problem->sessions[$at][0];
        $needed = $this->benchBefore[$at] + ($since > 0 ? $since : 0) + $work;
        $in = $this->passedIn[intdiv($needed, $this->grid)] ?? $this->last + 1;
        while ($in <= $this->last && $this->benchBefore[$in + 1] < $needed) {
            $in++;
        }

        return $in > $this->last
            ? PHP_INT_MAX >> 2
            : $this->problem->sessions[$in][0] + $needed - $this->benchBefore[$in];
    }
}
