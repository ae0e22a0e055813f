<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class FilterOverUnsealedWash extends RuleBase
{
    public const CODE = 'filter-over-unsealed-wash';

    public const TITLE = 'The filter goes over an unsealed wash';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Who seals between solvent steps keeps the lines of a wash under a coat before the '
        .'filter goes over them.';

    protected const WATCHES = [TechniqueKind::Filter];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $wash = $below->lastStepOf(TechniqueKind::Wash);
        if ($wash < 0 || $below->lastStepOf(TechniqueKind::ClearCoat) > $wash) {
            return null;
        }
        $number = $wash + 1;

        return $this->finding(
            Severity::Note,
            $situation,
            $below,
            "The wash of step {$number} lies unsealed under this filter.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones)];
    }
}
