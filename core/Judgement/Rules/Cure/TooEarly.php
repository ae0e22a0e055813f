<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Chemistry\WakesLayerBelow;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Hold;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Quantity\Span;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

final class TooEarly extends RuleBase
{
    public const CODE = 'too-early';

    public const TITLE = 'What lies below is not ready';

    public const EXPLANATION = 'Dry to the touch, safe to coat over and safe to rub are three different times; work '
        .'before its time tears, traps or softens what is below.';

    public function concerns(Situation $situation): bool
    {
        return ! $situation->kind->is(Nature::Mask) &&
            ($situation->start < $situation->ready || $situation->step->waitMinutes !== null);
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $hold = $situation->holdOn($below);
        if ($hold === null || $this->isChemistrys($hold) || $this->isSaidElsewhere($hold, $situation, $below)) {
            return null;
        }
        // An empty wait has weighed what can be lost; who names a time is told of the doubt.
        $isAsked = $situation->step->waitMinutes !== null && ! $hold->layer->kind->is(Nature::Sculpt);
        $until = $isAsked ? $hold->sure : $hold->until;
        if ($until <= $situation->start) {
            return null;
        }
        $number = $hold->layer->stepIndex + 1;
        $film = $hold->layer->film;
        $takes = (new Span($hold->soonest, $hold->sure))->since($hold->layer->laidAt)->inWords();
        $after = Minutes::inWords($situation->start - $hold->layer->laidAt);

        return $this->finding(
            $this->severity($hold, $situation),
            $situation,
            "It starts after {$after}; the {$film->label()} of step {$number} is {$hold->needs->labelOf($film)} after "
                ."{$takes}.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->waitUntilReady($finding->stepId),
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /**
     * One mistake is one finding: what is already said of the liquid, of merging, or at the chipping film of what lies
     * under it, is not said again.
     */
    private function isSaidElsewhere(Hold $hold, Situation $situation, Strata $below): bool
    {
        $film = $below->releaseFilm();
        $isLift = $situation->kind->is(Nature::LiftOff);
        if ($situation->kind->is(Nature::CleanUp) && $situation->mergesInto($hold->layer)) {
            return true;
        }
        if ($isLift && $film !== null && $hold->layer->stepIndex < $film->stepIndex) {
            return true;
        }
        if ($hold->liquid !== null) {
            return false;
        }
        foreach ($situation->threatsTo($below) as $threat) {
            $hasItsRule =
                $threat->liquid->liquid->carrier->isHot() || WakesLayerBelow::wakes($threat->liquid, $threat->layer);
            if ($threat->layer === $hold->layer && $hasItsRule && $threat->harm->value >= Harm::MayFail->value) {
                return true;
            }
        }

        return $situation->work->goesInto($hold->layer) && ! $hold->layer->behavesAs->oxidises();
    }

    /** Spirits on enamel and hot solvents have a rule of their own that says more. */
    private function isChemistrys(Hold $hold): bool
    {
        return $hold->liquid !== null &&
            ($hold->liquid->liquid->carrier->isHot() ||
                $hold->liquid->findsYoungVarnish($hold->layer) ||
                WakesLayerBelow::wakes($hold->liquid, $hold->layer));
    }

    /**
     * By what is lost: paint that is still wet is torn up, what is skinned is marked, and over a dab a stroke smears.
     */
    private function severity(Hold $hold, Situation $situation): Severity
    {
        $layer = $hold->layer;
        if ($situation->start >= $hold->soonest) {
            return $layer->kind->is(Nature::Decal) ? Severity::Risk : Severity::Note;
        }
        // What is torn then is the mask's own edge, or a coat that is sprayed again.
        if ($situation->kind->is(Nature::Unmask)) {
            return Severity::Note;
        }
        if ($situation->kind->is(Nature::LiftOff)) {
            return Severity::Risk;
        }
        $isTorn =
            $layer->coverage === Coverage::Whole &&
            $situation->work->load !== Load::Dab &&
            $layer->bestStateAt($situation->start) === CureState::Wet;
        if ($hold->liquid !== null && ! $isTorn) {
            $harm = $hold->liquid->harmTo($layer, $layer->bestStateAt($situation->start));

            return match ($harm) {
                Harm::WillFail => Severity::Stop,
                Harm::MayFail, Harm::Unknown => Severity::Risk,
                Harm::Slight, Harm::None => Severity::Note,
            };
        }

        return match (true) {
            $layer->load === Load::Dab, $layer->isSpot && $situation->work->isSpot => Severity::Note,
            $isTorn, $layer->kind->is(Nature::Decal) => Severity::Stop,
            default => Severity::Risk,
        };
    }
}
