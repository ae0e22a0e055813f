<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\TechniqueKind;

/** What spirit finds in a film of enamel or oil: three that behave differently; docs/sources.md, "own kind". */
enum FilmType
{
    /** A closed coat, hard in three to four days. */
    case Paint;
    /** A wash, streak, filter or splash: thin, with little binder. */
    case Effect;
    /** A tint of almost no thickness. */
    case BlendedOil;

    public static function of(BinderFamily $film, TechniqueKind $kind): self
    {
        return match ($kind) {
            TechniqueKind::Filter,
            TechniqueKind::Wash,
            TechniqueKind::Blend,
            TechniqueKind::Streak,
            TechniqueKind::Mud,
            TechniqueKind::Pigment => $film === BinderFamily::ArtistOil ? self::BlendedOil : self::Effect,
            TechniqueKind::Prime,
            TechniqueKind::Colour,
            TechniqueKind::Shade,
            TechniqueKind::Detail,
            TechniqueKind::Mask,
            TechniqueKind::Unmask,
            TechniqueKind::ClearCoat,
            TechniqueKind::ReleaseFilm,
            TechniqueKind::LiftOff,
            TechniqueKind::Abrade,
            TechniqueKind::Decal,
            TechniqueKind::Soften,
            TechniqueKind::Chips,
            TechniqueKind::Metal,
            TechniqueKind::FixPigment,
            TechniqueKind::Gloss,
            TechniqueKind::Sculpt,
            TechniqueKind::Join,
            TechniqueKind::Look,
            TechniqueKind::TestPatch,
            TechniqueKind::CleanUp,
            TechniqueKind::Prepare,
            TechniqueKind::WarmAir => self::Paint,
        };
    }
}
