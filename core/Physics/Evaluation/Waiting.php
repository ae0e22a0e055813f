<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Kinds;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What has to dry, and how far, before a step can begin. */
final readonly class Waiting
{
    /**
     * @param  Hold|null  $longest  the hold that lasts longest on any of the zones; null: nothing has to be waited for
     * @param  array<int, Wait>  $waits  by index of the step whose layer has to be waited for: from its end
     * @param  array<int, Layer>  $into  by step index: the layers that it is worked into
     * @param  array<int, Hold|null>  $onStrata  by object id of the strata that zones share
     * @param  bool  $cleans  what it goes into is what it takes up again
     * @param  Work  $work  that waits
     * @param  list<StepLiquid>  $liquids  for whose sake it waits
     */
    private function __construct(
        public ?Hold $longest,
        public array $waits,
        public array $into,
        private array $onStrata,
        private bool $cleans,
        private Work $work,
        private StepLiquids $known,
        private array $liquids,
    ) {
    }

    /**
     * @param  list<Touched>  $touched
     * @param  int  $from  minute at which it would begin if nothing had to be waited for
     * @param  bool  $isAsked  the plan says when it begins; otherwise it begins when all below allows it
     */
    public static function of(
        Work $work,
        array $touched,
        Windows $windows,
        StepLiquids $known,
        int $from,
        bool $isAsked,
    ): self {
        $into = $work->kind->is(Nature::CleanUp)
            ? self::cleanedLayers($work, $touched, $windows, $from)
            : self::openLayers($work, $touched, $from);
        $waiting = self::around($work, $touched, $windows, $known, $into);
        if ($into === [] || $work->kind->is(Nature::CleanUp)) {
            return $waiting;
        }
        $start = $isAsked ? $from : max($from, $waiting->longest->until ?? 0);
        $still = array_filter(
            $into,
            static fn (Layer $layer) => $layer->takes($work, $start) || $work->isMeantFor($layer),
        );

        // What has to be waited for elsewhere may outlast the time in which it still merges here.
        return count($still) === count($into) ? $waiting : self::around($work, $touched, $windows, $known, $still);
    }

    /**
     * @param  list<Touched>  $touched
     * @return array<int, Layer> by step index: the layers that the step is worked into if it begins at that minute
     */
    private static function openLayers(Work $work, array $touched, int $from): array
    {
        $open = $seen = [];
        $merges = $work->step->merge === null ? $work->kind->is(Nature::WorkedWet) : $work->step->merge->into !== null;
        foreach ($merges ? $touched : [] as $one) {
            foreach ($one->strata->withinReachOf($work) as $layer) {
                if (isset($seen[$layer->stepIndex])) {
                    continue;
                }
                $seen[$layer->stepIndex] = true;
                if (
                    $work->isMeantFor($layer) ||
                    ($layer->takes($work, $from) && $work->meets($layer) && $work->goesInto($layer))
                ) {
                    $open[$layer->stepIndex] = $layer;
                }
            }
        }

        return $open;
    }

    /**
     * @param  list<Touched>  $touched
     * @return array<int, Layer> by step index: what it takes up again
     */
    private static function cleanedLayers(Work $work, array $touched, Windows $windows, int $from): array
    {
        $cleaned = [];
        foreach ($touched as $one) {
            $cleaned += $windows->cleanedBy($work, $one->strata, $from);
        }

        return $cleaned;
    }

    /**
     * @param  list<Touched>  $touched
     * @param  array<int, Layer>  $into  by step index: the layers that it is worked into, which need not set
     */
    private static function around(
        Work $work,
        array $touched,
        Windows $windows,
        StepLiquids $known,
        array $into,
    ): self {
        $isLift = $work->kind->is(Nature::LiftOff);
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
                $until = $coat->laidAt + $wait->minutes;
                $here = new Hold($coat, CureState::TouchDry, $until, $until, $until, null);
                $waits[$coat->stepIndex] = self::longer($wait, $waits[$coat->stepIndex] ?? $wait);
            }
            if ($work->kind->is(Nature::CleanUp)) {
                [$opener, $opens] = $windows->cleaning($into, $one->strata);
                $here = $opener === null ? null : new Hold($opener, CureState::TouchDry, $opens, $opens, $opens, null);
                if ($here !== null) {
                    $wait = new Wait($opens - $here->layer->laidAt, FollowUp::cleanUpLaw($here->layer->film));
                    $waits[$here->layer->stepIndex] = self::longer($wait, $waits[$here->layer->stepIndex] ?? $wait);
                }
            }
            // What lies under a film was waited for as the film was laid: to lift it, the film alone is waited for.
            $through = $isLift ? $here : null;
            $overRelease = $one->strata->release !== null;
            foreach ($one->strata->withinReachOf($work) as $layer) {
                $hold = $held[$layer->stepIndex] ??= isset($into[$layer->stepIndex]) || ! $work->meets($layer)
                    ? false
                    : self::holdOf($layer, $work, $liquids, $overRelease) ?? false;
                if ($hold !== false && ($here === null || $hold->until > $here->until)) {
                    $here = $hold;
                }
            }
            $onStrata[spl_object_id($one->strata)] = $through ?? $here;
            if ($here !== null && ($longest === null || $here->until > $longest->until)) {
                $longest = $here;
            }
        }
        foreach ($held as $index => $hold) {
            if ($hold !== false) {
                $layer = $hold->layer;
                // A film that never gets there is waited for until it bears a coat.
                $state = $layer->reaches($hold->needs) === null ? CureState::Recoatable : $hold->needs;
                $wait = new Wait(
                    max(0, $hold->until - $layer->laidAt),
                    $layer->lawOf($state),
                    max(0, $hold->soonest - $layer->laidAt),
                    max(0, $hold->sure - $layer->laidAt),
                );
                $waits[$index] = self::longer($wait, $waits[$index] ?? $wait);
            }
        }

        $cleans = $work->kind->is(Nature::CleanUp);

        return new self($longest, $waits, $into, $onStrata, $cleans, $work, $known, $liquids);
    }

    /**
     * What its liquids are meant to move: what it is worked into while that is open, and what it cleans up.
     *
     * @return array<int, Layer> by step index
     */
    public function spared(int $start): array
    {
        return $this->cleans
            ? $this->into
            : array_filter($this->into, fn (Layer $layer) => $layer->takes($this->work, $start));
    }

    /** The hold that lasts longest on zones in this state; null: nothing below has to be waited for. */
    public function on(Strata $strata): ?Hold
    {
        return $this->onStrata[spl_object_id($strata->shared())] ?? null;
    }

    /**
     * The step's own liquids; and those of what has to follow before it sets, which cannot wait: under a release film
     * the water that will be scrubbed through it, and for a medium what is worked into it and cleans it up.
     *
     * @return list<StepLiquid>
     */
    private static function liquidsToWaitFor(Work $work, StepLiquids $known): array
    {
        if ($work->kind->is(Nature::ReleaseFilm)) {
            $lifting = Kinds::being(Nature::LiftOff)[0];

            return $work->product?->material->family === BinderFamily::Salt
                ? $work->liquids
                : [
                    ...$work->liquids,
                    $known->get(Carrier::Water, Contact::Scrub, null, $lifting, false),
                ];
        }

        return self::looksAhead($work)
            ? [...$work->liquids, ...self::liquidsThatFollow($work, $known)]
            : $work->liquids;
    }

    /** A medium that stays open waits for the sake of what goes into it, too. */
    private static function looksAhead(Work $work): bool
    {
        return $work->kind->is(Nature::WorkedWet) || $work->technique->cleanUp !== null;
    }

    /** Whether the same step, in a plan of which other steps are different, waits for the sake of the same liquids. */
    public function isWaitOf(Work $work): bool
    {
        return ! self::looksAhead($work) || self::liquidsToWaitFor($work, $this->known) === $this->liquids;
    }

    /** @return list<StepLiquid> of the steps that go into this one, or clean it up, while it is open */
    private static function liquidsThatFollow(Work $work, StepLiquids $known): array
    {
        $liquids = [];
        for ($index = $work->index + 1, $count = count($work->plan->steps); $index < $count; $index++) {
            $step = $work->plan->steps[$index];
            $kind = TechniqueLibrary::get($step->technique)->kind;
            $follows =
                $step->merge?->into === $work->step->id ||
                ($kind->is(Nature::CleanUp) && $work->technique->cleanUp !== null);
            if ($follows && array_intersect($step->zones, $work->step->zones) !== []) {
                $liquids = [...$liquids, ...(new Work($work->plan, $index, $known))->liquids];
            }
            if ($kind->isAny(Nature::ClearCoat, Nature::CleanUp)) {
                break;
            }
        }

        return $liquids;
    }

    /** @param  list<StepLiquid>  $liquids */
    private static function holdOf(Layer $layer, Work $work, array $liquids, bool $overRelease): ?Hold
    {
        $needs = self::needsOf($work, $layer, $overRelease);
        $hold = null;
        if ($needs !== CureState::Wet) {
            $sure = $layer->reaches($needs) ?? $layer->recoatableAt;
            $soonest = $layer->soonestReaches($needs) ?? $layer->soonest[1];
            $isPaint = $layer->coverage === Coverage::Whole;
            $hold = new Hold($layer, $needs, $isPaint ? $sure : $soonest, $soonest, $sure, null);
        }
        foreach ($liquids as $liquid) {
            $other = self::holdFor($liquid, $layer, $work);
            if ($other !== null && ($hold === null || $other->until > $hold->until)) {
                $hold = $other;
            }
        }

        return $hold;
    }

    /** Until a liquid does no harm that waiting can spare the layer; null: it does none, or always the same. */
    private static function holdFor(StepLiquid $liquid, Layer $layer, Work $work): ?Hold
    {
        $state = $liquid->stateToWaitFor($layer);
        $soonest = $state === CureState::Wet ? null : $layer->soonestReaches($state);
        if ($soonest === null) {
            return null;
        }
        if ($liquid->findsYoungVarnish($layer)) {
            return $liquid->liquid->contact->isSprayed() || $liquid->liquid->contact === Contact::Dab
                ? null
                : new Hold($layer, CureState::SolventProof, $soonest, $soonest, $soonest, $liquid);
        }
        $before = $liquid->harmTo($layer, CureState::from($state->value - 1));
        if ($layer->isSpot && $work->isSpot) {
            $before = $before->byChance();
        }
        if ($before === Harm::None) {
            return null;
        }
        $sure = $layer->reaches($state) ?? $soonest;

        return new Hold($layer, $state, $before === Harm::WillFail ? $sure : $soonest, $soonest, $sure, $liquid);
    }

    /** What the work itself asks of the film below, whatever is in the jar. */
    private static function needsOf(Work $work, Layer $layer, bool $overRelease): CureState
    {
        $needs = $work->technique->needs;
        $kind = $work->kind;
        if ($kind->is(Nature::Sculpt) && $layer->film === BinderFamily::EpoxyPutty) {
            // Putty is worked again once it no longer sticks; earlier it tears.
            return CureState::TouchDry;
        }
        if ($needs === CureState::Wet || $kind->isAny(Nature::Look, Nature::TestPatch)) {
            return CureState::Wet;
        }
        if (
            // A second sheet goes on the first at once, and softener is for the fresh decal.
            ($kind->is(Nature::Sculpt) && $layer->film === BinderFamily::WhiteGlue) ||
            ($kind->is(Nature::Soften) && $layer->kind->is(Nature::Decal))
        ) {
            return CureState::Wet;
        }
        if ($needs === CureState::SolventProof) {
            // The colour over a chipping film must not harden: masks and abrasives take it touch-dry.
            return $overRelease ? CureState::TouchDry : $needs;
        }
        $isLight =
            $work->load === Load::Dab ||
            $kind->is(Nature::FixPigment) ||
            ($layer->isSpot && $work->isSpot) ||
            ($work->load === Load::Mist && $work->product?->material->family === $layer->film);

        return $isLight ? CureState::TouchDry : $needs;
    }

    public static function longer(Wait $one, Wait $other): Wait
    {
        return $one->minutes >= $other->minutes ? $one : $other;
    }
}
