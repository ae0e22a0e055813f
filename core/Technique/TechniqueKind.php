<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/** What a technique does to a surface, as far as the checks care. Rules subscribe to kinds; techniques are many. */
enum TechniqueKind: string
{
    case Prime = 'prime';
    case Colour = 'colour';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case ClearCoat = 'clear-coat';
    case ReleaseFilm = 'release-film';
    case LiftOff = 'lift-off';
    case Decal = 'decal';
    case Filter = 'filter';
    case Wash = 'wash';
    case Chips = 'chips';
    case Streak = 'streak';
    case Pigment = 'pigment';
    case FixPigment = 'fix-pigment';
    case TestPatch = 'test-patch';

    /** Whether a film with a binder or grain of its own stays on the zone. */
    public function leavesFilm(): bool
    {
        return match ($this) {
            self::Mask, self::Unmask, self::LiftOff, self::FixPigment, self::TestPatch => false,
            default => true,
        };
    }
}
