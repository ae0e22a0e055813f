<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\Sheen;

final class EndsWithoutMatteCoat extends EndRule implements JourneyRule, LooksAtZone
{
    public const CODE = 'ends-without-matte-coat';

    public const TITLE = 'The finish ends without a matte coat';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A last coat evens out the sheen of everything before it; what shines all over looks '
        .'like a toy.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $top = $zone->top();
        $waits = $zone->release?->isWorkedOn(null) === false;
        if ($top === null || $zone->zone()->kind->mayShine() || $waits) {
            return null;
        }
        $sheen = $zone->sheen();
        if ($sheen !== Sheen::Gloss) {
            return null;
        }

        return $this->findingOn(
            Severity::Note,
            $plan->steps[(int) $zone->lastStep()]->id,
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
