<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAround;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

final class NoLookBeforeSeal extends RuleBase implements LooksAround
{
    public const CODE = 'no-look-before-seal';

    public const TITLE = 'Nobody looks before it is sealed';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A clear coat locks in what lies below; what was missed is found in a fresh look, and '
        .'afterwards it is too late.';

    protected const WATCHES = [Nature::ClearCoat];

    private const WORTH_A_LOOK = [Nature::Decal, Nature::DrawnOff, Nature::Chips, Nature::LiftOff];

    public function concerns(Situation $situation): bool
    {
        return $this->isFirst($situation) && ! $this->isLookedAt($situation);
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->lastStepOf(...self::WORTH_A_LOOK) < 0) {
            return null;
        }

        return $this->finding(
            Severity::Note,
            $situation,
            'What was done since the last clear coat is sealed in without a look.',
        );
    }

    /** It is asked once: who has heard it knows it. */
    private function isFirst(Situation $situation): bool
    {
        $isWorked = false;
        foreach (array_slice($situation->plan->steps, 0, $situation->index) as $step) {
            $kind = TechniqueLibrary::get($step->technique)->kind;
            if ($isWorked && $kind->is(Nature::ClearCoat)) {
                return false;
            }
            $isWorked = $isWorked || $kind->isAny(...self::WORTH_A_LOOK);
        }

        return true;
    }

    /** Whether the plan looks anything over: then its maker knows why. */
    private function isLookedAt(Situation $situation): bool
    {
        foreach ($situation->plan->steps as $step) {
            if (TechniqueLibrary::get($step->technique)->kind->is(Nature::Look)) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->lookBefore($finding->stepId, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
