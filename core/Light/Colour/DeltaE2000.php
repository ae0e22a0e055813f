<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/**
 * The CIEDE2000 colour difference with kL = kC = kH = 1, after Sharma, Wu and Dalal, Color Research and Application 30
 * (2005) 21–30, whose check pairs the tests use.
 */
final class DeltaE2000
{
    public static function between(Lab $one, Lab $two): float
    {
        $meanC = (self::length($one->a, $one->b) + self::length($two->a, $two->b)) / 2;
        $g = 0.5 * (1 - sqrt($meanC ** 7 / ($meanC ** 7 + 25 ** 7)));
        [$c1, $h1] = self::polar((1 + $g) * $one->a, $one->b);
        [$c2, $h2] = self::polar((1 + $g) * $two->a, $two->b);
        $dL = $two->l - $one->l;
        $dC = $c2 - $c1;
        $dh = self::turn($c1 * $c2, $h1, $h2);
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));

        $l = ($one->l + $two->l) / 2;
        $c = ($c1 + $c2) / 2;
        $h = self::meanHue($c1 * $c2, $h1, $h2);
        $t =
            1 -
            0.17 * cos(deg2rad($h - 30)) +
            0.24 * cos(deg2rad(2 * $h)) +
            0.32 * cos(deg2rad(3 * $h + 6)) -
            0.2 * cos(deg2rad(4 * $h - 63));
        $sL = 1 + (0.015 * ($l - 50) ** 2) / sqrt(20 + ($l - 50) ** 2);
        $sC = 1 + 0.045 * $c;
        $sH = 1 + 0.015 * $c * $t;
        $rT = -2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7)) * sin(deg2rad(60 * exp(-((($h - 275) / 25) ** 2))));

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH));
    }

    private static function length(float $a, float $b): float
    {
        return sqrt($a * $a + $b * $b);
    }

    /** @return array{float, float} chroma and hue in degrees, 0 for greys */
    private static function polar(float $a, float $b): array
    {
        $hue = $a === 0.0 && $b === 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return [self::length($a, $b), $hue < 0 ? $hue + 360 : $hue];
    }

    /** The shorter way round from one hue to the other, signed. */
    private static function turn(float $chromas, float $h1, float $h2): float
    {
        $turn = $h2 - $h1;

        return match (true) {
            $chromas === 0.0 => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function meanHue(float $chromas, float $h1, float $h2): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            $chromas === 0.0 => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
