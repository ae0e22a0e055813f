<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;

final class CarrierAttacksBarePart extends RuleBase implements LooksAtZone
{
    public const CODE = 'carrier-attacks-bare-part';

    public const TITLE = 'A solvent attacks the bare part';

    public const EXPLANATION = 'Spirits creep into stressed glue joints and hot thinners etch polystyrene; a skin of '
        .'primer keeps both out.';

    public function concerns(Situation $situation): bool
    {
        return $situation->meetsBarePart;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if (! $below->isBareExposed()) {
            return null;
        }
        $part = $below->zone()->substrate;
        foreach ($situation->liquids as $liquid) {
            $carrier = $liquid->liquid->carrier;
            $level = AttackTable::onBarePart($part, $carrier);
            $level =
                $level === null
                    ? 0
                    : AttackTable::afterContact($level, $liquid->liquid->contact, CureState::SolventProof);
            if ($level >= 1 && ! ($carrier->isHot() && $level === 1)) {
                return $this->finding(
                    match ($level) {
                        1 => Severity::Note,
                        2 => Severity::Risk,
                        default => Severity::Stop,
                    },
                    $situation,
                    ucfirst($carrier->label()).
                        " gets to the bare {$part->label()}: glued joints let go, or the surface is etched.",
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                'prime',
                $finding->zones,
                'Prime first',
            ),
            $bench->thinnedWith($finding->stepId, Carrier::OdourlessSpirit),
            $bench->cleanUpWith($finding->stepId, Carrier::OdourlessSpirit, false),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
