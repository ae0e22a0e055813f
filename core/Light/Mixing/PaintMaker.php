<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Memory;

/** Makes the paint that has a colour and hides so well: K/S from the smoothest spectrum, S from the hiding power. */
final class PaintMaker
{
    /** No paint hides nothing, and none hides all in one coat. */
    private const LEAST = 0.01;

    private const MOST = 0.995;

    private const STEPS = 60;

    /** In ln(h / (1 − h)) of the share h that a coat hides. */
    private const CLOSE = 1e-9;

    /**
     * @param  Lab  $colour  of a coat that hides, dry
     * @param  float  $hides  share of the difference between black and white that one usual coat takes away, in light
     *   (CIE Y), 0 to 1
     */
    public static function paint(Lab $colour, float $hides): Paint
    {
        $hides = max(self::LEAST, min(self::MOST, $hides));
        /** @var array<string, Paint> $known the same jars are asked for again and again */
        static $known = [];
        $key = "paint of {$colour->l} {$colour->a} {$colour->b} {$hides}";
        if (count($known) > 2_000) {
            $known = [];
        }

        return $known[$key] ??= self::kept($key, $colour, $hides);
    }

    /** How much of the difference between black and white a coat takes away. */
    public static function hiding(Paint $paint, float $thickness = 1.0): float
    {
        $film = Film::of($paint, $thickness);
        [, $toY] = Observer::weights();
        $left = 0.0;
        $black = $film->over(array_fill(0, Observer::BANDS, 0.0));
        foreach ($film->over(array_fill(0, Observer::BANDS, 1.0)) as $band => $white) {
            $left += $toY[$band] * ($white - $black[$band]);
        }

        return 1.0 - $left;
    }

    private static function kept(string $key, Lab $colour, float $hides): Paint
    {
        $numbers = Memory::of($key, static function () use ($colour, $hides): array {
            $paint = self::make($colour, $hides);

            return [$paint->scattering, ...$paint->absorption];
        });

        return new Paint($numbers[0], array_slice($numbers, 1));
    }

    private static function make(Lab $colour, float $hides): Paint
    {
        $ratios = array_map(
            static fn (float $r): float => (1.0 - $r) ** 2 / (2.0 * $r),
            Upsampler::reflectanceOf($colour),
        );
        // ln(h / (1 − h)) of what is hidden is ln S for paint that absorbs nothing and close to a line in it for all
        // other, so that false position (Illinois method) is there in a few steps.
        $wanted = log($hides / (1.0 - $hides));
        $miss = static function (float $power) use ($ratios, $wanted): float {
            $hidden = max(1e-12, min(1.0 - 1e-12, self::hiding(self::scattering(exp($power), $ratios))));

            return log($hidden / (1.0 - $hidden)) - $wanted;
        };
        [$low, $high] = [-14.0, 8.0];
        [$atLow, $atHigh] = [$miss($low), $miss($high)];
        $power = $low;
        $wasOver = null;
        for ($step = 0; $step < self::STEPS; $step++) {
            $power = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $here = $miss($power);
            if (abs($here) < self::CLOSE) {
                break;
            }
            $isOver = $here > 0.0;
            if ($isOver) {
                [$high, $atHigh] = [$power, $here];
                $atLow /= $wasOver === true ? 2.0 : 1.0;
            } else {
                [$low, $atLow] = [$power, $here];
                $atHigh /= $wasOver === false ? 2.0 : 1.0;
            }
            $wasOver = $isOver;
        }

        return self::scattering(exp($power), $ratios);
    }

    /** @param  list<float>  $ratios  K/S by band */
    private static function scattering(float $scattering, array $ratios): Paint
    {
        return new Paint(
            $scattering,
            array_map(static fn (float $ratio): float => $ratio * $scattering, $ratios),
        );
    }
}
