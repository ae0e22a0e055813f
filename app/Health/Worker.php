<?php

declare(strict_types=1);

namespace App\Health;

use Illuminate\Contracts\Cache\Repository;

/** Whether the worker that does what takes longer than a request is there: it says so every few seconds. */
final class Worker
{
    private const KEY = 'worker.seen';

    /** Seconds between two signs of life, and after which there ought to have been one: its longest task and more. */
    private const SAYS_EVERY = 15;

    private const MISSED_AFTER = 120;

    private int $said = 0;

    public function __construct(private readonly Repository $cache)
    {
    }

    /** Called by the worker between two looks for work. */
    public function isThere(): void
    {
        $now = now()->getTimestamp();
        if ($now - $this->said >= self::SAYS_EVERY) {
            $this->cache->put(self::KEY, $now, 86_400);
            $this->said = $now;
        }
    }

    /** @return string|null what is wrong; null: nothing */
    public function fault(): ?string
    {
        $seen = $this->cache->get(self::KEY);
        if (! is_int($seen)) {
            return 'The worker that searches timetables has not been seen.';
        }
        $ago = now()->getTimestamp() - $seen;

        return $ago <= self::MISSED_AFTER
            ? null
            : 'The worker that searches timetables was last seen '.intdiv($ago, 60).' minutes ago.';
    }
}
