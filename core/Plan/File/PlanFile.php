<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;

/** What a plan file holds: the plan, and beside it what was really done. */
final readonly class PlanFile
{
    public function __construct(
        public Plan $plan,
        public Log $log = new Log(),
    ) {
    }
}
