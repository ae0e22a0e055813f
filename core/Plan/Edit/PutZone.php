<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Zone;

/** Adds a zone at the right-hand end of the board, or changes the one of the same id. */
final readonly class PutZone implements PlanEdit
{
    public function __construct(public Zone $zone)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        if (! isset($plan->zones[$this->zone->id]) && count($plan->zones) >= Plan::MOST_ZONES) {
            throw EditRefused::at('/zone', 'A plan holds at most '.Plan::MOST_ZONES.' zones.');
        }

        $changed = $plan->with(zones: [...$plan->zones, $this->zone->id => $this->zone]);
        $faults = Consistency::panelFaultsOf(array_values($changed->zones), '/zone');
        if ($faults !== []) {
            throw EditRefused::at('/zone/panels', $faults[0]->message);
        }

        return Tidy::references($changed);
    }

    public function words(Plan $plan): string
    {
        return 'Change zones';
    }
}
