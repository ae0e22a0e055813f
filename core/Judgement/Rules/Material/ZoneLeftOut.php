<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\ZoneKind;

final class ZoneLeftOut extends EndRule implements JourneyRule, LooksAtZone
{
    public const CODE = 'zone-left-out';

    public const TITLE = 'A zone is left out';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A zone without a step stays bare plastic.';

    /** Steps; with fewer, a plan is only being begun. */
    private const A_PLAN_UNDER_WAY = 8;

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        return $zone->journey === [] &&
            $zone->zone()->kind !== ZoneKind::Glass &&
            count($plan->steps) >= self::A_PLAN_UNDER_WAY
            ? $this->findingOn(
                Severity::Note,
                $plan->steps[count($plan->steps) - 1]->id,
                'No step goes on this zone.',
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [];
    }
}
