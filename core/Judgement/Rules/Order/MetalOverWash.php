<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class MetalOverWash extends RuleBase
{
    public const CODE = 'metal-over-wash';

    public const TITLE = 'Metal hides the wash';

    public const EXPLANATION = 'Metal brushed over raised detail lies on top of the wash around it and hides its line.';

    protected const WATCHES = [Nature::Metal, Nature::Chips, Nature::Detail];

    /** Metal, however it is laid; a chip of it is a speck, which hides no line. */
    public function concerns(Situation $situation): bool
    {
        $isSpeck = $situation->kind->is(Nature::Chips) && $situation->technique->markMm !== null;

        return $situation->kind->is(Nature::Metal) ||
            (! $isSpeck && $situation->product?->material->metallic === true);
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind->is(Nature::Wash) && $layer->technique->role === ColourRole::Shade) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "The metal covers the wash of step {$number} where they meet.",
                    ['wash' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['wash']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
