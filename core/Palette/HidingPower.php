<?php

declare(strict_types=1);

namespace Ulvrach\Palette;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Material\Material;

/** How much of the ground one usual coat hides, where nobody has said it of the jar. */
final class HidingPower
{
    /** What runs into recesses or tints what lies below: many coats of it still let the ground through. */
    private const THIN = 0.15;

    public static function of(Material $material): float
    {
        if ($material->opacity !== null) {
            return $material->opacity;
        }
        // Washes, filters and effects leave the sheen below as it is, for there is little of them.
        if ($material->sheen === null && in_array($material->behavesAs(), BinderFamily::paints(), true)) {
            return self::THIN;
        }

        return match ($material->family) {
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
