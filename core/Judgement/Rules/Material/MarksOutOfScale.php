<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\RealSize;
use Ulvrach\Stuff\Technique\Nature;

final class MarksOutOfScale extends RuleBase
{
    public const CODE = 'marks-out-of-scale';

    public const TITLE = 'The marks are out of scale';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A mark on the model is a mark on the vehicle times the scale: half a millimetre at '
        .'1:72 is a hole of 36 mm.';

    protected const WATCHES = [
        Nature::Wear,
        Nature::Mud,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->markMm !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $mark = $situation->technique->markMm;
        $limit = RealSize::of($situation->kind->is(Nature::Mud) ? 'clod' : 'chip')->most;
        if ($mark === null || $mark * $situation->plan->build->scale <= $limit) {
            return null;
        }
        $real = round($mark * $situation->plan->build->scale);

        return $this->finding(
            // Twice as large nobody takes for a chip any more.
            $real > 2 * $limit ? Severity::Risk : Severity::Note,
            $situation,
            "Its smallest marks of {$mark} mm are {$real} mm at 1:{$situation->plan->build->scale}.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $finer =
            $bench->techniqueOf($finding->stepId)->kind->is(Nature::Chips)
                ? [
                    $bench->chipsInstead($finding->stepId, 'brush-chips', 'Paint them with the finest brush instead'),
                ]
                : [];

        return [...$finer, $bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
