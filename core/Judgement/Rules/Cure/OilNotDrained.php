<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Technique\Nature;

final class OilNotDrained extends RuleBase
{
    public const CODE = 'oil-not-drained';

    public const TITLE = 'The oil has not drained';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Card draws the oil out of the colour in some hours; taken earlier it dries slowly and '
        .'glossy.';

    protected const WATCHES = [
        Nature::Tint,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->times->rested !== null && $situation->start < $situation->times->rested;
    }

    public function examine(Situation $situation, Strata $below): Finding
    {
        $short = Minutes::inWords((int) $situation->times->rested - $situation->start);

        return $this->finding(
            Severity::Note,
            $situation,
            "The oil is taken {$short} before the card has drawn it off.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->waitUntilReady($finding->stepId)];
    }
}
