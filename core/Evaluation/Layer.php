<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Colour\Lab;
use Ulvrach\Drying\DryingLaw;
use Ulvrach\Material\Product;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** What a step leaves behind. The same on every zone of the step; times are minutes on the plan's clock. */
final readonly class Layer
{
    /**
     * @param  array{DryingLaw, DryingLaw, DryingLaw}  $laws  what has to go on for it to be touch-dry, recoatable,
     *   solvent-proof
     */
    public function __construct(
        public int $stepIndex,
        public string $stepId,
        public Technique $technique,
        public TechniqueKind $kind,
        public Product $product,
        public BinderFamily $film,
        public Coverage $coverage,
        public ?Sheen $sheen,
        public int $coats,
        public int $laidAt,
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

    /** What a state takes from the end of the work on; null: it never comes. */
    public function waitFor(CureState $state): ?Wait
    {
        $reached = $this->reaches($state);

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

    /** A clear coat is there to be attacked in place of what lies under it. */
    public function isBarrier(): bool
    {
        return $this->kind === TechniqueKind::ClearCoat;
    }

    /** Whether liquids get through it: grains, part covers, and a single thin matte coat. */
    public function letsThrough(): bool
    {
        return $this->coverage !== Coverage::Whole || ($this->coats === 1 && $this->sheen === Sheen::Matte);
    }
}
