<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;

/** What spirit finds in a film of enamel or oil: three that behave differently; docs/sources.md, "own kind". */
enum FilmType
{
    /** A closed coat, hard in three to four days. */
    case Paint;
    /** A wash, streak, filter or splash: thin, with little binder. */
    case Effect;
    /** A tint of almost no thickness. */
    case BlendedOil;

    public static function of(BinderFamily $film, Kind $kind): self
    {
        return match (true) {
            ! $kind->isAny(Nature::Tint, Nature::Earth) => self::Paint,
            $film === BinderFamily::ArtistOil => self::BlendedOil,
            default => self::Effect,
        };
    }
}
