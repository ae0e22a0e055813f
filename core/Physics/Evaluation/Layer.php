<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Extent;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;

/** What a step leaves behind. The same on every zone of the step; times are minutes on the plan's clock. */
final readonly class Layer
{
    /** Minutes in which what was cleaned or blended out sets, whatever the medium; docs/sources.md, "merging". */
    public const SET_AFTER_CLEANING = 30;

    /** Minutes in which a wash, dulled or not, takes another round of the same; the same page. */
    private const OPEN_TO_ITSELF = 240;

    /**
     * @param  Load  $load  how much of it was laid
     * @param  BinderFamily  $behavesAs  the family whose row of the tables it follows: mud is what it is mixed with
     * @param  Extent|null  $extent  how much of the zone it lies on; null: as its technique usually does
     * @param  array{int, int, int|null}  $soonest  the early ends of the three times that follow
     * @param  int|null  $openUntil  more of the same still goes into it; null: it never sets
     * @param  bool  $isSpot  lies in places only, so that it meets other spots by chance
     * @param  array{DryingLaw, DryingLaw, DryingLaw}  $laws  what has to go on for it to be touch-dry, recoatable,
     *   solvent-proof
     */
    public function __construct(
        public int $stepIndex,
        public string $stepId,
        public Technique $technique,
        public Kind $kind,
        public Product $product,
        public BinderFamily $film,
        public Coverage $coverage,
        public ?Sheen $sheen,
        public int $coats,
        public int $laidAt,
        public Load $load,
        public BinderFamily $behavesAs,
        public bool $isSpot,
        public ?Extent $extent,
        public array $soonest,
        public ?int $openUntil,
        public int $touchDryAt,
        public int $recoatableAt,
        public ?int $solventProofAt,
        public array $laws,
    ) {
    }

    /** Null: it is clear. */
    public function colour(): ?Lab
    {
        return $this->product->material->colour;
    }

    /**
     * What a state takes from the end of the work on; null: it never comes.
     *
     * @param  bool  $isSoonest  at the early end of the table; otherwise at the end that is sure
     */
    public function waitFor(CureState $state, bool $isSoonest = false): ?Wait
    {
        $reached = $isSoonest ? $this->soonestReaches($state) : $this->reaches($state);

        return $reached === null ? null : new Wait($reached - $this->laidAt, $this->lawOf($state));
    }

    /** What has to go on until it gets there. */
    public function lawOf(CureState $state): DryingLaw
    {
        return match ($state) {
            CureState::Wet => DryingLaw::None,
            CureState::TouchDry => $this->laws[0],
            CureState::Recoatable => $this->laws[1],
            CureState::SolventProof => $this->laws[2],
        };
    }

    public function stateAt(int $minute): CureState
    {
        return match (true) {
            $this->solventProofAt !== null && $minute >= $this->solventProofAt => CureState::SolventProof,
            $minute >= $this->recoatableAt => CureState::Recoatable,
            $minute >= $this->touchDryAt => CureState::TouchDry,
            default => CureState::Wet,
        };
    }

    /** The state that it may have by then, if its times come early. */
    public function bestStateAt(int $minute): CureState
    {
        [$touchDry, $recoatable, $solventProof] = $this->soonest;

        return match (true) {
            $solventProof !== null && $minute >= $solventProof => CureState::SolventProof,
            $minute >= $recoatable => CureState::Recoatable,
            $minute >= $touchDry => CureState::TouchDry,
            default => CureState::Wet,
        };
    }

    /** When the state may be reached at the earliest; null: never. */
    public function soonestReaches(CureState $state): ?int
    {
        return match ($state) {
            CureState::Wet => $this->laidAt,
            CureState::TouchDry => $this->soonest[0],
            CureState::Recoatable => $this->soonest[1],
            CureState::SolventProof => $this->soonest[2],
        };
    }

    /** Whether more of the same still goes into it. */
    public function isOpenAt(int $minute): bool
    {
        return $this->openUntil === null || $minute < $this->openUntil;
    }

    /** Whether the work still goes into it. */
    public function takes(Work $work, int $minute): bool
    {
        return $this->openUntil === null || $minute < $this->openFor($work);
    }

    /** Until when the work goes into it: a wash that has dulled takes another round of itself all evening. */
    public function openFor(Work $work): int
    {
        $isItself =
            $this->kind->is(Nature::Wash) &&
            $work->technique === $this->technique &&
            $work->product?->id === $this->product->id;

        return max($this->openUntil ?? PHP_INT_MAX, $isItself ? $this->laidAt + self::OPEN_TO_ITSELF : 0);
    }

    /** The same once more of it was worked in: it is open for as long as the last of it is. */
    public function reopenedBy(self $last): self
    {
        return $this->openUntil === null || $last->openUntil === null || $last->openUntil <= $this->openUntil
            ? $this
            : $this->with(['openUntil' => $last->openUntil]);
    }

    /** Pigment that was loose, held by what was run into it: from then on it is the fixer's step that has to dry. */
    public function boundBy(self $fixer): self
    {
        return $this->with([
            'stepIndex' => $fixer->stepIndex,
            'stepId' => $fixer->stepId,
            'film' => BinderFamily::BoundPigment,
            'laidAt' => $fixer->laidAt,
            'load' => $fixer->load,
            'behavesAs' => $fixer->behavesAs,
            'soonest' => $fixer->soonest,
            'openUntil' => $fixer->openUntil,
            'touchDryAt' => $fixer->touchDryAt,
            'recoatableAt' => $fixer->recoatableAt,
            'solventProofAt' => $fixer->solventProofAt,
            'laws' => $fixer->laws,
        ]);
    }

    /** The same once it was cleaned up: what is left sets soon, and dries as it would have. Clay never sets. */
    public function cleanedAt(int $end): self
    {
        $sets = max($end + self::SET_AFTER_CLEANING, $this->film->oxidises() ? (int) $this->openUntil : 0);

        return $this->openUntil === null ? $this : $this->with(['openUntil' => $sets]);
    }

    /**
     * The same after warm air: what dries by giving off water is touch-dry at its end and has half of the way to the
     * next coat behind it; hardening is not hurried. docs/sources.md, "warm air".
     */
    public function blownDry(int $end): self
    {
        if ($this->laws[0] !== DryingLaw::Water || $this->laidAt > $end || $this->touchDryAt <= $end) {
            return $this;
        }
        $recoatable = min($this->recoatableAt, $end + intdiv($this->recoatableAt - $this->touchDryAt, 2));

        return $this->with([
            'soonest' => [
                min($end, $this->soonest[0]),
                min($recoatable, $this->soonest[1]),
                $this->soonest[2],
            ],
            'openUntil' => $this->openUntil === null ? null : min($end, $this->openUntil),
            'touchDryAt' => $end,
            'recoatableAt' => $recoatable,
        ]);
    }

    /**
     * @param  array{
     *   stepIndex?: int,
     *   stepId?: string,
     *   film?: BinderFamily,
     *   laidAt?: int,
     *   load?: Load,
     *   behavesAs?: BinderFamily,
     *   soonest?: array{int, int, int|null},
     *   openUntil?: int|null,
     *   touchDryAt?: int,
     *   recoatableAt?: int,
     *   solventProofAt?: int|null,
     *   laws?: array{DryingLaw, DryingLaw, DryingLaw},
     * }  $changes
     */
    private function with(array $changes): self
    {
        return new self(
            stepIndex: $changes['stepIndex'] ?? $this->stepIndex,
            stepId: $changes['stepId'] ?? $this->stepId,
            technique: $this->technique,
            kind: $this->kind,
            product: $this->product,
            film: $changes['film'] ?? $this->film,
            coverage: $this->coverage,
            sheen: $this->sheen,
            coats: $this->coats,
            laidAt: $changes['laidAt'] ?? $this->laidAt,
            load: $changes['load'] ?? $this->load,
            behavesAs: $changes['behavesAs'] ?? $this->behavesAs,
            isSpot: $this->isSpot,
            extent: $this->extent,
            soonest: $changes['soonest'] ?? $this->soonest,
            openUntil: array_key_exists('openUntil', $changes) ? $changes['openUntil'] : $this->openUntil,
            touchDryAt: $changes['touchDryAt'] ?? $this->touchDryAt,
            recoatableAt: $changes['recoatableAt'] ?? $this->recoatableAt,
            solventProofAt: array_key_exists('solventProofAt', $changes)
                ? $changes['solventProofAt']
                : $this->solventProofAt,
            laws: $changes['laws'] ?? $this->laws,
        );
    }

    /** When the state is reached, or null if it never is. */
    public function reaches(CureState $state): ?int
    {
        return match ($state) {
            CureState::Wet => $this->laidAt,
            CureState::TouchDry => $this->touchDryAt,
            CureState::Recoatable => $this->recoatableAt,
            CureState::SolventProof => $this->solventProofAt,
        };
    }

    /**
     * Metal, however it was laid, by what is in it; a file of before metal was told apart has only the technique to go
     * by.
     */
    public function shinesAsMetal(): bool
    {
        return $this->product->material->metallic ||
            $this->kind->is(Nature::Metal) ||
            ($this->film === BinderFamily::MetalPencil && $this->technique->role === ColourRole::Metal);
    }

    /** A clear coat is there to be attacked in place of what lies under it. */
    public function isBarrier(): bool
    {
        return $this->kind->is(Nature::ClearCoat);
    }

    /** Whether liquids get through it: grains, part covers, and a single matte coat that was no more than a mist. */
    public function letsThrough(): bool
    {
        return $this->coverage !== Coverage::Whole ||
            ($this->coats === 1 && $this->load === Load::Mist && $this->sheen === Sheen::Matte);
    }
}
