<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Nature;

final class MaskOnWhatHoldsWeakly extends RuleBase
{
    public const CODE = 'mask-on-what-holds-weakly';

    public const TITLE = 'The mask takes along what holds weakly';

    public const EXPLANATION = 'A mask takes along whatever holds less well than its glue: loose grains, a clay wash, '
        .'an unsealed decal.';

    protected const WATCHES = [Nature::Mask];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            $severity = match ($layer->film) {
                BinderFamily::DryPigment => Severity::Stop,
                BinderFamily::DecalFilm, BinderFamily::ClayWash, BinderFamily::MetalPencil => Severity::Risk,
                BinderFamily::WaterborneAcrylic,
                BinderFamily::AlcoholAcrylic,
                BinderFamily::Lacquer,
                BinderFamily::Enamel,
                BinderFamily::ArtistOil,
                BinderFamily::ChippingFluid,
                BinderFamily::Hairspray,
                BinderFamily::BoundPigment,
                BinderFamily::MudPaste,
                BinderFamily::MaskingFilm,
                BinderFamily::Salt,
                BinderFamily::WhiteGlue,
                BinderFamily::EpoxyPutty => null,
            };
            if ($severity !== null) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    $severity,
                    $situation,
                    "The mask takes the {$layer->film->label()} of step {$number} along when it comes off.",
                    ['layer' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['layer']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
