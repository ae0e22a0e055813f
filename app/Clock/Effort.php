<?php

declare(strict_types=1);

namespace App\Clock;

use Ulvrach\Schedule\Solution;

/** How long a better timetable is looked for, and who watches. */
final class Effort
{
    /** Seconds between two questions to the watcher, who may have to ask a database. */
    private const ASK_EVERY = 0.2;

    private ?int $began = null;

    private float $askedAt = 0.0;

    private bool $isStopped = false;

    /**
     * @param  float  $seconds  at most
     * @param  (\Closure(float): bool)|null  $watch  told of the seconds spent; false ends the search with the best so
     *   far
     * @param  (\Closure(Solution): void)|null  $onBetter  told of the first answer and of every better one
     */
    public function __construct(
        public readonly float $seconds = 0.6,
        private readonly ?\Closure $watch = null,
        public readonly ?\Closure $onBetter = null,
    ) {
    }

    public function goesOn(): bool
    {
        $spent = $this->spent();
        if ($this->watch !== null && ! $this->isStopped && $spent - $this->askedAt >= self::ASK_EVERY) {
            $this->askedAt = $spent;
            $this->isStopped = ! ($this->watch)($spent);
        }

        return ! $this->isStopped && $spent < $this->seconds;
    }

    /** Seconds of search that the answer is worth: all of them, unless it was stopped. */
    public function worth(): float
    {
        return $this->isStopped ? $this->spent() : $this->seconds;
    }

    private function spent(): float
    {
        $now = (int) hrtime(true);
        $this->began ??= $now;

        return ($now - $this->began) / 1e9;
    }
}
