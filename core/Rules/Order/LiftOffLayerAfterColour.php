<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;
use Ulvrach\Technique\TechniqueLibrary;

final class LiftOffLayerAfterColour extends RuleBase
{
    public const CODE = 'lift-off-layer-after-colour';

    public const EXPLANATION = 'A chipping film lifts only what is sprayed over it; under it, the colour is out of '
        .'its reach.';

    protected const WATCHES = [TechniqueKind::ReleaseFilm];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if (! $below->has(TechniqueKind::Colour)) {
            return null;
        }
        foreach ($below->journey as $index) {
            if ($index <= $situation->index) {
                continue;
            }
            $kind = TechniqueLibrary::get($situation->plan->steps[$index]->technique)->kind;
            if ($kind->paints()) {
                return null;
            }
            if ($kind === TechniqueKind::LiftOff) {
                break;
            }
        }

        return $this->finding(
            Severity::Stop,
            $situation,
            $below,
            'No colour follows on this film: the one it should lift already lies below it.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $colour = $bench->lastStepOfKindBefore($finding->stepId, [TechniqueKind::Colour], $finding->zones[0]);
        $lift = $bench->firstStepOfKindAfter($finding->stepId, [TechniqueKind::LiftOff], $finding->zones[0]);
        $remedies = [];
        if ($colour !== null) {
            $remedies[] =
                $lift === null
                    ? $bench->moveBefore($finding->stepId, $colour->id)
                    : $bench->together(
                        "Move it before {$bench->named($colour->id)}, and lift right after that colour",
                        $bench->moveBefore($finding->stepId, $colour->id),
                        $bench->moveAfter($lift->id, $colour->id),
                    );
            $remedies[] = $bench->moveBefore($finding->stepId, $colour->id);
        }
        if ($colour !== null && ($again = $bench->plan->productOf($colour)) !== null) {
            $number = $bench->indexOf($colour->id) + 1;
            $remedies[] = $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                'spray-colour',
                $again,
                $finding->zones,
                "Spray the colour of step {$number} once more, over the film",
                1,
            );
        }
        if ($lift !== null) {
            array_push($remedies, ...$bench->chipsWithoutFilm($finding->stepId, $lift->id, $finding->zones));
        }
        $remedies[] = $bench->leaveOut($finding->stepId, $finding->zones);

        return $remedies;
    }
}
