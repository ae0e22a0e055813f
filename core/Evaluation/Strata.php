<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Plan\Zone;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\TechniqueKind;

/**
 * The layers of a zone, from the bare part upwards, while a plan is walked through. Zones of like material that the
 * same steps go over have the same strata, and share one.
 */
final class Strata
{
    /** @var list<Layer> */
    public array $layers = [];

    /** Place in $layers of a release film that waits to be worked. */
    public ?int $release = null;

    /** Index of the step that put masks on. */
    public ?int $maskedBy = null;

    public ?int $maskedAt = null;

    /** Index of the step that closed it off from brush and spray. */
    public ?int $closedBy = null;

    /** @var array<string, int> index of the last step of each kind */
    private array $lastSteps = [];

    /** @var array<int, true> places in through which the layer below can be seen */
    private array $broken = [];

    /** @var list<Layer>|null */
    private ?array $exposed = null;

    private bool $bare = true;

    /**
     * @param  Zone  $zone  the first of them, for its materials
     * @param  non-empty-list<string>  $zoneIds
     * @param  list<int>  $journey  indexes of the steps that go over them, from the first to the last
     */
    public function __construct(
        public readonly Zone $zone,
        public readonly array $zoneIds,
        public readonly array $journey,
    ) {
    }

    public function put(Layer $layer): void
    {
        $this->layers[] = $layer;
        $this->exposed = null;
        if ($layer->kind === TechniqueKind::ReleaseFilm) {
            $this->release = count($this->layers) - 1;
        }
    }

    /** Chips are lifted: the release film and all above it now show what lies below. */
    public function liftOff(): void
    {
        if ($this->release === null) {
            return;
        }
        for ($place = $this->release, $top = count($this->layers); $place < $top; $place++) {
            $this->broken[$place] = true;
        }
        $this->release = null;
        $this->exposed = null;
    }

    /** Rubbed or scratched: the topmost whole film, and what lies on it, now shows what lies below. */
    public function rubThrough(): void
    {
        for ($place = count($this->layers) - 1; $place >= 0; $place--) {
            $this->broken[$place] = true;
            if (
                $this->layers[$place]->coverage === Coverage::Whole &&
                $this->layers[$place]->product->colour !== null
            ) {
                break;
            }
        }
        $this->exposed = null;
    }

    public function note(TechniqueKind $kind, int $stepIndex): void
    {
        $this->lastSteps[$kind->value] = $stepIndex;
    }

    /** Index of the last step of these kinds so far; -1: none yet. */
    public function lastStepOf(TechniqueKind ...$kinds): int
    {
        $last = -1;
        foreach ($kinds as $kind) {
            $index = $this->lastSteps[$kind->value] ?? -1;
            if ($index > $last) {
                $last = $index;
            }
        }

        return $last;
    }

    /** The paint that the eye sees: the topmost layer that covers, or that was meant as a base. */
    public function paint(): ?Layer
    {
        for ($place = count($this->layers) - 1; $place >= 0; $place--) {
            $layer = $this->layers[$place];
            if (
                $layer->product->colour !== null &&
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

    /** @return list<Layer> the layers on top of the waiting release film, lowest first */
    public function aboveRelease(): array
    {
        return $this->release === null ? [] : array_slice($this->layers, $this->release + 1);
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

    public function has(TechniqueKind ...$kinds): bool
    {
        foreach ($this->layers as $layer) {
            if (in_array($layer->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    public function isChipped(): bool
    {
        return $this->broken !== [] || $this->has(TechniqueKind::Chips);
    }
}
