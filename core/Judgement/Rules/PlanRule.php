<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;

/** A rule that compares zones with each other, so it can only speak when all of the plan is known. */
interface PlanRule extends Rule
{
    /**
     * @param  list<Strata>  $strata  each once, as they are after the last step
     * @return list<array{Finding, Strata}>
     */
    public function overall(Plan $plan, array $strata): array;
}
