<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/**
 * How long somebody's hands take, as shares of the library's minutes: 1 is as written there, 1.5 half as long again.
 */
final readonly class Pace
{
    public const FASTEST = 0.25;

    public const SLOWEST = 4.0;

    public function __construct(public float $applying = 1.0, public float $cleaning = 1.0)
    {
    }

    /** Minutes per 100 cm² and coat. */
    public function applyMinutes(Technique $technique): float
    {
        return $technique->applyMinutes * $this->applying;
    }

    /** Minutes per 100 cm². */
    public function cleanMinutes(Technique $technique): float
    {
        return $technique->cleanMinutes * $this->cleaning;
    }
}
