<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** Work laid into a week, with what could not be kept. */
final readonly class Timetable
{
    /** By piece of work. */
    public Solution $solution;

    /** Of pieces of work. */
    public Problem $problem;

    /**
     * @param  Solution  $laid  by block
     * @param  list<Job>  $jobs  by piece of work
     * @param  list<Conflict>  $conflicts
     */
    public function __construct(
        public Blocks $blocks,
        public Solution $laid,
        public array $jobs,
        public array $conflicts,
    ) {
        $this->problem = $blocks->pieces;
        $this->solution = $blocks->expanded($laid);
    }

    /** The minute at which the last work on a build ends; null: nothing is left to do on it. */
    public function endOf(string $build): ?int
    {
        $end = null;
        foreach ($this->jobs as $index => $job) {
            if ($job->build === $build) {
                $end = max($end ?? 0, $this->solution->ends[$index]);
            }
        }

        return $end;
    }

    /** @return list<string> keys of its jobs in the order in which they are done */
    public function order(): array
    {
        $starts = $this->solution->starts;
        asort($starts);

        return array_map(fn (int $index) => $this->jobs[$index]->key(), array_keys($starts));
    }
}
