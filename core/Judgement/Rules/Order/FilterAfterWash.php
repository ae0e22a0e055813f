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

final class FilterAfterWash extends RuleBase
{
    public const CODE = 'filter-after-wash';

    public const TITLE = 'The filter softens the wash';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A filter over a wash softens the lines that the wash has just drawn.';

    protected const WATCHES = [Nature::Filter];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $below->lastStepOf(Nature::Wash) >= 0
            ? $this->finding(
                Severity::Note,
                $situation,
                'The filter softens the lines of the wash before it.',
                ['wash' => $situation->plan->steps[$below->lastStepOf(Nature::Wash)]->id],
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['wash']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
