<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class LiftOffLayerOverWeathering extends RuleBase
{
    public const CODE = 'lift-off-layer-over-weathering';

    public const TITLE = 'Lifting chips scrubs the weathering below';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'The water that lifts chips scrubs whatever lies open below, and weathering is the '
        .'first to go.';

    protected const WATCHES = [Nature::ReleaseFilm];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind->is(Nature::Weathering) && $this->isHarmed($layer, $situation)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    "The finished weathering of step {$number} lies open under this film.",
                );
            }
        }

        return null;
    }

    /** Whether the water that will lift the chips, or the alcohol of hairspray, moves what lies open. */
    private function isHarmed(Layer $layer, Situation $situation): bool
    {
        $carriers =
            $situation->product?->material->family === BinderFamily::Hairspray
                ? [Carrier::Water, Carrier::AlcoholBlend]
                : [Carrier::Water];
        foreach ($carriers as $carrier) {
            if (
                (AttackTable::onFilm($layer->behavesAs, $carrier, $layer->stateAt($situation->start)) ?? 0) >=
                AttackTable::MOVES
            ) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
