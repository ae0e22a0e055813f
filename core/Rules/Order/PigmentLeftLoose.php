<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Rules\EndRule;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\JourneyRule;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class PigmentLeftLoose extends EndRule implements JourneyRule
{
    public const CODE = 'pigment-left-loose';

    public const TITLE = 'The pigment stays loose';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Dry pigment has no binder: it comes off on the first finger, and on its own in time.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $pigment = $zone->lastStepOf(TechniqueKind::Pigment);
        if ($pigment < 0 || $zone->lastStepOf(TechniqueKind::FixPigment, TechniqueKind::ClearCoat) > $pigment) {
            return null;
        }

        return $this->findingOn(Severity::Note, $plan->steps[$pigment]->id, $zone, 'The pigment is never fixed.');
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
