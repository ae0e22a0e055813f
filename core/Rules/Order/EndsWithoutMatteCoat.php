<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Rules\EndRule;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\JourneyRule;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;

final class EndsWithoutMatteCoat extends EndRule implements JourneyRule
{
    public const CODE = 'ends-without-matte-coat';

    public const TITLE = 'The finish ends without a matte coat';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A last coat evens out the sheen of everything before it; what shines all over looks '
        .'like a toy.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $top = $zone->top();
        if ($top === null || $zone->zone->kind->mayShine() || $zone->release !== null) {
            return null;
        }
        $sheen = $zone->sheen();
        if ($sheen !== Sheen::Gloss) {
            return null;
        }

        return $this->findingOn(
            Severity::Note,
            $plan->steps[(int) $zone->lastStep()]->id,
            $zone,
            "The finish ends {$sheen->value} here.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                count($bench->plan->steps),
                'final-coat',
                $finding->zones,
                'End with a matte coat',
            ),
        ];
    }
}
