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

final class InteriorLeftClean extends EndRule implements PlanRule
{
    public const CODE = 'interior-left-clean';

    public const TITLE = 'The inside stays clean';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Boots carry the mud of the road inside: floor and ramp show it first.';

    public function overall(Plan $plan, array $strata): array
    {
        $mud = array_filter(
            $strata,
            static fn (Strata $zone) => $zone->zone()->kind !== ZoneKind::Interior &&
                $zone->lastStepOf(Nature::Mud) >= 0,
        );
        $findings = [];
        foreach ($mud === [] ? [] : $strata as $zone) {
            $isClean =
                $zone->zone()->kind === ZoneKind::Interior &&
                $zone->has(Nature::Colour) &&
                $zone->lastStepOf(Nature::Mud, Nature::Pigment, Nature::Blend) < 0;
            if ($isClean && $zone->closedBy === null) {
                $findings[] = [
                    $this->findingOn(
                        Severity::Note,
                        $plan->steps[(int) $zone->lastStep()]->id,
                        'Outside there is mud, inside there is none.',
                    ),
                    $zone,
                ];
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                count($bench->plan->steps),
                'dry-pigment',
                $finding->zones,
                'Put a little earth on its floor',
            ),
        ];
    }
}
