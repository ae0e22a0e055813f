<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Build;
use Ulvrach\Plan\Plan;

final readonly class DescribeBuild implements PlanEdit
{
    public function __construct(public Build $build)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        return $plan->with(build: $this->build);
    }

    public function words(Plan $plan): string
    {
        return 'Change the build';
    }
}
