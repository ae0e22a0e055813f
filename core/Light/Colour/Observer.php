<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/**
 * How the eye weighs light by wavelength: the 1931 standard observer in the fits of Wyman, Sloan and Shirley, Journal
 * of Computer Graphics Techniques 2 (2013), under the light of a black body of 6504 K, which is close to daylight D65.
 */
final class Observer
{
    /** Bands of 10 nm from 380 nm on. */
    public const BANDS = 36;

    private const FIRST = 380;

    private const WIDTH = 10;

    private const KELVIN = 6504.0;

    /** Second radiation constant, m·K (CODATA 2018). */
    private const C2 = 1.438776877e-2;

    /** Lobes of X, Y and Z: height, middle, width below it and above it in nm. */
    private const LOBES = [
        [[1.056, 599.8, 37.9, 31.0], [0.362, 442.0, 16.0, 26.7], [-0.065, 501.1, 20.4, 26.2]],
        [[0.821, 568.8, 46.9, 40.5], [0.286, 530.9, 16.3, 31.1]],
        [[1.217, 437.0, 11.8, 36.0], [0.681, 459.0, 26.0, 13.8]],
    ];

    /**
     * @return array{list<float>, list<float>, list<float>} rows of X, Y and Z, one number a band, each scaled so that a
     *   reflectance of 1 everywhere gives the white of D65 exactly
     */
    public static function weights(): array
    {
        /** @var array{list<float>, list<float>, list<float>}|null $weights */
        static $weights = null;

        return $weights ??= [
            self::row(self::LOBES[0], Lab::WHITE_X),
            self::row(self::LOBES[1], 1.0),
            self::row(self::LOBES[2], Lab::WHITE_Z),
        ];
    }

    /** @param  list<float>  $reflectance  one number from 0 to 1 a band */
    public static function colourOf(array $reflectance): Lab
    {
        return Lab::fromXyz(...self::sums($reflectance));
    }

    /**
     * @param  list<float>  $reflectance  one number from 0 to 1 a band
     * @return array{float, float, float} XYZ, Y being 1 where all light comes back
     */
    public static function sums(array $reflectance): array
    {
        [$toX, $toY, $toZ] = self::weights();
        $x = $y = $z = 0.0;
        foreach ($reflectance as $band => $share) {
            $x += $toX[$band] * $share;
            $y += $toY[$band] * $share;
            $z += $toZ[$band] * $share;
        }

        return [$x, $y, $z];
    }

    /**
     * @param  list<array{float, float, float, float}>  $lobes
     * @return list<float>
     */
    private static function row(array $lobes, float $white): array
    {
        $row = [];
        for ($band = 0; $band < self::BANDS; $band++) {
            $sum = 0.0;
            for ($nm = 0; $nm < self::WIDTH; $nm++) {
                $wavelength = self::FIRST + self::WIDTH * $band + $nm + 0.5;
                $light = $wavelength ** -5 / (exp(self::C2 / ($wavelength * 1e-9 * self::KELVIN)) - 1.0);
                foreach ($lobes as [$height, $middle, $below, $above]) {
                    $away = ($wavelength - $middle) / ($wavelength < $middle ? $below : $above);
                    $sum += $height * exp(-0.5 * $away * $away) * $light;
                }
            }
            $row[] = $sum;
        }
        $whole = array_sum($row);

        return array_map(static fn (float $weight): float => ($weight * $white) / $whole, $row);
    }
}
