<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;

/** One change to a plan. People, remedies and the command line all speak in these. */
interface PlanEdit
{
    /** @throws EditRefused if the plan has nothing that this edit could change, or would point nowhere after it */
    public function applyTo(Plan $plan): Plan;

    /**
     * What the undo button says it will take back.
     *
     * @param  Plan  $plan  as it is before the edit
     */
    public function words(Plan $plan): string;
}
