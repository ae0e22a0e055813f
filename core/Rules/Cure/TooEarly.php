<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Cure;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Harm;
use Ulvrach\Evaluation\Hold;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Rules\Chemistry\WakesLayerBelow;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class TooEarly extends RuleBase
{
    public const CODE = 'too-early';

    public const EXPLANATION = 'Dry to the touch, safe to coat over and safe to rub are three different times; work '
        .'before its time tears, traps or softens what is below.';

    public function concerns(Situation $situation): bool
    {
        return $situation->start < $situation->ready && $situation->kind !== TechniqueKind::Mask;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $hold = $situation->holdOn($below);
        if ($hold === null || $hold->until <= $situation->start || $this->isChemistrys($hold)) {
            return null;
        }
        $number = $hold->layer->stepIndex + 1;
        $short = Minutes::inWords($hold->until - $situation->start);

        return $this->finding(
            $this->severity($hold, $situation),
            $situation,
            $below,
            "It starts {$short} before the {$hold->layer->film->label()} of step {$number} is {$hold->needs->label()}.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->waitUntilReady($finding->stepId),
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** Spirits on enamel and hot solvents have a rule of their own that says more. */
    private function isChemistrys(Hold $hold): bool
    {
        return $hold->liquid !== null &&
            ($hold->liquid->liquid->carrier->isHot() || WakesLayerBelow::wakes($hold->liquid, $hold->layer));
    }

    private function severity(Hold $hold, Situation $situation): Severity
    {
        return $hold->liquid?->harmTo($hold->layer, $hold->layer->stateAt($situation->start)) === Harm::MayFail
            ? Severity::Risk
            : Severity::Stop;
    }
}
