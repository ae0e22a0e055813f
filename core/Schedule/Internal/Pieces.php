<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Job;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Loss;

/**
 * Pieces of work as they are gathered, with what has to lie between them and which belong to one sitting.
 *
 * @internal to Ulvrach\Schedule
 */
final class Pieces
{
    /** @var list<Activity> */
    public array $activities = [];

    /** @var list<Job> by activity */
    public array $jobs = [];

    /** @var array<int, string> by activity: the sitting, or the section of it, that it belongs to */
    public array $sittings = [];

    /** @var list<Lag> */
    public array $lags = [];

    /** @var array<string, list<Done>> by "build step index": the sections in which it is done */
    private array $done = [];

    public function add(Activity $activity, Job $job, string $sitting): int
    {
        $this->activities[] = $activity;
        $this->jobs[] = $job;
        $this->sittings[] = $sitting;

        return count($this->activities) - 1;
    }

    /** Nothing has to hold the pieces together that were added from there on: other work may come between them. */
    public function apart(int $from): void
    {
        for ($place = $from; $place < $this->count(); $place++) {
            $this->sittings[$place] .= " {$place}";
        }
    }

    public function lag(int $from, int $to, int $min, ?int $max = null, Loss $loss = Loss::Wish): void
    {
        $most = $max === null ? null : max($max, $min, 0);
        $this->lags[] = new Lag($from, $to, max(0, $min), $most, loss: $loss);
    }

    public function done(string $build, int $index, Done $done): void
    {
        $this->done["{$build} {$index}"][] = $done;
    }

    /** @return list<Done> empty: the step is not laid */
    public function sectionsOf(string $build, int $index): array
    {
        return $this->done["{$build} {$index}"] ?? [];
    }

    public function count(): int
    {
        return count($this->activities);
    }
}
