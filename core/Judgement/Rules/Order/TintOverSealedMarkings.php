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
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Nature;

final class TintOverSealedMarkings extends RuleBase
{
    public const CODE = 'tint-over-sealed-markings';

    public const TITLE = 'The tint lies on sealed markings';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A clear coat keeps a tint from soaking into white markings, not from lying on them.';

    protected const WATCHES = [Nature::Filter];

    /** Chroma and degrees of hue, from red to yellow, of a tint that yellows white. */
    private const WARM_CHROMA = 12.0;

    private const WARM_HUE = 105.0;

    public function concerns(Situation $situation): bool
    {
        $colour = $situation->product?->material->colour;

        return $colour !== null && $colour->chroma() > self::WARM_CHROMA && $colour->hue() < self::WARM_HUE;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $decal = $below->lastStepOf(Nature::Decal);
        if ($decal < 0 || $this->isOpen($below)) {
            return null;
        }

        return $this->finding(
            Severity::Note,
            $situation,
            'The warm filter lies on the white of the markings, sealed as they are: wipe it off there.',
            ['decal' => $situation->plan->steps[$decal]->id],
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['decal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** Unsealed ones are stained, which another rule says. */
    private function isOpen(Strata $below): bool
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->film === BinderFamily::DecalFilm) {
                return true;
            }
        }

        return false;
    }
}
