<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Cure;

use Ulvrach\Evaluation\Layer;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class NoLongerMerges extends RuleBase
{
    public const CODE = 'no-longer-merges';

    public const EXPLANATION = 'More of the same goes into it while it is open; once it has set, and before it bears a '
        .'coat, the next pass drags it.';

    protected const WATCHES = [
        TechniqueKind::Wash,
        TechniqueKind::Blend,
        TechniqueKind::Streak,
        TechniqueKind::Mud,
        TechniqueKind::Filter,
    ];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($this->hasJustSet($layer, $situation)) {
                $number = $layer->stepIndex + 1;
                $late = Minutes::inWords($situation->start - (int) $layer->openUntil);

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    $below,
                    "It no longer merges with step {$number}, which set {$late} before and does not bear a brush yet.",
                    ['layer' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->inOneSitting($finding->stepId, (string) $finding->facts['layer'], 0),
            $bench->waitUntilReady($finding->stepId),
        ];
    }

    private function hasJustSet(Layer $layer, Situation $situation): bool
    {
        return $situation->work->goesInto($layer) &&
            ! $situation->mergesInto($layer) &&
            ! $layer->isOpenAt($situation->start) &&
            ! $layer->behavesAs->oxidises() &&
            ! $situation->work->load->contact()->isSprayed() &&
            $situation->start < $layer->soonest[1];
    }
}
