<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Stuff\Material\Product;

/** What speaks against a cup, in sentences. How much paint bears: docs/sources.md, "dropped into the cup". */
final class Warning
{
    /** For one part of paint, beyond which the film suffers. */
    private const MOST_RETARDER = 0.1;

    private const MOST_FLOW = 0.05;

    /** Share of clear beyond which little of the colour is left in a coat. */
    private const MOST_CLEAR = 0.5;

    /** @return list<string> */
    public static function of(Cup $cup): array
    {
        $families = array_unique(
            array_map(static fn (Product $jar) => $jar->material->behavesAs()->label(), $cup->jars()),
        );
        $warnings = [];
        if (count($families) > 1) {
            $both = implode(' and ', $families);
            $warnings[] = "Two binders in one cup may curdle: {$both}. Try a drop of each first.";
        }
        if ($cup->retarder > self::MOST_RETARDER) {
            $warnings[] = 'More than a tenth of retarder: the film stays soft for days and marks under a thumb.';
        }
        if ($cup->flow > self::MOST_FLOW) {
            $warnings[] = 'More than a twentieth of flow improver: it creeps out of corners, and masks pull it off.';
        }
        $clear = self::clear($cup);
        if ($clear > self::MOST_CLEAR && $clear < 1.0) {
            $warnings[] = 'Mostly clear: it tints what lies below and never hides it.';
        }

        return $warnings;
    }

    private static function clear(Cup $cup): float
    {
        $weights = $cup->weights();
        $clear = 0.0;
        foreach ($cup->jars() as $jar) {
            $clear += $jar->material->isClear() ? $weights[$jar->id] : 0.0;
        }

        return $clear / array_sum($weights);
    }
}
