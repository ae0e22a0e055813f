<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** How much liquid reaches the surface, whatever tool brings it there. Contact and drying follow from it. */
enum Load: string
{
    /** A near-empty brush, a blotted sponge, a pencil, pinhead marks, hair-fine strokes. */
    case Dab = 'dab';
    /** An airbrush from a distance: nearly dry on arrival. */
    case Mist = 'mist';
    /** An airbrush or a can: a closed wet film. */
    case Coat = 'coat';
    /** A loaded brush. */
    case Brushed = 'brushed';
    /** Liquid stands and runs. */
    case Flood = 'flood';

    public function contact(): Contact
    {
        return match ($this) {
            self::Dab => Contact::Dab,
            self::Mist => Contact::Mist,
            self::Coat => Contact::Coat,
            self::Brushed => Contact::Brush,
            self::Flood => Contact::Flood,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Dab => 'dabs',
            self::Mist => 'a mist',
            self::Coat => 'a sprayed coat',
            self::Brushed => 'a loaded brush',
            self::Flood => 'a flood',
        };
    }
}
