<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Technique\Nature;

final class ZoneLeftInPrimer extends EndRule implements PlanRule
{
    public const CODE = 'zone-left-in-primer';

    public const TITLE = 'A zone ends in primer';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Primer is the ground for a colour: a part that ends in it was forgotten.';

    /** Zones of a plan that have their colour, from which on one that has none was forgotten. */
    private const MOST_ARE_PAINTED = 0.5;

    public function overall(Plan $plan, array $strata): array
    {
        $primed = array_filter(
            $strata,
            static fn (Strata $zone) => $zone->zone()->kind !== ZoneKind::Glass &&
                // Oxide primer under rust is how many an exhaust is painted.
                $zone->zone()->kind !== ZoneKind::Exhaust &&
                $zone->has(Nature::Prime),
        );
        $bare = array_filter(
            $primed,
            static fn (Strata $zone) => ! $zone->has(
                Nature::Colour,
                Nature::Shade,
                Nature::Detail,
                Nature::Metal,
                Nature::Weathering,
            ),
        );
        if (count($primed) - count($bare) < self::MOST_ARE_PAINTED * count($primed)) {
            return [];
        }
        $last = $plan->steps[count($plan->steps) - 1] ?? null;
        // A plan that has no last coat yet is still being made.
        $isWhole = $last !== null && array_filter(
            $strata,
            static fn (Strata $zone) => $zone->lastStepOf(Nature::ClearCoat) >= 0,
        ) !== [];

        return $isWhole
            ? array_values(array_map(
                fn (Strata $zone) => [
                    $this->findingOn(
                        Severity::Note,
                        $plan->steps[(int) $zone->lastStep()]->id,
                        'Nothing but primer is ever laid here.',
                    ),
                    $zone,
                ],
                $bare,
            ))
            : [];
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [];
    }
}
