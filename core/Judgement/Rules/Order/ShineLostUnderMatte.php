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

final class ShineLostUnderMatte extends RuleBase
{
    public const CODE = 'shine-lost-under-matte';

    public const TITLE = 'A matte coat takes the shine';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Wet mud, oil, lenses and glass live from their shine, and a matte coat takes it: they '
        .'come after it.';

    protected const WATCHES = [Nature::ClearCoat];

    public function concerns(Situation $situation): bool
    {
        return $situation->product?->material->sheen === Sheen::Matte;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind->is(Nature::Gloss) || $layer->technique->code === 'wet-mud') {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    $below,
                    "The matte coat takes the wet shine of step {$number}.",
                    ['shine' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['shine'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
