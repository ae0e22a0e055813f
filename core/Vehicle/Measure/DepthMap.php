<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

use Ulvrach\Vehicle\Mesh;

/** How near a vehicle comes to an eye that looks at it along an axis, on a grid. */
final class DepthMap
{
    /** Millimetres from one line of the grid to the next: fine enough to tell a link from the gap beside it. */
    public const GRID = 25.0;

    private float $right0 = INF;

    private float $up0 = INF;

    private int $width;

    /** @var array<int, float> by cell: the nearest that was met, further away where there is nothing */
    private array $near = [];

    private int $right;

    private int $up;

    /**
     * @param  int  $axis  0, 1, 2 for x, y, z
     * @param  int  $sense  1: seen from where the axis points to, -1: from the other side
     * @param  array{float, float, float}  $least  x, y, z of the mesh
     * @param  array{float, float, float}  $greatest
     */
    private function __construct(
        private readonly Mesh $mesh,
        private readonly int $axis,
        private readonly int $sense,
        array $least,
        array $greatest,
    ) {
        $this->right = $axis === 0 ? 2 : 0;
        $this->up = $axis === 1 ? 2 : 1;
        $this->right0 = $least[$this->right];
        $this->up0 = $least[$this->up];
        $this->width = (int) ceil(($greatest[$this->right] - $this->right0) / self::GRID) + 1;
    }

    /** @return list<self> from all six sides */
    public static function round(Mesh $mesh): array
    {
        [$least, $greatest] = $mesh->bounds();
        $maps = [];
        foreach ([0, 1, 2] as $axis) {
            $front = new self($mesh, $axis, 1, $least, $greatest);
            $back = new self($mesh, $axis, -1, $least, $greatest);
            $front->drawWith($back);
            array_push($maps, $front, $back);
        }

        return $maps;
    }

    /** How the normal of a face is turned towards the eye: 1 straight at it, negative away from it. */
    public function facing(float $nx, float $ny, float $nz): float
    {
        return $this->sense * match ($this->axis) {
            0 => $nx,
            1 => $ny,
            default => $nz,
        };
    }

    /**
     * Millimetres that a point may lie deeper than what is nearest in its cell: a face seen aslant does so. Null: the
     * face is turned away, or seen too much aslant to tell.
     */
    public static function slack(float $facing): ?float
    {
        return $facing < 0.12 ? null : 6.0 + 0.75 * self::GRID * sqrt(max(0.0, 1.0 - $facing * $facing)) / $facing;
    }

    /**
     * Whether a point of a face is seen from here.
     *
     * @param  array{float, float, float}  $point
     * @param  float  $slack  of its face
     */
    public function sees(array $point, float $slack): bool
    {
        $column = (int) (($point[$this->right] - $this->right0) / self::GRID);
        $row = (int) (($point[$this->up] - $this->up0) / self::GRID);

        return $this->sense * $point[$this->axis] >= ($this->near[$row * $this->width + $column] ?? -INF) - $slack;
    }

    /** The same cells are met from both ends of an axis: from one the nearest is seen, from the other the furthest. */
    private function drawWith(self $back): void
    {
        $points = $this->mesh->points;
        $triangles = $this->mesh->triangles;
        [$right, $up, $axis, $width] = [$this->right, $this->up, $this->axis, $this->width];
        // What is asked for in every cell is faster as a name of its own.
        [$right0, $up0, $greatest, $least] = [$this->right0, $this->up0, [], []];
        $last = count($triangles);
        for ($at = 0; $at < $last; $at += 3) {
            [$a, $b, $c] = [3 * $triangles[$at], 3 * $triangles[$at + 1], 3 * $triangles[$at + 2]];
            $ax = ($points[$a + $right] - $right0) / self::GRID;
            $ay = ($points[$a + $up] - $up0) / self::GRID;
            $bx = ($points[$b + $right] - $right0) / self::GRID;
            $by = ($points[$b + $up] - $up0) / self::GRID;
            $cx = ($points[$c + $right] - $right0) / self::GRID;
            $cy = ($points[$c + $up] - $up0) / self::GRID;
            $area = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
            if (abs($area) < 1e-9) {
                continue;
            }
            $top = (int) ceil(max($ay, $by, $cy) - 0.5);
            $end = (int) floor(max($ax, $bx, $cx) - 0.5);
            for ($row = (int) ceil(min($ay, $by, $cy) - 0.5); $row < $top; $row++) {
                $y = $row + 0.5;
                for ($column = (int) ceil(min($ax, $bx, $cx) - 0.5); $column <= $end; $column++) {
                    $x = $column + 0.5;
                    $wb = (($x - $ax) * ($cy - $ay) - ($y - $ay) * ($cx - $ax)) / $area;
                    $wc = (($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) / $area;
                    if ($wb < 0.0 || $wc < 0.0 || $wb + $wc > 1.0) {
                        continue;
                    }
                    $wa = 1.0 - $wb - $wc;
                    $depth = $wa * $points[$a + $axis] + $wb * $points[$b + $axis] + $wc * $points[$c + $axis];
                    $cell = $row * $width + $column;
                    if (! isset($greatest[$cell])) {
                        $greatest[$cell] = $least[$cell] = $depth;
                    } elseif ($depth > $greatest[$cell]) {
                        $greatest[$cell] = $depth;
                    } elseif ($depth < $least[$cell]) {
                        $least[$cell] = $depth;
                    }
                }
            }
        }
        $this->near = $greatest;
        $back->near = array_map(static fn (float $depth) => -$depth, $least);
    }
}
