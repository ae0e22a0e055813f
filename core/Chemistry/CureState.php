<?php

declare(strict_types=1);

namespace Ulvrach\Chemistry;

/** Wet is not dry: may be touched, may be coated over, may be rubbed with solvent. In that order. */
enum CureState: int
{
    case Wet = 0;
    case TouchDry = 1;
    case Recoatable = 2;
    case SolventProof = 3;

    public function label(): string
    {
        return match ($this) {
            self::Wet => 'wet',
            self::TouchDry => 'touch-dry',
            self::Recoatable => 'recoatable',
            self::SolventProof => 'solvent-proof',
        };
    }
}
