<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;

final readonly class RemoveStep implements PlanEdit
{
    public function __construct(public string $id)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        $index = $plan->indexOf($this->id) ?? throw EditRefused::noSuchStep($this->id);
        $steps = $plan->steps;
        array_splice($steps, $index, 1);

        return Tidy::references($plan->with(steps: $steps));
    }

    public function words(Plan $plan): string
    {
        return 'Delete '.StepWords::ofStep($this->id, $plan);
    }
}
