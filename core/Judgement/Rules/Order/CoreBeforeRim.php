<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class CoreBeforeRim extends RuleBase
{
    public const CODE = 'core-before-rim';

    public const TITLE = 'The core comes before its rim';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'The light rim of a chip is painted first and the dark core inside it; the other way '
        .'round the rim covers the core.';

    protected const WATCHES = [Nature::Chips];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->code === 'light-chips';
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->layers as $layer) {
            if ($layer->technique->code === 'brush-chips') {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "The light rims come over the dark cores of step {$number}.",
                    ['core' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['core']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
