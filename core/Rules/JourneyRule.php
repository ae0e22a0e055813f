<?php

declare(strict_types=1);

namespace Ulvrach\Rules;

use Ulvrach\Evaluation\StepTimes;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Plan;

/** A rule that can only speak when the last step of a zone is known. */
interface JourneyRule extends Rule
{
    /** @param  list<StepTimes>  $times */
    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding;
}
