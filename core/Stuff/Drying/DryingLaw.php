<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/** What has to happen for a film to go on drying, and how its pace follows the room. */
enum DryingLaw: string
{
    /** Water evaporates: the pace follows the vapour-pressure deficit of the air. */
    case Water = 'water';
    /** Lacquer solvents evaporate: the pace follows their vapour pressure. */
    case Solvent = 'solvent';
    case Alcohol = 'alcohol';
    case Spirit = 'spirit';
    /** Oils and alkyds take up oxygen; putties react: the pace follows Arrhenius. */
    case Oxygen = 'oxygen';
    case Reaction = 'reaction';
    /** Nothing has to dry. */
    case None = 'none';

    /**
     * Enthalpy of vaporisation or energy of activation, J/mol; docs/sources.md, "drying laws".
     *
     * Solvent: between butyl acetate (43.9) and acetone (31.3). Alcohol: between ethanol (42.3) and isopropanol (45.4).
     * Spirit: decane (51.4). Oxygen and reaction: twice the pace from 20 to 30 °C, R·ln 2/(1/293.15 − 1/303.15).
     */
    public function energy(): float
    {
        return match ($this) {
            self::Solvent => 40_000.0,
            self::Alcohol => 44_000.0,
            self::Spirit => 51_000.0,
            self::Oxygen, self::Reaction => 51_219.0,
            self::Water, self::None => 0.0,
        };
    }

    /**
     * The power of the film's thickness that its drying time goes with: evaporation from a film 1, oxygen into it 2.
     */
    public function thicknessExponent(): int
    {
        return match ($this) {
            self::Oxygen => 2,
            self::None, self::Reaction => 0,
            self::Water,
            self::Solvent,
            self::Alcohol,
            self::Spirit => 1,
        };
    }

    public function evaporates(): bool
    {
        return match ($this) {
            self::Water, self::Solvent, self::Alcohol, self::Spirit => true,
            self::Oxygen,
            self::Reaction,
            self::None => false,
        };
    }
}
