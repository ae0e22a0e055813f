<?php

declare(strict_types=1);

namespace Ulvrach;

/**
 * Numbers that take long to work out and always come to the same, so that nobody works them out twice: kept while the
 * program runs, and beyond that where somebody has lent a shared memory. Keys say all that the numbers depend on.
 */
final class Memory
{
    /** Numbers kept at once while the program runs; then all are let go. */
    private const MOST = 6_000;

    private static ?SharedMemory $shared = null;

    /** @var array<string, list<float>> */
    private static array $known = [];

    public static function lend(?SharedMemory $shared): void
    {
        self::$shared = $shared;
    }

    /**
     * @param  \Closure(): list<float>  $work  that gives them where nobody knows them
     * @return list<float>
     */
    public static function of(string $key, \Closure $work): array
    {
        if (isset(self::$known[$key])) {
            return self::$known[$key];
        }
        if (count(self::$known) > self::MOST) {
            self::$known = [];
        }
        /** @var list<float>|null $numbers */
        $numbers = self::$shared?->find($key);
        if ($numbers === null) {
            $numbers = $work();
            self::$shared?->keep($key, $numbers);
        }

        return self::$known[$key] = $numbers;
    }
}
