<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Safety;

/** What to guard against. Labels, safety data sheets and local rules come before anything said here. */
enum Hazard: string
{
    case Vapour = 'vapour';
    case Mist = 'mist';
    case Flame = 'flame';
    case Dust = 'dust';
    case Rags = 'rags';
    case Blades = 'blades';
    case Skin = 'skin';

    public const DEFERS = 'The product’s label, its safety data sheet and local rules come before this list.';

    public function title(): string
    {
        return match ($this) {
            self::Vapour => 'Ventilation',
            self::Mist => 'Respirator',
            self::Flame => 'No flame',
            self::Dust => 'Dust mask',
            self::Rags => 'Rags',
            self::Blades => 'Blades',
            self::Skin => 'Gloves',
        };
    }

    public function advice(): string
    {
        return match ($this) {
            self::Vapour => 'Solvent vapours: a booth that vents outside, or open windows and a fan.',
            self::Mist => 'Spray mist: a respirator against organic vapours and particles, also with waterborne paint.',
            self::Flame => 'No flame, no spark, no hot tool near; never put solvent-wet parts into a closed drying '
                .'cabinet.',
            self::Dust => 'Dry pigment and sanding dust: a particle mask, and wipe up wet.',
            self::Rags => 'Rags soaked in oil or spirit can heat up and ignite: into water or a closed metal tin, '
                .'then as local rules say.',
            self::Blades => 'Blades and needles: cut away from the hand, cap them when put down.',
            self::Skin => 'Keep it off the skin: gloves.',
        };
    }
}
