<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Contact;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Drying\Air;
use Ulvrach\Drying\DryingLaw;
use Ulvrach\Drying\DryingModel;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** One step at the moment it begins, with everything a rule may ask about it. */
final class Situation
{
    /** Minutes from the top coat until the film below has taken up water; from the drying table, "chipping fluid". */
    public const LIFT_OFF_OPENS = 15;

    /**
     * Minutes that a very thin single coat stays workable over a release film, and any other; drying table, "chipping
     * fluid".
     */
    private const LIFT_OFF_CLOSES = ['thin' => 360, 'usual' => 120];

    /** Minutes within which salt is brushed off again: "within a few hours"; drying table, "salt". */
    private const SALT_CLOSES = 240;

    public readonly TechniqueKind $kind;

    /** @var list<StepLiquid> */
    public readonly array $liquids;

    public int $start = 0;

    /** Minute from which everything below allows it. */
    public int $ready = 0;

    /** Whether a liquid of it is not harmless to something that it meets on any of its zones. */
    public bool $threatens = false;

    /** Whether its liquids get down to the model part on any of its zones. */
    public bool $meetsBarePart = false;

    /** @var array<int, Hold|false> by step index of the layer, since a layer is the same on every zone; false: none */
    private array $holds = [];

    /** @var array<int, Wait> by step index of the coat that water has to get through */
    private array $liftOffWaits = [];

    /** @var array<string, Hold|null> by the first zone that has these strata */
    private array $zoneHolds = [];

    /** @var array<string, list<Threat>> by the first zone that has these strata */
    private array $zoneThreats = [];

    /** @var array<int, list<Threat>> by step index of the layer */
    private array $threats = [];

    /** @var list<StepLiquid>|null */
    private ?array $toWaitFor = null;

    private ?float $pace = null;

    private CleanUpWindow|false|null $cleanUpWindow = null;

    public function __construct(
        public readonly Plan $plan,
        public readonly int $index,
        public readonly Step $step,
        public readonly Technique $technique,
        public readonly ?Product $product,
        private readonly Air $air,
        private readonly StepLiquids $known,
    ) {
        $this->kind = $technique->kind;
        $this->liquids = $this->liquidsOfStep();
    }

    /** @param  list<Strata>  $touched */
    public function begin(int $start, int $ready, array $touched): void
    {
        $this->start = $start;
        $this->ready = $ready;
        if ($this->liquids === []) {
            return;
        }
        foreach ($touched as $strata) {
            $this->threatens = $this->threatsTo($strata) !== [] || $this->threatens;
            $this->meetsBarePart = $this->meetsBarePart || $strata->isBareExposed();
        }
    }

    /** @return list<Layer> what this step's liquids and tools meet on the zone */
    public function reach(Strata $strata): array
    {
        if ($this->kind === TechniqueKind::LiftOff && $strata->release !== null) {
            return $strata->reachFrom($strata->release - 1)[0];
        }

        return $strata->exposed();
    }

    /**
     * What harm the liquids can do on this zone; empty for most steps of a sound plan.
     *
     * @return list<Threat> from the top layer down
     */
    public function threatsTo(Strata $strata): array
    {
        return $this->zoneThreats[$strata->zone->id] ??= $this->gatherThreats($strata);
    }

    /** @return list<Threat> */
    private function gatherThreats(Strata $strata): array
    {
        $all = [];
        foreach ($this->liquids === [] ? [] : $this->reach($strata) as $layer) {
            foreach ($this->threats[$layer->stepIndex] ??= $this->threatsToLayer($layer) as $threat) {
                $all[] = $threat;
            }
        }

        return $all;
    }

    /** The hold that lasts longest on this zone, or null if nothing below has to be waited for. */
    public function holdOn(Strata $strata): ?Hold
    {
        $zone = $strata->zone->id;

        return array_key_exists($zone, $this->zoneHolds)
            ? $this->zoneHolds[$zone]
            : ($this->zoneHolds[$zone] = $this->longestHoldOn($strata));
    }

    private function longestHoldOn(Strata $strata): ?Hold
    {
        $longest = $this->liftOffHold($strata);
        foreach ($this->reach($strata) as $layer) {
            $hold = $this->holds[$layer->stepIndex] ??= $this->holdOf($layer) ?? false;
            if ($hold !== false && ($longest === null || $hold->until > $longest->until)) {
                $longest = $hold;
            }
        }

        return $longest;
    }

    /** @return list<Threat> */
    private function threatsToLayer(Layer $layer): array
    {
        $state = $layer->stateAt($this->start);
        $threats = [];
        foreach ($this->liquids as $liquid) {
            $harm = $liquid->harmTo($layer, $state);
            if ($harm !== Harm::None) {
                $threats[] = new Threat($liquid, $layer, $state, $harm);
            }
        }

        return $threats;
    }

    private function holdOf(Layer $layer): ?Hold
    {
        $needs = $this->technique->wetInWet && $layer->film->oxidises() ? CureState::Wet : $this->technique->needs;
        $until = $needs === CureState::Wet ? null : $layer->reaches($needs) ?? $layer->recoatableAt;
        $hold = $until === null ? null : new Hold($layer, $needs, $until, null);
        foreach ($this->liquidsToWaitFor() as $liquid) {
            $state = $liquid->stateToWaitFor($layer);
            $reached = $layer->reaches($state) ?? $layer->laidAt;
            if ($state !== CureState::Wet && ($hold === null || $reached > $hold->until)) {
                $hold = new Hold($layer, $state, $reached, $liquid);
            }
        }

        return $hold;
    }

    /**
     * The step's own liquids; and under a release film the water that will be scrubbed through it: what the chips shall
     * show must be tough before the film goes on, since the lift-off cannot wait for it.
     *
     * @return list<StepLiquid>
     */
    private function liquidsToWaitFor(): array
    {
        return $this->toWaitFor ??=
            $this->kind === TechniqueKind::ReleaseFilm && $this->product?->family !== BinderFamily::Salt
                ? [
                    ...$this->liquids,
                    $this->known->get(Carrier::Water, Contact::Scrub, null, TechniqueKind::LiftOff, false, false),
                ]
                : $this->liquids;
    }

    /** The coat over a release film must be touch-dry, and the water needs time to get through it. */
    private function liftOffHold(Strata $strata): ?Hold
    {
        $coats = $this->kind === TechniqueKind::LiftOff ? $strata->aboveRelease() : [];
        if ($coats === []) {
            return null;
        }
        $top = $coats[count($coats) - 1];

        $through = new Wait($this->stretched(self::LIFT_OFF_OPENS), DryingLaw::Water);
        $wait = self::longer($through, $top->waitFor(CureState::TouchDry) ?? $through);
        $this->liftOffWaits[$top->stepIndex] = $wait;

        return new Hold($top, CureState::TouchDry, $top->laidAt + $wait->minutes, null);
    }

    /**
     * @return array<int, Wait> by index of the step whose layer has to be waited for: from its end; asked after
     *   holdOn()
     */
    public function waits(): array
    {
        $waits = $this->liftOffWaits;
        foreach ($this->holds as $index => $hold) {
            if ($hold !== false) {
                $layer = $hold->layer;
                // A film that never gets there is waited for until it bears a coat.
                $law = $layer->lawOf($layer->reaches($hold->needs) === null ? CureState::Recoatable : $hold->needs);
                $wait = new Wait($hold->until - $layer->laidAt, $law);
                $waits[$index] = isset($waits[$index]) ? self::longer($wait, $waits[$index]) : $wait;
            }
        }

        return $waits;
    }

    private static function longer(Wait $one, Wait $other): Wait
    {
        return $one->minutes >= $other->minutes ? $one : $other;
    }

    /**
     * The window that this step has to be begun in.
     *
     * @param  list<Strata>  $touched
     * @return array{int, Wait}|null index of the step that opens it, and how long it stays open from that one's end
     */
    public function window(array $touched): ?array
    {
        $window = null;
        foreach ($touched as $strata) {
            $closes = $this->closesOn($strata);
            $coat = $closes === null ? null : $strata->aboveRelease()[0];
            if ($coat !== null && ($window === null || $closes - $coat->laidAt < $window[1]->minutes)) {
                $window = [$coat->stepIndex, new Wait($closes - $coat->laidAt, DryingLaw::Water)];
            }
            $film =
                $strata->release === null || $strata->aboveRelease() !== [] || ! $this->kind->paints()
                    ? null
                    : $strata->layers[$strata->release];
            if ($film !== null) {
                $window = [$film->stepIndex, new Wait(Minutes::DAY, DryingLaw::None)];
            }
            if ($this->kind === TechniqueKind::Unmask && $strata->maskedBy !== null) {
                $window = [$strata->maskedBy, new Wait(Minutes::DAY, DryingLaw::None)];
            }
        }

        return $window;
    }

    /** When the lift-off window closes on this zone; null: this step has no window. */
    public function closesOn(Strata $strata): ?int
    {
        $coats = $this->kind === TechniqueKind::LiftOff ? $strata->aboveRelease() : [];
        if ($coats === []) {
            return null;
        }
        $release = $strata->release === null ? null : $strata->layers[$strata->release];
        if ($release?->film === BinderFamily::Salt) {
            return $coats[0]->laidAt + $this->stretched(self::SALT_CLOSES);
        }
        $thin = array_filter($coats, static fn (Layer $coat) => $coat->coats > 1) === [];

        // From the lowest coat: it is the one that grows tough while the others are still going on.
        return $coats[0]->laidAt + $this->stretched(self::LIFT_OFF_CLOSES[$thin ? 'thin' : 'usual']);
    }

    /** Water goes through a coat at the pace at which it leaves one. */
    private function stretched(int $minutes): int
    {
        return (int) ceil($minutes / ($this->pace ??= DryingModel::pace(DryingLaw::Water, $this->air)) - 1e-9);
    }

    /** The clean-up window at this bench; null: there is nothing to clean up, or no window for it. */
    public function cleanUpWindow(): ?CleanUpWindow
    {
        // False stands for "there is none", so that this too is found out only once.
        $this->cleanUpWindow ??=
            ($this->step->cleanUp === null
                ? null
                : FollowUp::cleanUpWindow($this->technique, $this->product?->family, $this->air)) ?? false;

        return $this->cleanUpWindow ?: null;
    }

    /** @return list<StepLiquid> */
    private function liquidsOfStep(): array
    {
        $liquids = [];
        $contact = $this->step->application->contact();
        if ($this->kind === TechniqueKind::LiftOff && $contact !== null) {
            $liquids[] = $this->known->get(
                $this->step->thinner ?? Carrier::Water,
                Contact::Scrub,
                null,
                $this->kind,
                false,
                false,
            );
        } elseif ($this->kind !== TechniqueKind::TestPatch && $contact !== null && $this->product !== null) {
            $carrier = $this->step->thinner ?? $this->product->carrier;
            if ($carrier !== null) {
                $liquids[] = $this->known->get(
                    $carrier,
                    $contact,
                    $this->product->family,
                    $this->kind,
                    false,
                    $this->technique->wetInWet,
                );
            }
        }
        if ($this->step->cleanUp !== null) {
            $rub = $this->step->cleanUp->scrubbed ? Contact::Scrub : Contact::Wipe;
            $liquids[] = $this->known->get(
                $this->step->cleanUp->carrier,
                $rub,
                null,
                $this->kind,
                true,
                $this->technique->wetInWet,
            );
        }

        return $liquids;
    }
}
