<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

/**
 * The layers of a zone at one moment, from the bare part upwards. Never changed: each step that goes over it gives new
 * strata. Zones share them, whatever they are made of, until a step goes over one and not over the other.
 */
final class Strata
{
    /** @var list<Layer>|null what lies open, worked out when it is first asked for */
    private ?array $exposed = null;

    private bool $bare = true;

    /** The zone that is looked at by itself; null: all that share these strata. */
    private ?Zone $zone = null;

    /** What is shared, where one zone is looked at by itself. */
    private ?self $shared = null;

    /** @var array<string, self> by zone id: zones that have been looked at by themselves */
    private array $apart = [];

    /**
     * @param  list<string>  $panels  ids, of the zones that have these strata
     * @param  list<Layer>  $layers
     * @param  list<int>  $journey  indexes of the steps that have gone over it
     * @param  Release|null  $release  the release film that can be worked; null: there is none, or it is sealed
     * @param  int|null  $maskedBy  index of the step that put masks on
     * @param  int|null  $maskedAt  the minute at which they were on
     * @param  int|null  $closedBy  index of the step that closed it off from brush and spray
     * @param  array<int, int>  $lastSteps  by nature: index of the last step that has it
     * @param  array<int, true>  $broken  places in $layers through which the layer below can be seen
     */
    private function __construct(
        private readonly array $panels,
        public readonly array $layers = [],
        public readonly array $journey = [],
        public readonly ?Release $release = null,
        public readonly ?int $maskedBy = null,
        public readonly ?int $maskedAt = null,
        public readonly ?int $closedBy = null,
        private readonly array $lastSteps = [],
        private readonly array $broken = [],
    ) {
    }

    /** @param  list<string>  $panels  ids, of the zones that begin like this */
    public static function bare(array $panels): self
    {
        return new self($panels);
    }

    /** The same on one of the zones that share it, for what depends on the part itself. */
    public function on(Zone $zone): self
    {
        return $this->apart[$zone->id] ??= $this->placed($zone);
    }

    private function placed(Zone $zone): self
    {
        $this->exposed();
        $here = clone $this;
        [$here->zone, $here->shared, $here->apart] = [$zone, $this->shared(), []];

        return $here;
    }

    /** What its zones share: the same object for all of them. */
    public function shared(): self
    {
        return $this->shared ?? $this;
    }

    /** @throws \LogicException where it is looked at for several zones together, which may be different parts */
    public function zone(): Zone
    {
        return $this->zone ?? throw new \LogicException('Whoever asks for the part has to look at zones one by one.');
    }

    /**
     * As they are once a step has gone over them.
     *
     * @param  Layer|null  $layer  what it leaves, or what it binds loose pigment with; null: nothing
     * @param  int  $end  the minute at which it ends
     * @param  array<int, Layer>  $into  by step index: what it is worked into, or cleans
     */
    public function after(Work $work, ?Layer $layer, int $end, array $into = []): self
    {
        // Appended to copies: much faster than spreading, and this is done for every zone of every step.
        $layers = $this->layers;
        $journey = $this->journey;
        $journey[] = $work->index;
        $lastSteps = $this->lastSteps;
        foreach ($work->kind->natures as $nature) {
            $lastSteps[$nature->value] = $work->index;
        }
        $closedBy = $this->closedBy ?? ($work->technique->closesOff ? $work->index : null);
        if ($work->onlyLays) {
            if ($layer !== null) {
                $layers = $into === [] ? $layers : self::reopened($layers, $into, $layer);
                $layers[] = $layer;
            }
            $release = $this->release;
            if ($release !== null && $layer !== null && $this->isSealedBy($layer)) {
                $release = $release->sealedOn($work->step->extent);
            }

            return new self(
                $this->panels,
                $layers,
                $journey,
                $release,
                $this->maskedBy,
                $this->maskedAt,
                $closedBy,
                $lastSteps,
                $this->broken,
            );
        }
        $extent = $work->step->extent;
        if (
            $work->kind->is(Nature::LiftOff) &&
            $this->releaseFilm()?->film === BinderFamily::Salt &&
            $this->release?->workedOn($extent)->holdsStill($this->panels) === false
        ) {
            return $this->withoutSalt()->after($work, $layer, $end, $into);
        }
        $release = $this->release;
        $broken = $this->broken;
        if ($layer !== null && $work->kind->is(Nature::FixPigment)) {
            $layers = self::bound($layers, $layer);
        } elseif ($work->kind->is(Nature::CleanUp)) {
            $layers = self::cleaned($layers, $into, $end);
        } elseif ($layer !== null) {
            $layers[] = $layer;
            $release = $layer->kind->is(Nature::ReleaseFilm) ? Release::laidAt(count($layers) - 1) : $release;
        } elseif ($work->kind->isAny(Nature::LiftOff, Nature::Abrade)) {
            // Rubbing the colour is another way of working the film below it.
            $broken += $release === null
                ? ($work->kind->is(Nature::Abrade) ? $this->brokenByRubbing() : [])
                : $this->brokenByLifting($release->place);
            $release = $release?->workedOn($extent);
        }
        if ($work->kind->is(Nature::WarmAir)) {
            $layers = array_map(static fn (Layer $one) => $one->blownDry($end), $layers);
        }
        [$maskedBy, $maskedAt] = [$this->maskedBy, $this->maskedAt];
        if ($work->kind->is(Nature::Mask)) {
            [$maskedBy, $maskedAt] = [$work->index, $end];
        } elseif ($work->kind->is(Nature::Unmask)) {
            [$maskedBy, $maskedAt] = [null, null];
        }

        return new self(
            $this->panels,
            $layers,
            $journey,
            $release,
            $maskedBy,
            $maskedAt,
            $closedBy,
            $lastSteps,
            $broken,
        );
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<Layer> the same, with loose pigment held by the fixer
     */
    private static function bound(array $layers, Layer $fixer): array
    {
        return array_map(
            static fn (Layer $layer) => $layer->film === BinderFamily::DryPigment ? $layer->boundBy($fixer) : $layer,
            $layers,
        );
    }

    /**
     * @param  list<Layer>  $layers
     * @param  array<int, Layer>  $cleaned  by step index
     * @return list<Layer> the same, with what was cleaned up about to set
     */
    private static function cleaned(array $layers, array $cleaned, int $end): array
    {
        return array_map(
            static fn (Layer $layer) => isset($cleaned[$layer->stepIndex]) ? $layer->cleanedAt($end) : $layer,
            $layers,
        );
    }

    /**
     * @param  list<Layer>  $layers
     * @param  array<int, Layer>  $into  by step index
     * @return list<Layer> the same, with what was worked into as open as what went into it
     */
    private static function reopened(array $layers, array $into, Layer $last): array
    {
        return array_map(
            static fn (Layer $layer) => isset($into[$layer->stepIndex]) ? $layer->reopenedBy($last) : $layer,
            $layers,
        );
    }

    /** Salt is brushed off with the chips and leaves nothing; what lay on it is broken where it was. */
    private function withoutSalt(): self
    {
        $place = $this->release === null ? 0 : $this->release->place;
        $layers = $this->layers;
        array_splice($layers, $place, 1);
        $broken = array_filter($this->broken, static fn (int $at) => $at < $place, ARRAY_FILTER_USE_KEY);
        for ($at = $place; $at < count($layers); $at++) {
            $broken[$at] = true;
        }

        return new self(
            panels: $this->panels,
            layers: $layers,
            journey: $this->journey,
            maskedBy: $this->maskedBy,
            maskedAt: $this->maskedAt,
            closedBy: $this->closedBy,
            lastSteps: $this->lastSteps,
            broken: $broken,
        );
    }

    /** @return array<int, true> the release film and all above it, where chips are lifted */
    private function brokenByLifting(int $place): array
    {
        return array_fill_keys(range($place, count($this->layers) - 1), true);
    }

    /** Once chips have been lifted, a whole coat of anything keeps the water off the film that is left. */
    private function isSealedBy(Layer $layer): bool
    {
        return ! $layer->letsThrough() && $this->release?->isWorkedOn($layer->extent) === true;
    }

    /** @return array<int, true> the topmost whole colour and what lies on it, where it is rubbed or scratched */
    private function brokenByRubbing(): array
    {
        $broken = [];
        for ($place = count($this->layers) - 1; $place >= 0; $place--) {
            $broken[$place] = true;
            if ($this->layers[$place]->coverage === Coverage::Whole && $this->layers[$place]->colour() !== null) {
                break;
            }
        }

        return $broken;
    }

    /** Index of the last step so far that has one of these natures; -1: none yet. */
    public function lastStepOf(Nature ...$natures): int
    {
        $last = -1;
        foreach ($natures as $nature) {
            $index = $this->lastSteps[$nature->value] ?? -1;
            if ($index > $last) {
                $last = $index;
            }
        }

        return $last;
    }

    /** Index of the last step that went over it; null: none did. */
    public function lastStep(): ?int
    {
        return $this->journey === [] ? null : $this->journey[count($this->journey) - 1];
    }

    /** The paint that the eye sees: the topmost layer that covers, or that was meant as a base. */
    public function paint(): ?Layer
    {
        for ($place = count($this->layers) - 1; $place >= 0; $place--) {
            $layer = $this->layers[$place];
            if (
                $layer->colour() !== null &&
                ($layer->coverage === Coverage::Whole || $layer->technique->role === ColourRole::Base)
            ) {
                return $layer;
            }
        }

        return null;
    }

    public function isBroken(int $place): bool
    {
        return isset($this->broken[$place]);
    }

    /** @return list<Layer> what a liquid meets, from the top down to the first sound whole film */
    public function exposed(): array
    {
        if ($this->exposed === null) {
            [$this->exposed, $this->bare] = $this->reachFrom(count($this->layers) - 1);
        }

        return $this->exposed;
    }

    /** Whether a liquid gets down to the model part itself. */
    public function isBareExposed(): bool
    {
        $this->exposed();

        return $this->bare;
    }

    /** @return array{list<Layer>, bool} the layers within reach at and below a place, and whether the part is */
    public function reachFrom(int $place): array
    {
        $reach = [];
        for (; $place >= 0; $place--) {
            $layer = $this->layers[$place];
            $reach[] = $layer;
            if (! isset($this->broken[$place]) && ! $layer->letsThrough()) {
                return [$reach, false];
            }
        }

        return [$reach, true];
    }

    /**
     * @return list<Layer> what a step's liquids and tools meet: where chips are lifted, what lies under the film too
     */
    public function withinReachOf(Work $work): array
    {
        return $work->kind->is(Nature::LiftOff) && $this->release !== null
            ? $this->reachFrom($this->release->place - 1)[0]
            : $this->exposed();
    }

    /** The lowest sound whole film above a layer, which keeps liquids and tools off it; null: it lies open. */
    public function protectorOf(int $place): ?Layer
    {
        for ($above = $place + 1, $top = count($this->layers); $above < $top; $above++) {
            if (! isset($this->broken[$above]) && ! $this->layers[$above]->letsThrough()) {
                return $this->layers[$above];
            }
        }

        return null;
    }

    /** The release film that can be worked; null: there is none. */
    public function releaseFilm(): ?Layer
    {
        return $this->release === null ? null : $this->layers[$this->release->place];
    }

    /** @return list<Layer> the layers on top of the waiting release film, lowest first */
    public function aboveRelease(): array
    {
        return $this->release === null ? [] : array_slice($this->layers, $this->release->place + 1);
    }

    public function top(): ?Layer
    {
        return $this->layers === [] ? null : $this->layers[count($this->layers) - 1];
    }

    /** The sheen that the next liquid meets: that of the topmost whole film, or of grains on it. Null: bare part. */
    public function sheen(): ?Sheen
    {
        for ($place = count($this->layers) - 1; $place >= 0; $place--) {
            $layer = $this->layers[$place];
            if ($layer->sheen !== null && $layer->coverage !== Coverage::Partial) {
                return $layer->sheen;
            }
        }

        return null;
    }

    public function has(Nature ...$natures): bool
    {
        foreach ($this->layers as $layer) {
            if ($layer->kind->isAny(...$natures)) {
                return true;
            }
        }

        return false;
    }

    public function isChipped(): bool
    {
        return $this->broken !== [] || $this->has(Nature::Chips);
    }
}
