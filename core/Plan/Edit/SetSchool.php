<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;

final readonly class SetSchool implements PlanEdit
{
    public function __construct(public SchoolChoice $school)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        return $plan->with(school: $this->school);
    }

    public function words(Plan $plan): string
    {
        return 'Change the school';
    }
}
