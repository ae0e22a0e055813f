<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\StepTimes;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;

/** A rule that can only speak when the last step of a zone is known. */
interface JourneyRule extends Rule
{
    /** @param  list<StepTimes>  $times */
    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding;
}
