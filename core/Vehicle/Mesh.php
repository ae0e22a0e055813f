<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Plan\ZoneKind;

/**
 * A vehicle as triangles, in millimetres of the real thing: x from the front backwards, y up from the ground, z towards
 * its left. Beside them what is drawn on faces without being a solid: lines and rivet heads.
 */
final readonly class Mesh
{
    /** A piece of a rounded face. */
    public const ROUND = 1;

    /** No edge shows between it and the triangle before it: together they are one four-cornered plate. */
    public const SEAMLESS = 2;

    /**
     * @param  list<float>  $points  x, y, z of each corner, one after the other
     * @param  list<int>  $triangles  three corners each; seen from outside they go round anticlockwise
     * @param  list<ZoneKind>  $zones  one a triangle
     * @param  list<int>  $solids  one a triangle: which of the parts it belongs to
     * @param  list<int>  $smoothness  one a triangle: ROUND, SEAMLESS, both added up, or 0
     * @param  list<Part>  $parts  the solids, in the order in which they were made
     * @param  list<Line>  $lines
     * @param  list<Rivet>  $rivets
     */
    public function __construct(
        public array $points,
        public array $triangles,
        public array $zones,
        public array $solids,
        public array $smoothness,
        public array $parts,
        public array $lines,
        public array $rivets,
    ) {
    }

    public function size(): int
    {
        return count($this->zones);
    }

    /** @return array{array{float, float, float}, array{float, float, float}} the least and the greatest x, y, z */
    public function bounds(): array
    {
        $least = [INF, INF, INF];
        $greatest = [-INF, -INF, -INF];
        foreach ($this->points as $place => $value) {
            $axis = $place % 3;
            $least[$axis] = min($least[$axis], $value);
            $greatest[$axis] = max($greatest[$axis], $value);
        }

        return [$least, $greatest];
    }

    /** The same, without all that does not belong to an assembly. */
    public function only(string $assembly): self
    {
        $triangles = $zones = $solids = $smoothness = [];
        foreach ($this->solids as $face => $solid) {
            if ($this->parts[$solid]->assembly === $assembly) {
                array_push($triangles, ...array_slice($this->triangles, 3 * $face, 3));
                $zones[] = $this->zones[$face];
                $solids[] = $solid;
                $smoothness[] = $this->smoothness[$face];
            }
        }

        return new self($this->points, $triangles, $zones, $solids, $smoothness, $this->parts, [], []);
    }

    /** @return list<string> the assemblies that are painted apart, in the order in which they were made */
    public function assemblies(): array
    {
        return array_values(array_unique(array_map(static fn (Part $part) => $part->assembly, $this->parts)));
    }
}
