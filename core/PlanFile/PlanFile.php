<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Log\Log;
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
