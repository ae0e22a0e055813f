<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/** How much of a plan is drafted anew: one part of the work, some zones, or both; locked steps never are. */
final readonly class Redraft
{
    /**
     * @param  string|null  $part  as Stage::part() names it; null: all parts
     * @param  list<string>  $zones  ids; empty: all zones
     */
    public function __construct(public ?string $part = null, public array $zones = [])
    {
    }

    /** Whether a draft simply takes the place of all that there is. */
    public function isWhole(Plan $plan): bool
    {
        $hasLocked = array_filter($plan->steps, static fn (Step $step) => $step->locked) !== [];

        return $plan->steps === [] || ($this->part === null && $this->zones === [] && ! $hasLocked);
    }
}
