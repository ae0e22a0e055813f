<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** A test patch that was made, and what came of it. */
final readonly class Trial
{
    /**
     * @param  string  $where  "underside of the hull", "spoon"
     * @param  string  $date  "2026-11-24"
     */
    public function __construct(public string $where, public int $rubs, public bool $passed, public string $date)
    {
    }
}
