<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

use Ulvrach\Vehicle\Mesh;

/**
 * Measures what of a vehicle lies open. Points are spread evenly over its faces; a point counts if one of six eyes, at
 * both ends of each axis, sees it. What only shows through a slit between them is left out, so that wheels behind a
 * track come out a little small; paint is therefore counted for each assembly by itself.
 *
 * @phpstan-type Point array{float, float, float}
 */
final class Measurer
{
    /** mm: no piece of a face for which one point stands is longer. */
    private const PIECE = 90.0;

    /** Zones that come into one cell of this many millimetres meet there: more than points lie apart. */
    private const TOUCHES = 100.0;

    /** A border between two cells must not lie on one between two zones: two grids are laid, half a cell apart. */
    private const SHIFTS = [37.0, 87.0];

    private const UP = 0.7;

    private const DOWN = -0.3;

    /** mm above the ground up to which running gear flings mud. */
    private const MUD = 900.0;

    public static function measure(Mesh $mesh): Measurement
    {
        $areas = $open = $moments = $upward = $overhung = $low = $lowest = $highest = $cells = [];
        foreach (self::open($mesh) as [$zone, $area, $point, $up, $face]) {
            $open[$face] = ($open[$face] ?? 0.0) + $area;
            $areas[$zone] = ($areas[$zone] ?? 0.0) + $area;
            $moments[$zone] = ($moments[$zone] ?? 0.0) + $area * $point[1];
            $upward[$zone] = ($upward[$zone] ?? 0.0) + ($up > self::UP ? $area : 0.0);
            $overhung[$zone] = ($overhung[$zone] ?? 0.0) + ($up < self::DOWN ? $area : 0.0);
            $low[$zone] = ($low[$zone] ?? 0.0) + ($point[1] < self::MUD ? $area : 0.0);
            $lowest[$zone] = min($lowest[$zone] ?? INF, $point[1]);
            $highest[$zone] = max($highest[$zone] ?? -INF, $point[1]);
            foreach (self::SHIFTS as $grid => $shift) {
                $cells[$grid][self::cell($point, $shift)][$zone] = true;
            }
        }
        $assemblies = [];
        foreach ($mesh->assemblies() as $assembly) {
            foreach (self::open($mesh->only($assembly)) as [$zone, $area]) {
                $assemblies[$assembly][$zone] = ($assemblies[$assembly][$zone] ?? 0.0) + $area / 1e6;
            }
        }

        $zones = [];
        foreach ($areas as $zone => $area) {
            $zones[$zone] = new ZoneMeasure(
                area: $area / 1e6,
                lowest: $lowest[$zone],
                highest: $highest[$zone],
                mean: $moments[$zone] / $area,
                upward: $upward[$zone] / $area,
                overhung: $overhung[$zone] / $area,
                low: $low[$zone] / 1e6,
            );
        }

        $surface = new Surface($mesh);

        return new Measurement(
            $zones,
            $assemblies,
            self::neighbours($cells),
            $surface->edges($open),
            $surface->plates($open),
        );
    }

    /**
     * All points that are seen from somewhere.
     *
     * @return iterable<array{string, float, array{float, float, float}, float, int}> zone kind, mm² for which the
     *   point stands, where it is, how far its normal points up, which face it is on
     */
    private static function open(Mesh $mesh): iterable
    {
        $eyes = DepthMap::round($mesh);
        $points = $mesh->points;
        foreach ($mesh->zones as $face => $zone) {
            $a = 3 * $mesh->triangles[3 * $face];
            $b = 3 * $mesh->triangles[3 * $face + 1];
            $c = 3 * $mesh->triangles[3 * $face + 2];
            [$ux, $uy, $uz] = [
                $points[$b] - $points[$a],
                $points[$b + 1] - $points[$a + 1],
                $points[$b + 2] - $points[$a + 2],
            ];
            [$vx, $vy, $vz] = [
                $points[$c] - $points[$a],
                $points[$c + 1] - $points[$a + 1],
                $points[$c + 2] - $points[$a + 2],
            ];
            [$nx, $ny, $nz] = [$uy * $vz - $uz * $vy, $uz * $vx - $ux * $vz, $ux * $vy - $uy * $vx];
            $double = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
            if ($double < 1e-6) {
                continue;
            }
            [$nx, $ny, $nz] = [$nx / $double, $ny / $double, $nz / $double];
            // The eyes that face it, the straightest first: it is the likeliest to see it.
            $seers = [];
            foreach ($eyes as $eye) {
                $slack = DepthMap::slack($eye->facing($nx, $ny, $nz));
                if ($slack !== null) {
                    $seers[] = [$slack, $eye];
                }
            }
            usort($seers, static fn (array $one, array $other) => $one[0] <=> $other[0]);
            $second = [$points[$a] + $ux, $points[$a + 1] + $uy, $points[$a + 2] + $uz];
            $third = [$points[$a] + $vx, $points[$a + 1] + $vy, $points[$a + 2] + $vz];
            $pieces = [[[$points[$a], $points[$a + 1], $points[$a + 2]], $second, $third, $double / 2.0]];
            while ($pieces !== []) {
                [$a, $b, $c, $area] = array_pop($pieces);
                $ab = ($b[0] - $a[0]) ** 2 + ($b[1] - $a[1]) ** 2 + ($b[2] - $a[2]) ** 2;
                $bc = ($c[0] - $b[0]) ** 2 + ($c[1] - $b[1]) ** 2 + ($c[2] - $b[2]) ** 2;
                $ca = ($a[0] - $c[0]) ** 2 + ($a[1] - $c[1]) ** 2 + ($a[2] - $c[2]) ** 2;
                $longest = max($ab, $bc, $ca);
                if ($longest > self::PIECE ** 2) {
                    // Halved across the longest edge, turned until it is the one between the first two corners.
                    [$a, $b, $c] = match ($longest) {
                        $ab => [$a, $b, $c],
                        $bc => [$b, $c, $a],
                        default => [$c, $a, $b],
                    };
                    $half = [($a[0] + $b[0]) / 2.0, ($a[1] + $b[1]) / 2.0, ($a[2] + $b[2]) / 2.0];
                    $pieces[] = [$a, $half, $c, $area / 2.0];
                    $pieces[] = [$half, $b, $c, $area / 2.0];

                    continue;
                }
                $middle = [($a[0] + $b[0] + $c[0]) / 3.0, ($a[1] + $b[1] + $c[1]) / 3.0, ($a[2] + $b[2] + $c[2]) / 3.0];
                foreach ($seers as [$slack, $eye]) {
                    if ($eye->sees($middle, $slack)) {
                        yield [$zone->value, $area, $middle, $ny, $face];
                        break;
                    }
                }
            }
        }
    }

    /** @param  array{float, float, float}  $point */
    private static function cell(array $point, float $shift): int
    {
        // Vehicles are less than 100 m long: seven bits more than enough for each direction.
        return ((int) floor(($point[0] + $shift) / self::TOUCHES) + 512) * 1_048_576 +
            ((int) floor(($point[1] + $shift) / self::TOUCHES) + 512) * 1_024 +
            (int) floor(($point[2] + $shift) / self::TOUCHES) + 512;
    }

    /**
     * @param  array<int, array<int, array<string, true>>>  $grids  by grid and cell: the zones that come into it
     * @return array<string, array<string, float>>
     */
    private static function neighbours(array $grids): array
    {
        $metres = [];
        foreach ($grids as $cells) {
            $found = [];
            foreach ($cells as $zones) {
                foreach (count($zones) > 1 ? array_keys($zones) : [] as $one) {
                    foreach (array_keys($zones) as $other) {
                        if ($one !== $other) {
                            $found[$one][$other] = ($found[$one][$other] ?? 0.0) + self::TOUCHES / 1_000.0;
                        }
                    }
                }
            }
            foreach ($found as $one => $others) {
                foreach ($others as $other => $length) {
                    $metres[$one][$other] = max($metres[$one][$other] ?? 0.0, $length);
                }
            }
        }

        return $metres;
    }
}
