<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** When everything starts and ends. */
final readonly class Solution
{
    /**
     * @param  list<int>  $starts  by activity
     * @param  list<int>  $ends
     * @param  list<int>  $sessionOf  index of the session that each starts in
     * @param  int  $setups  airbrush changes
     * @param  int  $sessions  sessions in which something is done
     * @param  bool  $optimal  whether no earlier end is possible that meets dates as well
     * @param  list<Lag>  $missed  windows that are not kept
     * @param  int  $lateness  minutes by which dates are missed, all together
     */
    public function __construct(
        public array $starts,
        public array $ends,
        public array $sessionOf,
        public int $makespan,
        public int $setups,
        public int $sessions,
        public int $lowerBound,
        public bool $optimal,
        public int $lateness = 0,
        public array $missed = [],
    ) {
    }
}
