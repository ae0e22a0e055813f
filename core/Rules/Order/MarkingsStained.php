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

final class MarkingsStained extends RuleBase
{
    public const CODE = 'markings-stained';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Brown and ochre tints yellow white markings for good unless a clear coat lies between.';

    protected const WATCHES = [TechniqueKind::Filter, TechniqueKind::Wash, TechniqueKind::Blend];

    /** Chroma and degrees of hue, from red to yellow, of a tint that yellows white. */
    private const WARM_CHROMA = 12.0;

    private const WARM_HUE = 105.0;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->kind === TechniqueKind::Decal && $situation->product?->material->colour !== null) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    $below,
                    "It stains the unsealed markings of step {$number}.",
                    ['decal' => $layer->stepId],
                );
            }
        }

        return $this->tintsSealedOnes($situation, $below);
    }

    /** A clear coat keeps a tint from soaking in, not from lying on top. */
    private function tintsSealedOnes(Situation $situation, Strata $below): ?Finding
    {
        $colour = $situation->product?->material->colour;
        $decal = $below->lastStepOf(TechniqueKind::Decal);
        $isWarm = $colour !== null && $colour->chroma() > self::WARM_CHROMA && $colour->hue() < self::WARM_HUE;

        return $decal >= 0 && $isWarm && $situation->kind === TechniqueKind::Filter
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                'The warm filter lies on the white of the markings, sealed as they are: wipe it off there.',
                ['decal' => $situation->plan->steps[$decal]->id],
            )
            : null;
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
