<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/** Puts a new step before the one that now stands at the index; an index past the end appends. */
final readonly class InsertStep implements PlanEdit
{
    public function __construct(public Step $step, public int $at)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        if ($plan->indexOf($this->step->id) !== null) {
            throw EditRefused::at('/step/id', "A step “{$this->step->id}” is already in this plan.");
        }
        if (count($plan->steps) >= Plan::MOST_STEPS) {
            throw EditRefused::at('/step', 'A plan holds at most '.Plan::MOST_STEPS.' steps.');
        }
        $faults = Consistency::faultsOf($this->step, $plan, '/step');
        if ($faults !== []) {
            throw EditRefused::because($faults);
        }
        $steps = $plan->steps;
        array_splice($steps, $this->at, 0, [$this->step]);

        return $plan->with(steps: $steps);
    }

    public function words(Plan $plan): string
    {
        return 'Add '.StepWords::ofTechnique($this->step->technique);
    }
}
