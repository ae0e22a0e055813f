<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** A rule that is broken knowingly at one step, and why. A trial that speaks for it stands in the log. */
final readonly class Acceptance
{
    public function __construct(
        public string $rule,
        public string $reason,
    ) {
    }
}
