<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** What an activity is a part of: a step of a build, one of its coats or its clean-up, on all of its zones or some. */
final readonly class Job
{
    /**
     * @param  int  $section  which of the sections it is that the sitting is cut into
     * @param  string|null  $otherMedium  a sentence: what in its place leaves more time; null: nothing known does
     * @param  list<string>  $zones  ids of those that it goes on; empty: all of its step
     */
    public function __construct(
        public string $build,
        public int $stepIndex,
        public string $stepId,
        public JobPart $part,
        public int $number = 1,
        public int $of = 1,
        public int $section = 1,
        public int $sections = 1,
        public array $zones = [],
        public ?string $otherMedium = null,
    ) {
    }

    /** What it is, whenever it is asked for. */
    public function key(): string
    {
        return "{$this->build} {$this->stepId} {$this->part->value} {$this->number} {$this->section}";
    }
}
