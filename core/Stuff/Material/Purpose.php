<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;

/** What work asks of a jar beside family and colour, so that it never takes whatever is nearest in colour. */
enum Purpose
{
    /** Shines as metal: flakes or graphite, however it is laid. */
    case Metal;
    /** Leaves a tone, a line or a trace: what dries glossy or with flakes in it would be seen as what it is. */
    case Trace;
    /** Stays wet to look at. */
    case Wet;
    /** A vehicle's own colour, or that of something on it. */
    case Paint;

    /** Null: any jar of its families will do. */
    public static function of(Technique $technique): ?self
    {
        $isWet = in_array($technique->code, ['oil-stain', 'fuel-stain', 'wet-mud', 'wet-spots'], true);

        return match (true) {
            $technique->role === ColourRole::Metal, $technique->code === 'track-polish' => self::Metal,
            $isWet => self::Wet,
            $technique->kind->isAny(Nature::Tint, Nature::Earth, Nature::Streak),
            in_array($technique->role, [ColourRole::Dust, ColourRole::Rust, ColourRole::Grime], true) => self::Trace,
            $technique->role === ColourRole::Base => self::Paint,
            default => null,
        };
    }

    public function suits(Material $material): bool
    {
        $isMetal = $material->metallic || $material->family === BinderFamily::MetalPencil;

        return match ($this) {
            self::Metal => $isMetal,
            self::Trace => ! $isMetal && $material->sheen !== Sheen::Gloss,
            self::Paint => ! $isMetal,
            self::Wet => true,
        };
    }
}
