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

final class MarkingsStained extends RuleBase
{
    public const CODE = 'markings-stained';

    public const TITLE = 'The tint stains the markings';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Brown and ochre tints yellow white markings for good unless a clear coat lies between.';

    protected const WATCHES = [Nature::Tint];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind->is(Nature::Decal) && $situation->product?->material->colour !== null) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    "It stains the unsealed markings of step {$number}.",
                    ['decal' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->clearCoatBefore($finding->stepId, Sheen::Gloss, $finding->zones),
            $bench->moveAfter((string) $finding->facts['decal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
