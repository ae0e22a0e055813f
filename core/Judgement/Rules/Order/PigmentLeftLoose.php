<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\Nature;

final class PigmentLeftLoose extends EndRule implements JourneyRule
{
    public const CODE = 'pigment-left-loose';

    public const TITLE = 'The pigment stays loose';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Dry pigment has no binder: it comes off on the first finger, and on its own in time.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $pigment = $zone->lastStepOf(Nature::Pigment);
        if ($pigment < 0 || $zone->lastStepOf(Nature::FixPigment, Nature::ClearCoat) > $pigment) {
            return null;
        }

        return $this->findingOn(Severity::Note, $plan->steps[$pigment]->id, 'The pigment is never fixed.');
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                'fix-pigment',
                $finding->zones,
                'Fix it afterwards',
            ),
        ];
    }
}
