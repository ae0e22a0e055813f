<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/** Gives the step of the same id new contents, at the same place. */
final readonly class ReplaceStep implements PlanEdit
{
    public function __construct(public Step $step)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        $index =
            $plan->indexOf($this->step->id) ??
            throw EditRefused::at('/step/id', "There is no step “{$this->step->id}” in this plan.");
        $faults = Consistency::faultsOf($this->step, $plan, '/step');
        if ($faults !== []) {
            throw EditRefused::because($faults);
        }

        return $plan->with(steps: array_values(array_replace($plan->steps, [$index => $this->step])));
    }

    public function words(Plan $plan): string
    {
        return 'Change '.StepWords::ofTechnique($this->step->technique);
    }
}
