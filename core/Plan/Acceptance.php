<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** A rule that is broken knowingly at one step: for a reason, with a trial, or both. */
final readonly class Acceptance
{
    public function __construct(public string $rule, public string $reason, public ?Trial $trial = null)
    {
    }
}
