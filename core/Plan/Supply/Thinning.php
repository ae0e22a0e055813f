<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Supply;

use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Technique;

/** Of what is laid, how much comes from the jar; the rest is thinner. The shares' sources: docs/quantities.md. */
final class Thinning
{
    /** @return float above 0, at most 1: as the step says, else as is usual */
    public static function paintShare(Step $step, Technique $technique, Material $material): float
    {
        return $step->thinnerShare === null
            ? self::usual($step, $technique, $material)
            : 1.0 - $step->thinnerShare / 100.0;
    }

    /** How much paint a pass leaves against one that is thinned as usual. */
    public static function ofUsual(Step $step, Technique $technique, Material $material): float
    {
        return self::paintShare($step, $technique, $material) / self::usual($step, $technique, $material);
    }

    private static function usual(Step $step, Technique $technique, Material $material): float
    {
        if (! in_array($material->family, [...BinderFamily::paints(), BinderFamily::ArtistOil], true)) {
            return 1.0;
        }
        $isReady = $material->sheen === null && $material->family !== BinderFamily::ArtistOil;

        return match (true) {
            // Washes and filters come as they are used.
            $isReady, $step->application === Application::Can, $step->application === Application::Dry => 1.0,
            $technique->kind->paint !== null => $technique->kind->paint,
            default => self::forCoat($material, $step->application),
        };
    }

    /** Of a coat of paint as its tool wants it. */
    public static function forCoat(Material $material, Application $by): float
    {
        return match (true) {
            $material->family === BinderFamily::ArtistOil, $by !== Application::Airbrush => 0.9,
            $material->isClear() => 0.7,
            default => match ($material->family) {
                BinderFamily::Lacquer => 0.4,
                BinderFamily::AlcoholAcrylic, BinderFamily::Enamel => 0.5,
                default => 0.6,
            },
        };
    }
}
