<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;

/** The ready wash or filter on the shelf that a thin cup of one's own may stand for. */
final class Bought
{
    /** Share of paint below which a cup is a wash or a filter. */
    private const THIN = 0.3;

    /** CIEDE2000 beyond which a ready one is another colour. */
    private const ALIKE = 12.0;

    /**
     * @param  list<Product>  $jars
     * @param  array<string, Stock>  $stocks  by id of the jar
     * @return array{Product, float}|null the one of the nearest colour, and what a millilitre of it has cost
     */
    public static function like(Lab $colour, Cup $cup, array $jars, array $stocks): ?array
    {
        if ($cup->share > self::THIN) {
            return null;
        }
        $best = null;
        $least = self::ALIKE;
        foreach ($jars as $jar) {
            $material = $jar->material;
            $perMl = ($stocks[$jar->id] ?? new Stock())->perMl();
            // What leaves the sheen below as it is comes ready to be washed on.
            $isReady = $material->sheen === null && in_array($material->behavesAs(), BinderFamily::paints(), true);
            if ($perMl === null || ! $isReady || $material->colour === null) {
                continue;
            }
            $away = $colour->differenceTo($material->colour);
            if ($away < $least) {
                [$least, $best] = [$away, [$jar, $perMl]];
            }
        }

        return $best;
    }
}
