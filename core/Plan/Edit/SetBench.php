<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Plan;

final readonly class SetBench implements PlanEdit
{
    public function __construct(public BenchConditions $bench)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        return $plan->with(bench: $this->bench);
    }

    public function words(Plan $plan): string
    {
        return 'Change the room';
    }
}
