<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Stuff\Chemistry\Sheen;

/**
 * How what is mixed of gloss and matte dries. A matting agent takes away a share of the gloss that is there, so that it
 * falls by ratios and not by steps: the logarithms of the gloss are averaged. Gloss units at 60° are usual ones of such
 * varnishes; where the words begin follows how they are used for them. A trial decides, for matting agents differ.
 */
final class MixedSheen
{
    private const UNITS = ['gloss' => 80.0, 'satin' => 25.0, 'matte' => 4.0];

    private const SATIN_FROM = 10.0;

    private const GLOSS_FROM = 50.0;

    /** @param  non-empty-array<string, float>  $by  parts by the code of their sheen */
    public static function of(array $by): Sheen
    {
        $sum = 0.0;
        foreach ($by as $code => $parts) {
            $sum += $parts * log(self::UNITS[$code]);
        }
        $units = exp($sum / array_sum($by));

        return match (true) {
            $units >= self::GLOSS_FROM => Sheen::Gloss,
            $units >= self::SATIN_FROM => Sheen::Satin,
            default => Sheen::Matte,
        };
    }
}
