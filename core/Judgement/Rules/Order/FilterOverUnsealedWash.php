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
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class FilterOverUnsealedWash extends RuleBase
{
    public const CODE = 'filter-over-unsealed-wash';

    public const TITLE = 'The filter goes over an unsealed wash';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Who seals between solvent steps keeps the lines of a wash under a coat before the '
        .'filter goes over them.';

    protected const WATCHES = [Nature::Filter];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $wash = $below->lastStepOf(Nature::Wash);
        if ($wash < 0 || $below->lastStepOf(Nature::ClearCoat) > $wash) {
            return null;
        }
        $number = $wash + 1;

        return $this->finding(
            Severity::Note,
            $situation,
            "The wash of step {$number} lies unsealed under this filter.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones)];
    }
}
