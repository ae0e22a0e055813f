<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Solid;

/**
 * A flat outline.
 *
 * @phpstan-type Flat array{float, float}
 */
final class Polygon
{
    /**
     * Cut into triangles by taking ears off, so that hollow outlines come out right. Corners keep the outline's sense.
     *
     * @param  list<Flat>  $outline
     * @return list<array{int, int, int}>
     */
    public static function triangles(array $outline): array
    {
        $sense = self::area($outline) < 0.0 ? -1.0 : 1.0;
        $left = array_keys($outline);
        $triangles = [];
        while (count($left) > 3) {
            $ear = self::ear($outline, $left, $sense);
            $count = count($left);
            $triangles[] = [$left[($ear + $count - 1) % $count], $left[$ear], $left[($ear + 1) % $count]];
            array_splice($left, $ear, 1);
        }
        $triangles[] = [$left[0], $left[1], $left[2]];

        return $triangles;
    }

    /**
     * Twice what it encloses; negative if it goes round clockwise.
     *
     * @param  list<Flat>  $outline
     */
    public static function area(array $outline): float
    {
        $area = 0.0;
        $count = count($outline);
        foreach ($outline as $place => [$x, $y]) {
            [$nextX, $nextY] = $outline[($place + 1) % $count];
            $area += $x * $nextY - $nextX * $y;
        }

        return $area;
    }

    /**
     * The corners of the smallest outline without hollows round some points, anticlockwise.
     *
     * @param  list<Flat>  $points
     * @return list<Flat>
     */
    public static function hull(array $points): array
    {
        sort($points);

        return [...self::halfHull($points), ...self::halfHull(array_reverse($points))];
    }

    /**
     * One side of the hull, without its last point.
     *
     * @param  list<Flat>  $points  in the order in which the side is walked
     * @return list<Flat>
     */
    private static function halfHull(array $points): array
    {
        $hull = [];
        foreach ($points as $point) {
            while (true) {
                $size = count($hull);
                if ($size < 2 || self::turn($hull[$size - 2], $hull[$size - 1], $point) > 0.0) {
                    break;
                }
                array_pop($hull);
            }
            $hull[] = $point;
        }
        array_pop($hull);

        return $hull;
    }

    /**
     * @param  list<Flat>  $outline
     * @param  list<int>  $left
     */
    private static function ear(array $outline, array $left, float $sense): int
    {
        $count = count($left);
        foreach ($left as $place => $corner) {
            $a = $outline[$left[($place + $count - 1) % $count]];
            $b = $outline[$corner];
            $c = $outline[$left[($place + 1) % $count]];
            if ($sense * self::turn($a, $b, $c) > 0.0 && ! self::holdsAny($a, $b, $c, $outline, $left, $sense)) {
                return $place;
            }
        }

        return 0;
    }

    /**
     * @param  Flat  $a
     * @param  Flat  $b
     * @param  Flat  $c
     * @param  list<Flat>  $outline
     * @param  list<int>  $left
     */
    private static function holdsAny(array $a, array $b, array $c, array $outline, array $left, float $sense): bool
    {
        foreach ($left as $corner) {
            $point = $outline[$corner];
            if (
                $point !== $a && $point !== $b && $point !== $c &&
                $sense * self::turn($a, $b, $point) >= 0.0 &&
                $sense * self::turn($b, $c, $point) >= 0.0 &&
                $sense * self::turn($c, $a, $point) >= 0.0
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Positive where the way from a over b to c turns left.
     *
     * @param  Flat  $a
     * @param  Flat  $b
     * @param  Flat  $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
