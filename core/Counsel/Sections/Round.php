<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Sections;

/** One stretch of applying or cleaning, in minutes from the start. */
final readonly class Round
{
    public function __construct(public bool $cleans, public int $zone, public float $from, public float $to)
    {
    }
}
