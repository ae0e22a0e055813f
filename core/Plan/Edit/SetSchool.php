<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;

final readonly class SetSchool implements PlanEdit
{
    public function __construct(public string $school)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        return $plan->with(school: $this->school);
    }
}
