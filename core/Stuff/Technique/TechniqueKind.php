<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** What a technique does to a surface, as far as the checks care. Rules subscribe to kinds; techniques are many. */
enum TechniqueKind: string
{
    case Prime = 'prime';
    case Colour = 'colour';
    case Shade = 'shade';
    case Detail = 'detail';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case ClearCoat = 'clear-coat';
    case ReleaseFilm = 'release-film';
    case LiftOff = 'lift-off';
    case Abrade = 'abrade';
    case Decal = 'decal';
    case Soften = 'soften';
    case Filter = 'filter';
    case Wash = 'wash';
    case Blend = 'blend';
    case Chips = 'chips';
    case Streak = 'streak';
    case Metal = 'metal';
    case Pigment = 'pigment';
    case Mud = 'mud';
    case FixPigment = 'fix-pigment';
    case Gloss = 'gloss';
    case Sculpt = 'sculpt';
    case Join = 'join';
    case Look = 'look';
    case TestPatch = 'test-patch';
    case CleanUp = 'clean-up';
    case Prepare = 'prepare';
    case WarmAir = 'warm-air';

    /** Whether a film with a binder or grain of its own stays on the zone. */
    public function leavesFilm(): bool
    {
        return match ($this) {
            self::Mask,
            self::Unmask,
            self::LiftOff,
            self::Abrade,
            self::FixPigment,
            self::TestPatch,
            self::Soften,
            self::Join,
            self::CleanUp,
            self::Prepare,
            self::WarmAir,
            self::Look => false,
            self::Prime,
            self::Colour,
            self::Shade,
            self::Detail,
            self::ClearCoat,
            self::ReleaseFilm,
            self::Decal,
            self::Filter,
            self::Wash,
            self::Blend,
            self::Chips,
            self::Streak,
            self::Metal,
            self::Pigment,
            self::Mud,
            self::Gloss,
            self::Sculpt => true,
        };
    }

    /** Media that are worked while they are open, so that more of the same goes into them. */
    public function isWorkedWet(): bool
    {
        return match ($this) {
            self::Filter,
            self::Wash,
            self::Blend,
            self::Streak,
            self::Pigment,
            self::Mud,
            self::Sculpt,
            self::Soften => true,
            self::Prime,
            self::Colour,
            self::Shade,
            self::Detail,
            self::Mask,
            self::Unmask,
            self::ClearCoat,
            self::ReleaseFilm,
            self::LiftOff,
            self::Abrade,
            self::Decal,
            self::Chips,
            self::Metal,
            self::FixPigment,
            self::Gloss,
            self::Join,
            self::Look,
            self::TestPatch,
            self::CleanUp,
            self::Prepare,
            self::WarmAir => false,
        };
    }

    /** Earth in grains or paste: more of it goes onto what lies there. */
    public function isEarth(): bool
    {
        return $this === self::Pigment || $this === self::Mud;
    }

    /** Lies in places: an edge, a run, a spot. Two of them meet by chance. */
    public function isSpot(): bool
    {
        return match ($this) {
            self::Chips,
            self::Streak,
            self::Metal,
            self::Gloss,
            self::Mud,
            self::Detail => true,
            self::Prime,
            self::Colour,
            self::Shade,
            self::Mask,
            self::Unmask,
            self::ClearCoat,
            self::ReleaseFilm,
            self::LiftOff,
            self::Abrade,
            self::Decal,
            self::Soften,
            self::Filter,
            self::Wash,
            self::Blend,
            self::Pigment,
            self::FixPigment,
            self::Sculpt,
            self::Join,
            self::Look,
            self::TestPatch,
            self::CleanUp,
            self::Prepare,
            self::WarmAir => false,
        };
    }

    /** Paint that lies on a release film, and that chips can be lifted out of. */
    public function paints(): bool
    {
        return $this === self::Colour || $this === self::Shade;
    }

    /** Weathering: what a vehicle has picked up since it was painted. */
    public function isWeathering(): bool
    {
        return match ($this) {
            self::Filter, self::Wash, self::Blend, self::Chips, self::Streak, self::Pigment, self::Mud => true,
            self::Prime,
            self::Colour,
            self::Shade,
            self::Detail,
            self::Mask,
            self::Unmask,
            self::ClearCoat,
            self::ReleaseFilm,
            self::LiftOff,
            self::Abrade,
            self::Decal,
            self::Soften,
            self::Metal,
            self::FixPigment,
            self::Gloss,
            self::Sculpt,
            self::Join,
            self::Look,
            self::TestPatch,
            self::CleanUp,
            self::Prepare,
            self::WarmAir => false,
        };
    }

    /** Steps after which there is no way back: they lock in what lies below. */
    public function locksIn(): bool
    {
        return match ($this) {
            self::ClearCoat, self::ReleaseFilm, self::Join, self::FixPigment => true,
            self::Prime,
            self::Colour,
            self::Shade,
            self::Detail,
            self::Mask,
            self::Unmask,
            self::LiftOff,
            self::Abrade,
            self::Decal,
            self::Soften,
            self::Filter,
            self::Wash,
            self::Blend,
            self::Chips,
            self::Streak,
            self::Metal,
            self::Pigment,
            self::Mud,
            self::Gloss,
            self::Sculpt,
            self::Look,
            self::TestPatch,
            self::CleanUp,
            self::Prepare,
            self::WarmAir => false,
        };
    }
}
