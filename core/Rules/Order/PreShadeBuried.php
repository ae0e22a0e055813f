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

final class PreShadeBuried extends RuleBase
{
    public const CODE = 'pre-shade-buried';

    public const TITLE = 'The pre-shade is buried';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A pre-shade shows through thin, translucent coats; a brush or several full coats bury '
        .'it.';

    protected const WATCHES = [TechniqueKind::Colour];

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
