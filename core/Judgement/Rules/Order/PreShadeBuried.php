<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Coverage;
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
        $top = $isOpaque ? self::shadeOf($below) : null;

        return $top !== null
            ? $this->finding(
                Severity::Note,
                $situation,
                'Nothing of the pre-shade of step '.($top->stepIndex + 1).' will be left to see.',
            )
            : null;
    }

    /** The shading that would still be seen: clear coats and films between change nothing. */
    private static function shadeOf(Strata $below): ?Layer
    {
        foreach (array_reverse($below->layers) as $layer) {
            if ($layer->technique->code === 'pre-shade') {
                return $layer;
            }
            if ($layer->coverage === Coverage::Whole && $layer->colour() !== null) {
                return null;
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->inCoats($finding->stepId, 1)];
    }
}
