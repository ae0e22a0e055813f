<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Parts;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Stroke;

/**
 * Wheels that stand upright, seen best from their own side; in millimetres, the centre in the middle of the width.
 *
 * @phpstan-type Point array{float, float, float}
 */
final class Wheels
{
    /** @param  Point  $centre */
    public static function road(Modeller $make, array $centre, float $radius, float $width): void
    {
        $half = $width / 2.0;
        $make->lathe(
            'road wheel',
            $centre,
            'z',
            [
                [-$half, 0.0],
                [-$half, 0.84 * $radius],
                [-$half, 0.985 * $radius],
                [-$half + 12.0, $radius],
                [$half - 12.0, $radius],
                [$half, 0.985 * $radius],
                [$half, 0.85 * $radius],
                [$half - 12.0, 0.84 * $radius],
                [$half - 12.0, 0.79 * $radius],
                [$half - 52.0, 0.74 * $radius],
                [$half - 40.0, 0.4 * $radius],
                [$half - 14.0, 0.35 * $radius],
                [$half - 14.0, 0.23 * $radius],
                [$half + 22.0, 0.2 * $radius],
                [$half + 26.0, 0.13 * $radius],
                [$half + 26.0, 0.0],
            ],
            28,
            array_fill(1, 5, ZoneKind::Tyres),
        );
        self::holes($make, $centre, $half - 44.0, 0.57 * $radius, 6, 0.078 * $radius);
        [$x, $y, $z] = $centre;
        $make->bolts([$x, $y, $z + $half - 12.0], 'z', [0.0, 0.0, 1.0], 0.29 * $radius, 8, 9.0);
        $make->ring(Stroke::Detail, [$x, $y, $z + $half + 28.0], 'z', 0.07 * $radius);
    }

    /** @param  Point  $centre */
    public static function sprocket(Modeller $make, array $centre, float $radius, float $width): void
    {
        [$x, $y, $z] = $centre;
        $teeth = max(11, (int) round((2.0 * M_PI * $radius) / 138.0));
        $profile = [];
        for ($tooth = 0; $tooth < $teeth; $tooth++) {
            $angle = (2.0 * M_PI * $tooth) / $teeth;
            foreach ([[-0.34, 0.93], [-0.16, 1.1], [0.16, 1.1], [0.34, 0.93]] as [$turn, $reach]) {
                $at = $angle + ($turn * 2.0 * M_PI) / $teeth;
                $profile[] = [$x + $reach * $radius * cos($at), $y + $reach * $radius * sin($at)];
            }
        }
        $half = $width / 2.0;
        foreach ([[-$half, -$half + 46.0], [$half - 46.0, $half]] as [$from, $to]) {
            $make->prism('sprocket ring', $profile, $z + $from, $z + $to);
        }
        $make->lathe(
            'sprocket',
            $centre,
            'z',
            [
                [-$half, 0.0],
                [-$half, 0.72 * $radius],
                [$half + 8.0, 0.72 * $radius],
                [$half + 8.0, 0.66 * $radius],
                [$half - 12.0, 0.6 * $radius],
                [$half + 20.0, 0.42 * $radius],
                [$half + 30.0, 0.3 * $radius],
                [$half + 30.0, 0.0],
            ],
            28,
        );
        $make->bolts([$x, $y, $z + $half + 2.0], 'z', [0.0, 0.0, 1.0], 0.83 * $radius, 12, 10.0);
        $make->bolts([$x, $y, $z + $half + 30.0], 'z', [0.0, 0.0, 1.0], 0.22 * $radius, 6, 9.0);
        self::holes($make, $centre, $half + 4.0, 0.52 * $radius, 8, 0.055 * $radius);
    }

    /** @param  Point  $centre */
    public static function idler(Modeller $make, array $centre, float $radius, float $width): void
    {
        [$x, $y, $z] = $centre;
        $half = $width / 2.0;
        $make->lathe(
            'idler',
            $centre,
            'z',
            [
                [-$half, 0.0],
                [-$half, $radius],
                [$half, $radius],
                [$half, 0.86 * $radius],
                [$half - 34.0, 0.8 * $radius],
                [$half - 26.0, 0.34 * $radius],
                [$half + 6.0, 0.3 * $radius],
                [$half + 14.0, 0.16 * $radius],
                [$half + 14.0, 0.0],
            ],
            28,
        );
        self::holes($make, $centre, $half - 26.0, 0.57 * $radius, 8, 0.11 * $radius);
        $make->bolts([$x, $y, $z + $half + 10.0], 'z', [0.0, 0.0, 1.0], 0.23 * $radius, 6, 8.0);
    }

    /** @param  Point  $centre */
    public static function roller(Modeller $make, array $centre, float $radius, float $width): void
    {
        $half = $width / 2.0;
        $make->lathe(
            'return roller',
            $centre,
            'z',
            [
                [-$half, 0.0],
                [-$half, $radius],
                [$half, $radius],
                [$half, 0.75 * $radius],
                [$half - 18.0, 0.7 * $radius],
                [$half - 12.0, 0.4 * $radius],
                [$half + 12.0, 0.34 * $radius],
                [$half + 12.0, 0.0],
            ],
            20,
        );
    }

    /**
     * A wheel with a tyre of rubber; the zone of the tyre is that of tyres, the rest of wheels.
     *
     * @param  Point  $centre
     * @param  bool  $isDished  the rim lies deep, as on the outer one of a pair
     */
    public static function tyred(Modeller $make, array $centre, float $radius, float $width, bool $isDished): void
    {
        [$x, $y, $z] = $centre;
        $make->on(ZoneKind::Wheels);
        $half = $width / 2.0;
        $rim = 0.6 * $radius;
        $deep = $isDished ? 0.52 * $width : 0.2 * $width;
        $make->lathe(
            'tyre',
            $centre,
            'z',
            [
                [-$half + 20.0, 0.0],
                [-$half + 20.0, $rim],
                [-$half, 0.78 * $radius],
                [-0.8 * $half, 0.94 * $radius],
                [-0.62 * $half, 0.985 * $radius],
                [0.0, $radius],
                [0.62 * $half, 0.985 * $radius],
                [0.8 * $half, 0.94 * $radius],
                [$half, 0.8 * $radius],
                [0.92 * $half, 0.66 * $radius],
                [0.8 * $half, $rim],
                [0.8 * $half - 24.0, 0.96 * $rim],
                [0.8 * $half - $deep, 0.86 * $rim],
                [0.8 * $half - $deep, 0.46 * $rim],
                [0.8 * $half - 0.4 * $deep, 0.42 * $rim],
                [0.8 * $half - 0.3 * $deep, 0.26 * $rim],
                [0.8 * $half + 14.0, 0.22 * $rim],
                [0.8 * $half + 18.0, 0.0],
            ],
            36,
            array_fill(1, 9, ZoneKind::Tyres),
        );
        self::holes($make, [$x, $y, $z], 0.8 * $half - $deep + 4.0, 0.66 * $rim, 6, 0.085 * $rim);
        $make->bolts([$x, $y, $z + 0.8 * $half - 0.36 * $deep], 'z', [0.0, 0.0, 1.0], 0.34 * $rim, 8, 12.0);
        $make->ring(Stroke::Fold, [$x, $y, $z + 0.97 * $half], 'z', 0.71 * $radius);
        self::tread($make, $centre, $radius, $half);
    }

    /**
     * The cut edges of the tread, seen from the side and from the front.
     *
     * @param  Point  $centre
     */
    private static function tread(Modeller $make, array $centre, float $radius, float $half): void
    {
        [$x, $y, $z] = $centre;
        $cuts = 36;
        for ($cut = 0; $cut < $cuts; $cut++) {
            $angle = (2.0 * M_PI * $cut) / $cuts;
            $next = $angle + M_PI / $cuts;
            [$c, $s] = [cos($angle), sin($angle)];
            $make->line(Stroke::Detail, [
                [$x + 0.9 * $radius * $c, $y + 0.9 * $radius * $s, $z + 0.86 * $half],
                [$x + 0.985 * $radius * $c, $y + 0.985 * $radius * $s, $z + 0.62 * $half],
                [$x + 1.002 * $radius * cos($next), $y + 1.002 * $radius * sin($next), $z],
                [$x + 0.985 * $radius * $c, $y + 0.985 * $radius * $s, $z - 0.62 * $half],
            ]);
        }
    }

    /** @param  Point  $centre */
    private static function holes(
        Modeller $make,
        array $centre,
        float $out,
        float $circle,
        int $count,
        float $radius,
    ): void {
        for ($hole = 0; $hole < $count; $hole++) {
            $angle = (2.0 * M_PI * $hole) / $count + 0.26;
            $make->ring(
                Stroke::Slot,
                [$centre[0] + $circle * cos($angle), $centre[1] + $circle * sin($angle), $centre[2] + $out],
                'z',
                $radius,
            );
        }
    }
}
