<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Chemistry;

use Ulvrach\Chemistry\AttackTable;
use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Layer;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class LiftOffLayerOverWeathering extends RuleBase
{
    public const CODE = 'lift-off-layer-over-weathering';

    public const TITLE = 'Lifting chips scrubs the weathering below';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'The water that lifts chips scrubs whatever lies open below, and weathering is the '
        .'first to go.';

    protected const WATCHES = [TechniqueKind::ReleaseFilm];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind->isWeathering() && $this->isHarmed($layer, $situation)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    $below,
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
