<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/** Takes a zone off the board and out of every step; steps that are left with none stay, on no zone. */
final readonly class RemoveZone implements PlanEdit
{
    public function __construct(public string $id)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        if (! isset($plan->zones[$this->id])) {
            throw EditRefused::at('/id', "There is no zone “{$this->id}” in this plan.");
        }
        $without = fn (Step $step): Step => $step->covers($this->id)
            ? $step->onZones(array_values(array_diff($step->zones, [$this->id])))
            : $step;

        return Tidy::references(
            $plan->with(
                steps: array_map($without, $plan->steps),
                zones: array_diff_key($plan->zones, [$this->id => true]),
            ),
        );
    }

    public function words(Plan $plan): string
    {
        return 'Change zones';
    }
}
