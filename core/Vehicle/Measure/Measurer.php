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
        $assemblies = array_fill_keys($mesh->assemblies(), []);
        $areas = $open = $moments = $upward = $overhung = $low = $lowest = $highest = $cells = [];
        foreach (self::open($mesh) as [$zone, $area, $point, $up, $face, $assembly, $isOpen]) {
            $assemblies[$assembly][$zone] = ($assemblies[$assembly][$zone] ?? 0.0) + $area / 1e6;
            if (! $isOpen) {
                continue;
            }
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
     * All points that are seen from somewhere once their assembly stands by itself.
     *
     * @return iterable<array{string, float, array{float, float, float}, float, int, string, bool}> zone kind, mm² for
     *   which the point stands, where it is, how far its normal points up, which face it is on, of which assembly, and
     *   whether it is seen on the whole vehicle too
     */
    private static function open(Mesh $mesh): iterable
    {
        $eyes = DepthMap::round($mesh);
        $apart = [];
        foreach ($mesh->assemblies() as $assembly) {
            $apart[$assembly] = DepthMap::round($mesh->only($assembly));
        }
        $points = $mesh->points;
        $most = self::PIECE * self::PIECE;
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
            $assembly = $mesh->parts[$mesh->solids[$face]]->assembly;
            // The eyes that face it, the straightest first: it is the likeliest to see it.
            $seers = $slacks = [];
            foreach ($eyes as $side => $eye) {
                $slack = DepthMap::slack($eye->facing($nx, $ny, $nz));
                if ($slack !== null) {
                    $slacks[$side] = $slack;
                }
            }
            asort($slacks);
            foreach ($slacks as $side => $slack) {
                $seers[] = [$slack, $eyes[$side], $apart[$assembly][$side]];
            }
            $second = [$points[$a] + $ux, $points[$a + 1] + $uy, $points[$a + 2] + $uz];
            $third = [$points[$a] + $vx, $points[$a + 1] + $vy, $points[$a + 2] + $vz];
            $pieces = [[[$points[$a], $points[$a + 1], $points[$a + 2]], $second, $third, $double / 2.0]];
            while ($pieces !== []) {
                [$a, $b, $c, $area] = array_pop($pieces);
                [$ax, $ay, $az] = $a;
                [$bx, $by, $bz] = $b;
                [$cx, $cy, $cz] = $c;
                $ab = ($bx - $ax) * ($bx - $ax) + ($by - $ay) * ($by - $ay) + ($bz - $az) * ($bz - $az);
                $bc = ($cx - $bx) * ($cx - $bx) + ($cy - $by) * ($cy - $by) + ($cz - $bz) * ($cz - $bz);
                $ca = ($ax - $cx) * ($ax - $cx) + ($ay - $cy) * ($ay - $cy) + ($az - $cz) * ($az - $cz);
                $longest = max($ab, $bc, $ca);
                if ($longest > $most) {
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
                $middle = [($ax + $bx + $cx) / 3.0, ($ay + $by + $cy) / 3.0, ($az + $bz + $cz) / 3.0];
                $isOpen = $isOpenApart = false;
                foreach ($seers as [$slack, $eye, $own]) {
                    // What is seen on the whole is seen on its assembly too, which hides less.
                    $isOpen = $eye->sees($middle, $slack);
                    $isOpenApart = $isOpenApart || $isOpen || $own->sees($middle, $slack);
                    if ($isOpen) {
                        break;
                    }
                }
                if ($isOpenApart) {
                    yield [$zone->value, $area, $middle, $ny, $face, $assembly, $isOpen];
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
