<?php

declare(strict_types=1);

namespace Tests\Core\Vehicle;

use Ulvrach\Vehicle\Mesh;

/** What any body must be that could stand on a table. */
final class Soundness
{
    /** @return list<string> what is wrong; solids must be closed, turned outwards, and made of numbers */
    public static function faultsOf(Mesh $mesh): array
    {
        $faults = [];
        foreach ($mesh->points as $value) {
            if (! is_finite($value)) {
                return ['a point is not a number'];
            }
        }
        $corners = self::corners($mesh);
        $edges = $volumes = [];
        foreach ($mesh->solids as $face => $solid) {
            $three = array_slice($mesh->triangles, 3 * $face, 3);
            $volumes[$solid] = ($volumes[$solid] ?? 0.0) + self::volume($mesh, $three);
            foreach ([[0, 1], [1, 2], [2, 0]] as [$from, $to]) {
                [$a, $b] = [$corners[$three[$from]], $corners[$three[$to]]];
                if ($a !== $b) {
                    // Each edge is walked once each way: what remains is a hole.
                    $key = min($a, $b) * 65_536 + max($a, $b);
                    $edges[$solid][$key] = ($edges[$solid][$key] ?? 0) + ($a < $b ? 1 : -1);
                }
            }
        }
        foreach ($mesh->parts as $solid => $part) {
            if (array_filter($edges[$solid] ?? []) !== []) {
                $faults[] = "“{$part->name}” is open";
            }
            if (($volumes[$solid] ?? 0.0) <= 0.0) {
                $faults[] = "“{$part->name}” is turned inside out, or empty";
            }
        }

        return array_values(array_unique($faults));
    }

    /** How far the weight of all bodies lies to the left, as a share of half the width. */
    public static function momentToTheLeft(Mesh $mesh): float
    {
        $moment = $volume = 0.0;
        foreach (array_chunk($mesh->triangles, 3) as $three) {
            $piece = self::volume($mesh, $three);
            $volume += $piece;
            [$a, $b, $c] = array_map(static fn (int $corner) => $mesh->points[3 * $corner + 2], $three);
            $moment += $piece * ($a + $b + $c) / 4.0;
        }

        return $moment / $volume / $mesh->bounds()[1][2];
    }

    /** @return array<int, int> by corner: the first corner at the same place, within a quarter of a millimetre */
    private static function corners(Mesh $mesh): array
    {
        $seen = $corners = [];
        foreach (array_chunk($mesh->points, 3) as $corner => [$x, $y, $z]) {
            $place = ((int) round(4 * $x) + 131_072) * 68_719_476_736 +
                ((int) round(4 * $y) + 131_072) * 262_144 + (int) round(4 * $z) + 131_072;
            $corners[$corner] = $seen[$place] ??= $corner;
        }

        return $corners;
    }

    /**
     * The pyramid between a face and the middle of the world; all of a closed body add up to its volume.
     *
     * @param  array<int, int>  $three
     */
    private static function volume(Mesh $mesh, array $three): float
    {
        [$a, $b, $c] = [3 * $three[0], 3 * $three[1], 3 * $three[2]];
        $p = $mesh->points;

        return ($p[$a] * ($p[$b + 1] * $p[$c + 2] - $p[$b + 2] * $p[$c + 1]) +
            $p[$a + 1] * ($p[$b + 2] * $p[$c] - $p[$b] * $p[$c + 2]) +
            $p[$a + 2] * ($p[$b] * $p[$c + 1] - $p[$b + 1] * $p[$c])) / 6.0;
    }
}
