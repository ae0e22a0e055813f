<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAround;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

final class NothingToLift extends RuleBase implements LooksAround, LooksAtZone
{
    public const CODE = 'nothing-to-lift';

    public const TITLE = 'There is nothing to lift';

    public const EXPLANATION = 'Water lifts chips only where a chipping film lies under the colour; elsewhere it just '
        .'wets the paint.';

    protected const CERTAIN = true;

    protected const WATCHES = [Nature::LiftOff];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $film = $below->releaseFilm();
        if ($film === null || $below->release?->isOpenOn($situation->step->extent) !== true) {
            return $this->finding(
                Severity::Stop,
                $situation,
                'No chipping film waits under the colour here: nothing will come off.',
                ['film' => null],
            );
        }
        if ($situation->step->application === Application::Dry && $film->film !== BinderFamily::Salt) {
            return $this->finding(
                Severity::Stop,
                $situation,
                "A dry brush lifts nothing off {$film->film->label()}: it takes water.",
                ['film' => $film->stepId, 'dry' => 1],
            );
        }

        $thinner = $situation->step->thinner;
        if ($thinner !== null && ! $thinner->isWater() && $film->film !== BinderFamily::Salt) {
            return $this->finding(
                Severity::Stop,
                $situation,
                ucfirst("{$thinner->label()} lifts nothing off {$film->film->label()}: it takes water."),
                ['film' => $film->stepId, 'dry' => 1],
            );
        }

        return $below->aboveRelease() === [] && ! $this->isSaidOfTheFilm($situation, $below)
            ? $this->finding(
                Severity::Stop,
                $situation,
                'Nothing lies on the chipping film yet: it would only be washed off.',
                ['film' => $film->stepId],
            )
            : null;
    }

    /** Whether a film that lies above its colour is found at the step that lays it, and so not once more here. */
    private function isSaidOfTheFilm(Situation $situation, Strata $below): bool
    {
        foreach (array_slice($situation->plan->steps, $situation->index + 1) as $step) {
            $paints = TechniqueLibrary::get($step->technique)->kind->is(Nature::CoatOfPaint);
            if ($paints && $step->covers($below->zone()->id)) {
                return false;
            }
        }
        foreach (array_slice($below->layers, 0, $below->release === null ? 0 : $below->release->place) as $layer) {
            if ($layer->kind->is(Nature::Colour)) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $colour = $bench->lastStepOfKindBefore($finding->stepId, [Nature::Colour], $finding->zones[0]);
        $film = $finding->facts['film'];
        $remedies = ($finding->facts['dry'] ?? null) === 1 ? [$bench->liftWithWater($finding->stepId)] : [];
        if ($colour !== null && $film === null) {
            $remedies[] = $bench->insertBefore(
                $bench->indexOf($colour->id),
                'chipping-fluid',
                $finding->zones,
                "Put chipping fluid under {$bench->named($colour->id)}",
            );
        }
        if ($colour !== null && is_string($film)) {
            $remedies[] = $bench->moveBefore($film, $colour->id);
        }
        $remedies[] = $bench->chipsInstead($finding->stepId, 'sponge-chips', 'Apply the chips with a sponge instead');
        $remedies[] = $bench->leaveOut($finding->stepId, $finding->zones);

        return $remedies;
    }
}
