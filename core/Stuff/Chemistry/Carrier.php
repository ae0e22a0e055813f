<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** The liquid that a product brings along, or that a clean-up uses; in order from mild to fierce. */
enum Carrier: string
{
    case Water = 'water';
    case WettedWater = 'wetted-water';
    case AlcoholBlend = 'alcohol-blend';
    case OdourlessSpirit = 'odourless-spirit';
    case WhiteSpirit = 'white-spirit';
    case LacquerThinner = 'lacquer-thinner';
    case Acetone = 'acetone';

    public function label(): string
    {
        return match ($this) {
            self::Water => 'water',
            self::WettedWater => 'wetted water',
            self::AlcoholBlend => 'alcohol blend',
            self::OdourlessSpirit => 'odourless spirit',
            self::WhiteSpirit => 'white spirit',
            self::LacquerThinner => 'lacquer thinner',
            self::Acetone => 'acetone',
        };
    }

    /** Ketones and esters go through a film that is not solvent-proof, however lightly it is recoatable. */
    public function isHot(): bool
    {
        return $this === self::LacquerThinner || $this === self::Acetone;
    }

    public function isSpirit(): bool
    {
        return $this === self::OdourlessSpirit || $this === self::WhiteSpirit;
    }

    public function isWater(): bool
    {
        return $this === self::Water || $this === self::WettedWater;
    }
}
