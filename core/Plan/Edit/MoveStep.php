<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;

/** Takes a step out and puts it back so that it then stands at the index. */
final readonly class MoveStep implements PlanEdit
{
    public function __construct(public string $id, public int $to)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        $index = $plan->indexOf($this->id) ?? throw EditRefused::noSuchStep($this->id);
        $steps = $plan->steps;
        $moved = array_splice($steps, $index, 1);
        array_splice($steps, $this->to, 0, $moved);

        return $plan->with(steps: $steps);
    }

    public function words(Plan $plan): string
    {
        return 'Move '.StepWords::ofStep($this->id, $plan);
    }
}
