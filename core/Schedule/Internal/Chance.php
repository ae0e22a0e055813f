<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Random choice that is the same for the same seed on every machine: the xorshift generator of Marsaglia, Journal of
 * Statistical Software 8 (2003), with 32 bits.
 *
 * @internal to Ulvrach\Schedule
 */
final class Chance
{
    private int $state;

    public function __construct(int $seed)
    {
        $this->state = $seed & 0xFFFFFFFF ?: 2_463_534_242;
    }

    /**
     * From 0 to one below the limit.
     *
     * @phpstan-impure
     */
    public function below(int $limit): int
    {
        $x = $this->state;
        $x ^= ($x << 13) & 0xFFFFFFFF;
        $x ^= $x >> 17;
        $x ^= ($x << 5) & 0xFFFFFFFF;
        $this->state = $x & 0xFFFFFFFF;

        return $limit <= 1 ? 0 : $this->state % $limit;
    }
}
