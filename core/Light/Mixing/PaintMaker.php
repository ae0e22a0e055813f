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

    /** L* of jars below which what they absorb begins to help, and at which it counts as a second coat. */
    private const DARK = 50.0;

    private const BLACK = 20.0;

    /** CIELAB chroma of earths, and of vivid organic pigments: yellows, oranges and reds, up to this hue. */
    private const EARTH = 35.0;

    private const VIVID = 55.0;

    private const ORGANIC_HUE = 110.0;

    /** Share of a coat that such a pigment lacks over black. */
    private const CLEAR = 0.5;

    /** ln S between which the scattering of a covering film is looked for, and how often that is halved. */
    private const WEAKEST = -9.0;

    private const STRONGEST = 5.0;

    private const HALVINGS = 36;

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
        $key = "paint of {$colour->key()} {$hides}";
        if (count($known) > 2_000) {
            $known = [];
        }

        return $known[$key] ??= self::kept($key, static fn (): Paint => self::make($colour, $hides));
    }

    /**
     * The same jar as it covers what it is laid on, for which light alone says too little: a black lets less than a
     * hundredth of the light back and yet is seen to hide only once a white below it is gone. The scattering is such
     * that one usual coat takes away the share of the difference in CIELAB over the ground that is hard for it. For
     * light jars that is black. For dark ones it is white, over which they hide as two coats would, for they absorb on
     * the way down and again on the way up. A vivid organic pigment lets through what it does not absorb, so that over
     * black a coat of it counts as half of one. Starting values by judgement: docs/forecast.md.
     *
     * @param  float  $hides  share of the difference to the ground that one usual coat takes away, as the eye counts
     */
    public static function covering(Lab $colour, float $hides): Paint
    {
        $hides = max(self::LEAST, min(self::MOST, $hides));
        /** @var array<string, Paint> $known the same jars are asked for again and again */
        static $known = [];
        $key = "cover of {$colour->key()} {$hides}";
        if (count($known) > 2_000) {
            $known = [];
        }

        return $known[$key] ??= self::kept($key, static fn (): Paint => self::makeCovering($colour, 1.0 - $hides));
    }

    /** @param  float  $left  share of the difference that one coat leaves */
    private static function makeCovering(Lab $colour, float $left): Paint
    {
        $ratios = self::ratios($colour);
        $dark = self::share($colour->l, self::DARK, self::BLACK);
        $vivid = $colour->hue() < self::ORGANIC_HUE ? self::share($colour->chroma(), self::EARTH, self::VIVID) : 0.0;
        $overBlack = $dark >= 1.0 ? 0.0 : self::powerOver(0.0, $left ** (1.0 - self::CLEAR * $vivid), $ratios);
        $overWhite = $dark <= 0.0 ? 0.0 : self::powerOver(1.0, $left ** (1.0 + $dark), $ratios);

        return self::scattering(exp((1.0 - $dark) * $overBlack + $dark * $overWhite), $ratios);
    }

    /** How far a number is on the way from one to another: 0 before it, 1 beyond. */
    private static function share(float $number, float $from, float $to): float
    {
        return max(0.0, min(1.0, ($number - $from) / ($to - $from)));
    }

    /**
     * @param  float  $ground  its reflectance, alike in all bands
     * @param  float  $left  share of the difference that is to be left
     * @param  list<float>  $ratios  K/S by band
     * @return float ln S with which a coat leaves so much
     */
    private static function powerOver(float $ground, float $left, array $ratios): float
    {
        $own = Observer::colourOf(
            array_map(static fn (float $ratio): float => 1.0 + $ratio - sqrt($ratio * $ratio + 2.0 * $ratio), $ratios),
        );
        $all = $own->distanceTo(Observer::colourOf(array_fill(0, Observer::BANDS, $ground)));
        [$low, $high] = [self::WEAKEST, self::STRONGEST];
        for ($step = 0; $step < self::HALVINGS; $step++) {
            $middle = ($low + $high) / 2.0;
            $film = Film::of(self::scattering(exp($middle), $ratios), 1.0);
            $seen = Observer::colourOf($film->over(array_fill(0, Observer::BANDS, $ground)));
            [$low, $high] = $own->distanceTo($seen) > $left * $all ? [$middle, $high] : [$low, $middle];
        }

        return $high;
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

    /** @param  \Closure(): Paint  $made */
    private static function kept(string $key, \Closure $made): Paint
    {
        $numbers = Memory::of($key, static function () use ($made): array {
            $paint = $made();

            return [$paint->scattering, ...$paint->absorption];
        });

        return new Paint($numbers[0], array_slice($numbers, 1));
    }

    private static function make(Lab $colour, float $hides): Paint
    {
        $ratios = self::ratios($colour);
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

    /** @return list<float> K/S by band of a coat that hides */
    private static function ratios(Lab $colour): array
    {
        return array_map(
            static fn (float $r): float => (1.0 - $r) ** 2 / (2.0 * $r),
            Upsampler::reflectanceOf($colour),
        );
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
