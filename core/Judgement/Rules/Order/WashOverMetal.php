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

final class WashOverMetal extends RuleBase
{
    public const CODE = 'wash-over-metal';

    public const TITLE = 'The wash takes the metal along';

    public const KIND = RuleKind::Fact;

    public const EXPLANATION = 'Spirit floats graphite and flakes off what they lie on, and smears them over the paint '
        .'beside: metal that shines comes last.';

    protected const WATCHES = [Nature::Wash, Nature::Filter];

    public function concerns(Situation $situation): bool
    {
        $carrier = $situation->step->thinner ?? $situation->product?->material->carrier;

        return $carrier?->isSpirit() === true;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            $isLoose = $layer->film === BinderFamily::MetalPencil && $layer->shinesAsMetal();
            if ($isLoose && $situation->work->meets($layer)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "Its spirit floats some of the graphite of step {$number} off and smears it.",
                    ['metal' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['metal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
