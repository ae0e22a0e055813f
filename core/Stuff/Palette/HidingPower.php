<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Material;

/** How much of the ground one usual coat hides, where nobody has said it of the jar. */
final class HidingPower
{
    /** What runs into recesses or tints what lies below: many coats of it still let the ground through. */
    private const THIN = 0.15;

    private const FLAKES = 0.95;

    /** CIELAB of colours that hide badly: chroma above, hue below, or lightness above. */
    private const STRONG = 45.0;

    private const BEYOND_YELLOW = 110.0;

    private const LIGHT = 80.0;

    public static function of(Material $material): float
    {
        if ($material->opacity !== null) {
            return $material->opacity;
        }
        // Flakes of metal lie on each other like scales.
        if ($material->metallic) {
            return self::FLAKES;
        }
        // Washes, filters and effects leave the sheen below as it is, for there is little of them. Mud does not: a jar
        // of it that says nothing of its sheen is mud all the same.
        if ($material->sheen === null && in_array($material->family, BinderFamily::paints(), true)) {
            return self::THIN;
        }

        return self::byFamily($material->family) - self::weakness($material->colour);
    }

    /** Yellow, orange and red are organic pigments that let light through; a light paint has much ground to beat. */
    private static function weakness(?Lab $colour): float
    {
        return match (true) {
            $colour === null => 0.0,
            $colour->chroma() > self::STRONG && $colour->hue() < self::BEYOND_YELLOW => 0.25,
            $colour->l > self::LIGHT => 0.1,
            default => 0.0,
        };
    }

    private static function byFamily(BinderFamily $family): float
    {
        return match ($family) {
            // Two thin coats cover.
            BinderFamily::WaterborneAcrylic, BinderFamily::Lacquer => 0.85,
            // Much clear binder, little pigment: three coats are usual.
            BinderFamily::AlcoholAcrylic => 0.75,
            // The most pigment of all that is sprayed.
            BinderFamily::Enamel => 0.9,
            // Meant to be drawn out until the ground shows.
            BinderFamily::ArtistOil => 0.6,
            // Powder: hides wherever it lies thick enough to be seen.
            BinderFamily::DryPigment, BinderFamily::BoundPigment, BinderFamily::MudPaste => 0.9,
            default => 0.7,
        };
    }
}
