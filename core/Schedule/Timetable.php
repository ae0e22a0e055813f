<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** Work laid into a week, with what could not be kept. */
final readonly class Timetable
{
    /**
     * @param  list<Job>  $jobs  by activity
     * @param  list<Conflict>  $conflicts
     */
    public function __construct(
        public Problem $problem,
        public array $jobs,
        public Solution $solution,
        public array $conflicts,
    ) {
    }
}
