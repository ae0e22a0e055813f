<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** What an activity is a part of: a step of a build, one of its coats or its clean-up. */
final readonly class Job
{
    public function __construct(
        public string $build,
        public int $stepIndex,
        public string $stepId,
        public JobPart $part,
        public int $number = 1,
        public int $of = 1,
    ) {
    }

    /** What it is, whenever it is asked for. */
    public function key(): string
    {
        return "{$this->build} {$this->stepId} {$this->part->value} {$this->number}";
    }
}
