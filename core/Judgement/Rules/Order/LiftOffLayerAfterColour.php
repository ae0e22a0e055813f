<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

final class LiftOffLayerAfterColour extends EndRule implements PlanRule
{
    public const CODE = 'lift-off-layer-after-colour';

    public const TITLE = 'The chipping film lies above its colour';

    public const EXPLANATION =
        'A chipping film lifts only what is sprayed over it; under it, the colour is out of '.'its reach.';

    protected const CERTAIN = true;

    public function overall(Plan $plan, array $strata): array
    {
        $findings = [];
        foreach ($strata as $zone) {
            $hasColour = false;
            foreach ($zone->layers as $layer) {
                if (
                    $layer->kind->is(Nature::ReleaseFilm) &&
                    $hasColour &&
                    ! $this->isPainted($layer, $zone, $plan)
                ) {
                    $findings[] = [
                        $this->findingOn(
                            Severity::Stop,
                            $layer->stepId,
                            'No colour follows on this film: the one it should lift already lies below it.',
                        ),
                        $zone,
                    ];
                }
                $hasColour = $hasColour || $layer->kind->is(Nature::Colour);
            }
        }

        return $findings;
    }

    /** Whether paint comes over the film at all; where it comes after the lifting, that is what is wrong. */
    private function isPainted(Layer $film, Strata $zone, Plan $plan): bool
    {
        foreach ($zone->journey as $index) {
            if (
                $index > $film->stepIndex &&
                TechniqueLibrary::get($plan->steps[$index]->technique)->kind->is(Nature::CoatOfPaint)
            ) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $colour = $bench->lastStepOfKindBefore($finding->stepId, [Nature::Colour], $finding->zones[0]);
        $lift = $bench->firstStepOfKindAfter($finding->stepId, [Nature::LiftOff], $finding->zones[0]);
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
                $finding->zones,
                "Spray the colour of step {$number} once more, over the film",
                $again,
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
