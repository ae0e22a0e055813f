<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Closure;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Solid\Frame;
use Ulvrach\Vehicle\Solid\Polygon;

/**
 * Builds a mesh out of five kinds of solids: a profile drawn out in a straight line, a loft between two polygons, a
 * body turned on a lathe, a bar along points, and a box. What is made belongs to the zone and assembly named last.
 *
 * @phpstan-type Point array{float, float, float}
 * @phpstan-type Flat array{float, float}
 */
final class Modeller
{
    /** @var list<float> */
    private array $points = [];

    /** @var list<int> */
    private array $triangles = [];

    /** @var list<ZoneKind> */
    private array $zones = [];

    /** @var list<int> */
    private array $solids = [];

    /** @var list<int> */
    private array $smoothness = [];

    /** @var list<Part> */
    private array $parts = [];

    /** @var list<Line> */
    private array $lines = [];

    /** @var list<Rivet> */
    private array $rivets = [];

    private ZoneKind $zone = ZoneKind::HullSides;

    private string $assembly = 'hull';

    /** -1 while the right-hand one of a pair is made. */
    private int $side = 1;

    private int $firstTriangle = 0;

    public function mesh(): Mesh
    {
        return new Mesh(
            $this->points,
            $this->triangles,
            $this->zones,
            $this->solids,
            $this->smoothness,
            $this->parts,
            $this->lines,
            $this->rivets,
        );
    }

    /** What is made from here on belongs to this zone. */
    public function on(ZoneKind $zone, ?string $assembly = null): self
    {
        $this->zone = $zone;
        $this->assembly = $assembly ?? $this->assembly;

        return $this;
    }

    /** @param  Closure(self): void  $make  makes the left one of a pair; the right one mirrors it */
    public function onBothSides(Closure $make): void
    {
        [$zone, $assembly] = [$this->zone, $this->assembly];
        $make($this);
        $this->side = -1;
        $this->on($zone, $assembly);
        $make($this);
        $this->side = 1;
    }

    public function box(string $name, float $x0, float $x1, float $y0, float $y1, float $z0, float $z1): void
    {
        $this->prism($name, [[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]], $z0, $z1);
    }

    /**
     * A side view drawn out across the vehicle.
     *
     * @param  list<Flat>  $profile  x and y; it may be hollow
     * @param  array<int, ZoneKind>  $edges  the zone of the face over an edge, by the number of its first corner
     */
    public function prism(
        string $name,
        array $profile,
        float $z0,
        float $z1,
        array $edges = [],
        bool $isRound = false,
    ): void {
        $this->extrude($name, Frame::side(), $profile, $z0, $z1, $edges, $isRound);
    }

    /**
     * A cross-section drawn out along the vehicle.
     *
     * @param  list<Flat>  $profile  z and y
     * @param  array<int, ZoneKind>  $edges
     */
    public function crossPrism(string $name, array $profile, float $x0, float $x1, array $edges = []): void
    {
        $this->extrude($name, Frame::across(), $profile, $x0, $x1, $edges);
    }

    /**
     * A plan view drawn out upwards.
     *
     * @param  list<Flat>  $profile  x and z
     */
    public function upright(string $name, array $profile, float $y0, float $y1): void
    {
        $this->extrude($name, Frame::plan(), $profile, $y0, $y1);
    }

    /**
     * @param  list<Flat>  $profile  in the plane of the frame
     * @param  array<int, ZoneKind>  $edges
     */
    public function extrude(
        string $name,
        Frame $frame,
        array $profile,
        float $from,
        float $to,
        array $edges = [],
        bool $isRound = false,
    ): void {
        $this->begin($name);
        $near = $far = [];
        foreach ($profile as [$u, $v]) {
            $near[] = $this->point($frame->at($u, $v, $from));
            $far[] = $this->point($frame->at($u, $v, $to));
        }
        $count = count($profile);
        foreach (Polygon::triangles($profile) as [$a, $b, $c]) {
            $this->triangle($near[$c], $near[$b], $near[$a]);
            $this->triangle($far[$a], $far[$b], $far[$c]);
        }
        for ($one = 0; $one < $count; $one++) {
            $two = ($one + 1) % $count;
            $this->quad($near[$one], $near[$two], $far[$two], $far[$one], $edges[$one] ?? null, $isRound);
        }
        $this->end();
    }

    /**
     * A body between two level polygons of as many corners: a turret, a mantlet, a bonnet.
     *
     * @param  list<Flat>  $bottom  x and z
     * @param  list<Flat>  $top  x and z
     */
    public function loft(string $name, array $bottom, float $y0, array $top, float $y1): void
    {
        $this->skin(
            $name,
            [
                array_map(static fn (array $flat) => [$flat[0], $y0, $flat[1]], $bottom),
                array_map(static fn (array $flat) => [$flat[0], $y1, $flat[1]], $top),
            ],
        );
    }

    /**
     * A closed skin over sections of as many corners each: a tilt over its bows, a cast turret.
     *
     * @param  list<list<Point>>  $sections
     */
    public function skin(string $name, array $sections, bool $isRound = false): void
    {
        $this->begin($name);
        $rings = array_map(fn (array $section) => array_map($this->point(...), $section), $sections);
        $last = count($rings) - 1;
        $count = count($rings[0]);
        for ($ring = 0; $ring < $last; $ring++) {
            for ($one = 0; $one < $count; $one++) {
                $two = ($one + 1) % $count;
                $this->quad(
                    $rings[$ring][$one],
                    $rings[$ring][$two],
                    $rings[$ring + 1][$two],
                    $rings[$ring + 1][$one],
                    null,
                    $isRound,
                );
            }
        }
        for ($one = 1; $one < $count - 1; $one++) {
            $this->triangle($rings[0][0], $rings[0][$one + 1], $rings[0][$one]);
            $this->triangle($rings[$last][0], $rings[$last][$one], $rings[$last][$one + 1]);
        }
        $this->end();
    }

    /**
     * A body turned round an axis through a point.
     *
     * @param  Point  $centre
     * @param  'x'|'y'|'z'  $axis
     * @param  list<Flat>  $profile  how far along the axis, and the radius there
     * @param  array<int, ZoneKind>  $bands  the zone from a pair of the profile to the next, by the first
     */
    public function lathe(
        string $name,
        array $centre,
        string $axis,
        array $profile,
        int $segments = 24,
        array $bands = [],
    ): void {
        $this->begin($name);
        $rings = [];
        foreach ($profile as [$along, $radius]) {
            $ring = [];
            for ($segment = 0; $segment < ($radius > 0.0 ? $segments : 1); $segment++) {
                $angle = (2.0 * M_PI * $segment) / $segments;
                [$one, $two] = [$radius * cos($angle), $radius * sin($angle)];
                $ring[] = $this->point(match ($axis) {
                    'x' => [$centre[0] + $along, $centre[1] + $one, $centre[2] + $two],
                    'y' => [$centre[0] + $two, $centre[1] + $along, $centre[2] + $one],
                    'z' => [$centre[0] + $one, $centre[1] + $two, $centre[2] + $along],
                });
            }
            $rings[] = $ring;
        }
        for ($band = 0, $last = count($rings) - 1; $band < $last; $band++) {
            $this->band($rings[$band], $rings[$band + 1], $bands[$band] ?? null);
        }
        $this->end();
    }

    /**
     * A round bar with corners where its points are.
     *
     * @param  list<Point>  $path
     */
    public function bar(string $name, array $path, float $radius, int $sides = 6): void
    {
        $this->begin($name);
        $rings = [];
        $last = count($path) - 1;
        foreach ($path as $place => $at) {
            $before = $path[max(0, $place - 1)];
            $after = $path[min($last, $place + 1)];
            $frame = Frame::along($at, [$after[0] - $before[0], $after[1] - $before[1], $after[2] - $before[2]]);
            $ring = [];
            for ($side = 0; $side < $sides; $side++) {
                $angle = (2.0 * M_PI * $side) / $sides;
                $ring[] = $this->point($frame->at($radius * cos($angle), $radius * sin($angle), 0.0));
            }
            $rings[] = $ring;
        }
        for ($place = 0; $place < $last; $place++) {
            $this->band($rings[$place], $rings[$place + 1], null);
        }
        for ($side = 1; $side < $sides - 1; $side++) {
            $this->triangle($rings[0][0], $rings[0][$side + 1], $rings[0][$side]);
            $this->triangle($rings[$last][0], $rings[$last][$side], $rings[$last][$side + 1]);
        }
        $this->end();
    }

    /** @param  list<Point>  $points */
    public function line(Stroke $stroke, array $points): void
    {
        $this->lines[] = new Line($stroke, array_map($this->sided(...), $points));
    }

    /**
     * A circle on a face that looks along an axis.
     *
     * @param  Point  $centre
     * @param  'x'|'y'|'z'  $axis
     */
    public function ring(Stroke $stroke, array $centre, string $axis, float $radius): void
    {
        $points = [];
        for ($segment = 0; $segment <= 24; $segment++) {
            [$one, $two] = [$radius * cos(M_PI * $segment / 12), $radius * sin(M_PI * $segment / 12)];
            $points[] = match ($axis) {
                'x' => [$centre[0], $centre[1] + $one, $centre[2] + $two],
                'y' => [$centre[0] + $two, $centre[1], $centre[2] + $one],
                'z' => [$centre[0] + $one, $centre[1] + $two, $centre[2]],
            };
        }
        $this->line($stroke, $points);
    }

    /**
     * A row of rivets, the first and the last half a step from the ends.
     *
     * @param  Point  $from
     * @param  Point  $to
     * @param  Point  $normal
     */
    public function rivets(array $from, array $to, array $normal, float $step = 130.0, float $radius = 11.0): void
    {
        $length = sqrt(($to[0] - $from[0]) ** 2 + ($to[1] - $from[1]) ** 2 + ($to[2] - $from[2]) ** 2);
        $count = max(1, (int) round($length / $step));
        for ($place = 0; $place < $count; $place++) {
            $share = ($place + 0.5) / $count;
            $this->rivet(
                [
                    $from[0] + $share * ($to[0] - $from[0]),
                    $from[1] + $share * ($to[1] - $from[1]),
                    $from[2] + $share * ($to[2] - $from[2]),
                ],
                $normal,
                $radius,
            );
        }
    }

    /**
     * Bolts in a circle.
     *
     * @param  Point  $centre
     * @param  'x'|'y'|'z'  $axis
     * @param  Point  $normal
     */
    public function bolts(array $centre, string $axis, array $normal, float $circle, int $count, float $radius): void
    {
        for ($bolt = 0; $bolt < $count; $bolt++) {
            $angle = (2.0 * M_PI * $bolt) / $count + 0.3;
            [$one, $two] = [$circle * cos($angle), $circle * sin($angle)];
            $this->rivet(
                match ($axis) {
                    'x' => [$centre[0], $centre[1] + $one, $centre[2] + $two],
                    'y' => [$centre[0] + $two, $centre[1], $centre[2] + $one],
                    'z' => [$centre[0] + $one, $centre[1] + $two, $centre[2]],
                },
                $normal,
                $radius,
            );
        }
    }

    /**
     * @param  Point  $at
     * @param  Point  $normal
     */
    public function rivet(array $at, array $normal, float $radius): void
    {
        $this->rivets[] = new Rivet($this->sided($at), $this->sided($normal), $radius);
    }

    private function begin(string $name): void
    {
        $this->parts[] = new Part($name, $this->assembly);
        $this->firstTriangle = count($this->zones);
    }

    /** A solid that was made inside out, as every mirrored one is, is turned. */
    private function end(): void
    {
        $volume = 0.0;
        $last = count($this->zones);
        for ($face = $this->firstTriangle; $face < $last; $face++) {
            $a = 3 * $this->triangles[3 * $face];
            $b = 3 * $this->triangles[3 * $face + 1];
            $c = 3 * $this->triangles[3 * $face + 2];
            $p = $this->points;
            $volume +=
                $p[$a] * ($p[$b + 1] * $p[$c + 2] - $p[$b + 2] * $p[$c + 1]) +
                $p[$a + 1] * ($p[$b + 2] * $p[$c] - $p[$b] * $p[$c + 2]) +
                $p[$a + 2] * ($p[$b] * $p[$c + 1] - $p[$b + 1] * $p[$c]);
        }
        if ($volume >= 0.0) {
            return;
        }
        $turned = array_splice($this->triangles, 3 * $this->firstTriangle);
        foreach (array_chunk($turned, 3) as [$first, $second, $third]) {
            array_push($this->triangles, $first, $third, $second);
        }
    }

    /** @param  Point  $at */
    private function point(array $at): int
    {
        $this->points[] = $at[0];
        $this->points[] = $at[1];
        $this->points[] = $this->side * $at[2];

        return intdiv(count($this->points), 3) - 1;
    }

    /**
     * @param  Point  $point
     * @return Point
     */
    private function sided(array $point): array
    {
        return [$point[0], $point[1], $this->side * $point[2]];
    }

    private function triangle(int $a, int $b, int $c, ?ZoneKind $zone = null, int $smoothness = 0): void
    {
        $this->triangles[] = $a;
        $this->triangles[] = $b;
        $this->triangles[] = $c;
        $this->zones[] = $zone ?? $this->zone;
        $this->solids[] = count($this->parts) - 1;
        $this->smoothness[] = $smoothness;
    }

    private function quad(int $a, int $b, int $c, int $d, ?ZoneKind $zone, bool $isRound): void
    {
        $round = $isRound ? Mesh::ROUND : 0;
        $this->triangle($a, $b, $c, $zone, $round);
        $this->triangle($a, $c, $d, $zone, $round + Mesh::SEAMLESS);
    }

    /**
     * The faces between two rings; a ring of one corner is a tip.
     *
     * @param  list<int>  $near
     * @param  list<int>  $far
     */
    private function band(array $near, array $far, ?ZoneKind $zone): void
    {
        $count = max(count($near), count($far));
        for ($one = 0; $one < $count; $one++) {
            $two = ($one + 1) % $count;
            if (count($near) === 1) {
                $this->triangle($near[0], $far[$two], $far[$one], $zone, Mesh::ROUND);
            } elseif (count($far) === 1) {
                $this->triangle($near[$one], $near[$two], $far[0], $zone, Mesh::ROUND);
            } else {
                $this->quad($near[$one], $near[$two], $far[$two], $far[$one], $zone, true);
            }
        }
    }
}
