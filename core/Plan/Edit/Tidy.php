<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/** @internal takes out of the steps what they say of something that is no longer in the plan */
final class Tidy
{
    public static function references(Plan $plan): Plan
    {
        $panels = [];
        foreach ($plan->zones as $zone) {
            array_push($panels, ...array_column($zone->panels, 'id'));
        }
        $ids = array_column($plan->steps, 'id');

        return $plan->with(
            steps: array_map(static fn (Step $step) => self::tidied($step, $panels, $ids), $plan->steps),
        );
    }

    /**
     * @param  list<string>  $panels  ids
     * @param  list<string>  $steps  ids
     */
    private static function tidied(Step $step, array $panels, array $steps): Step
    {
        if ($step->merge?->into !== null && ! in_array($step->merge->into, $steps, true)) {
            $step = $step->with(merge: null);
        }
        $named = $step->extent->panels ?? [];
        $left = array_values(array_intersect($named, $panels));
        if ($step->extent === null || count($left) === count($named)) {
            return $step;
        }
        $extent = $step->extent->with(panels: $left);

        return $step->with(extent: $extent->isUsual() ? null : $extent);
    }
}
