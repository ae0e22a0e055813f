<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Plan;

/** A way out of a finding: what to do, in the modeller's words, and the edits that do it. */
final readonly class Remedy
{
    /** @param  non-empty-list<PlanEdit>  $edits */
    public function __construct(public string $label, public array $edits)
    {
    }

    /** How much it changes of what the modeller meant: 0 a wait, up to 5 work that is given up. */
    public function weight(Plan $plan): int
    {
        return max(array_map(static fn (PlanEdit $edit) => self::weightOf($edit, $plan), $this->edits));
    }

    private static function weightOf(PlanEdit $edit, Plan $plan): int
    {
        if ($edit instanceof ReplaceStep) {
            $index = $plan->indexOf($edit->step->id);
            $was = $index === null ? $edit->step : $plan->steps[$index];

            return match (true) {
                array_diff($was->zones, $edit->step->zones) !== [] => 5,
                $was->technique !== $edit->step->technique => 4,
                $was->with(waitMinutes: $edit->step->waitMinutes) == $edit->step => 0,
                default => 1,
            };
        }

        return match (true) {
            $edit instanceof RemoveStep => 5,
            $edit instanceof MoveStep => 3,
            $edit instanceof InsertStep => 2,
            default => 1,
        };
    }
}
