<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Terrain;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class DustNearlyWhite extends RuleBase
{
    public const CODE = 'dust-nearly-white';

    public const TITLE = 'The dust is almost white';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'No ground is white but snow and chalk: dust as pale as that reads as frost or flour.';

    protected const WATCHES = [Nature::Pigment, Nature::Shade, Nature::Colour, Nature::Blend];

    /** L* from which dust is almost white, unless it has a colour: chroma. */
    private const PALE = 88.0;

    private const HUE = 14.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Dust &&
            $situation->technique->code !== 'chalk-stains' &&
            $situation->plan->build->terrain !== Terrain::Snow;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $colour = $situation->product?->material->colour;

        return $colour !== null && $colour->l > self::PALE && $colour->chroma() < self::HUE
            ? $this->finding(
                Severity::Note,
                $situation,
                "“{$situation->product->name}” is almost white: no earth is.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $technique = $bench->techniqueOf($finding->stepId);

        return [
            $bench->withProduct($finding->stepId, $bench->need($technique->code)),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
