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

final class PreShadeBuried extends RuleBase
{
    public const CODE = 'pre-shade-buried';

    public const TITLE = 'The pre-shade is buried';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A pre-shade shows through thin, translucent coats; a brush or several full coats bury '
        .'it.';

    protected const WATCHES = [Nature::Colour];

    /** Coats that hide what lies below. */
    private const OPAQUE = 3;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $isOpaque = ! $situation->work->load->contact()->isSprayed() || $situation->step->coats >= self::OPAQUE;
        $top = $below->top();

        return $isOpaque && $top?->technique->code === 'pre-shade'
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                'Nothing of the pre-shade of step '.($top->stepIndex + 1).' will be left to see.',
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->inCoats($finding->stepId, 1)];
    }
}
