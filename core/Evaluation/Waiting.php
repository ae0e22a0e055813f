<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Contact;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Technique\TechniqueKind;

/** What has to dry, and how far, before a step can begin. */
final readonly class Waiting
{
    /**
     * @param  Hold|null  $longest  the hold that lasts longest on any of the zones; null: nothing has to be waited for
     * @param  array<int, Wait>  $waits  by index of the step whose layer has to be waited for: from its end
     * @param  array<int, Hold|null>  $onStrata  by object id of the strata
     */
    private function __construct(public ?Hold $longest, public array $waits, private array $onStrata)
    {
    }

    /** @param  list<Touched>  $touched */
    public static function of(Work $work, array $touched, Windows $windows, StepLiquids $known): self
    {
        $isLift = $work->kind === TechniqueKind::LiftOff;
        $liquids = self::liquidsToWaitFor($work, $known);
        $longest = null;
        $waits = $onStrata = [];
        /**
         * @var array<int, Hold|false> $held by step index of the layer, which is the same on every zone; false: no hold
         */
        $held = [];
        foreach ($touched as $one) {
            $here = null;
            $through = $isLift ? $windows->throughCoat($work, $one->strata) : null;
            if ($through !== null) {
                [$coat, $wait] = $through;
                $here = new Hold($coat, CureState::TouchDry, $coat->laidAt + $wait->minutes, null);
                $waits[$coat->stepIndex] = self::longer($wait, $waits[$coat->stepIndex] ?? $wait);
            }
            foreach ($one->strata->withinReachOf($work) as $layer) {
                $hold = $held[$layer->stepIndex] ??= self::holdOf($layer, $work, $liquids) ?? false;
                if ($hold !== false && ($here === null || $hold->until > $here->until)) {
                    $here = $hold;
                }
            }
            $onStrata[spl_object_id($one->strata)] = $here;
            if ($here !== null && ($longest === null || $here->until > $longest->until)) {
                $longest = $here;
            }
        }
        foreach ($held as $index => $hold) {
            if ($hold !== false) {
                $layer = $hold->layer;
                // A film that never gets there is waited for until it bears a coat.
                $state = $layer->reaches($hold->needs) === null ? CureState::Recoatable : $hold->needs;
                $wait = new Wait($hold->until - $layer->laidAt, $layer->lawOf($state));
                $waits[$index] = self::longer($wait, $waits[$index] ?? $wait);
            }
        }

        return new self($longest, $waits, $onStrata);
    }

    /** The hold that lasts longest on zones in this state; null: nothing below has to be waited for. */
    public function on(Strata $strata): ?Hold
    {
        return $this->onStrata[spl_object_id($strata)] ?? null;
    }

    /**
     * The step's own liquids; and under a release film the water that will be scrubbed through it: what the chips shall
     * show must be tough before the film goes on, since the lift-off cannot wait for it.
     *
     * @return list<StepLiquid>
     */
    private static function liquidsToWaitFor(Work $work, StepLiquids $known): array
    {
        return $work->kind === TechniqueKind::ReleaseFilm && $work->product?->material->family !== BinderFamily::Salt
            ? [
                ...$work->liquids,
                $known->get(Carrier::Water, Contact::Scrub, null, TechniqueKind::LiftOff, false, false),
            ]
            : $work->liquids;
    }

    /** @param  list<StepLiquid>  $liquids */
    private static function holdOf(Layer $layer, Work $work, array $liquids): ?Hold
    {
        $needs = $work->technique->wetInWet && $layer->film->oxidises() ? CureState::Wet : $work->technique->needs;
        $until = $needs === CureState::Wet ? null : $layer->reaches($needs) ?? $layer->recoatableAt;
        $hold = $until === null ? null : new Hold($layer, $needs, $until, null);
        foreach ($liquids as $liquid) {
            $state = $liquid->stateToWaitFor($layer);
            $reached = $layer->reaches($state) ?? $layer->laidAt;
            if ($state !== CureState::Wet && ($hold === null || $reached > $hold->until)) {
                $hold = new Hold($layer, $state, $reached, $liquid);
            }
        }

        return $hold;
    }

    public static function longer(Wait $one, Wait $other): Wait
    {
        return $one->minutes >= $other->minutes ? $one : $other;
    }
}
