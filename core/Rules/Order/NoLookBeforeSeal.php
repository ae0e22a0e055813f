<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class NoLookBeforeSeal extends RuleBase
{
    public const CODE = 'no-look-before-seal';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A clear coat locks in what lies below; what was missed is found in a fresh look, and '
        .'afterwards it is too late.';

    protected const WATCHES = [TechniqueKind::ClearCoat];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $work = $below->lastStepOf(
            TechniqueKind::Decal,
            TechniqueKind::Wash,
            TechniqueKind::Blend,
            TechniqueKind::Streak,
            TechniqueKind::Chips,
            TechniqueKind::LiftOff,
        );
        if ($work < 0 || $work < $below->lastStepOf(TechniqueKind::ClearCoat, TechniqueKind::Look)) {
            return null;
        }

        return $this->finding(
            Severity::Note,
            $situation,
            $below,
            'What was done since the last clear coat is sealed in without a look.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->lookBefore($finding->stepId, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
