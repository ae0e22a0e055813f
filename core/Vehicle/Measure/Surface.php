<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

use Ulvrach\Vehicle\Mesh;

/**
 * What the faces of a vehicle form: plates, and edges that stand out. Faces meet where they have two corners in common
 * and belong to one solid; a seam is two faces, the metres along which they meet, and the middle of it.
 *
 * @phpstan-type Point array{float, float, float}
 * @phpstan-type Seam array{int, int, float, Point}
 */
final class Surface
{
    /** An edge stands out where faces turn more than this: the cosine of thirty degrees. */
    private const SHARP = 0.866;

    /** m² that must lie open of a plate: less is not seen as one. */
    private const LEAST_PLATE = 0.06;

    /** mm above the ground between which feet tread, and up to which brushwood reaches. */
    private const TREAD = [250.0, 2_700.0];

    private const BRUSHWOOD = 1_700.0;

    /** mm from the outside of the vehicle within which something is brushed against. */
    private const OUTSIDE = 160.0;

    /** How far up a face looks on which one can stand. */
    private const LEVEL = 0.8;

    /** Parts that hands take hold of. */
    private const HANDLED = '/hatch|door|handle|lid|cover|flap|cupola|rail|grip|step|latch/';

    /** @var list<Point> by face: of length 1 */
    private array $normals = [];

    /** @var list<float> by face: mm² */
    public readonly array $areas;

    /** @var list<Seam> */
    public readonly array $seams;

    public function __construct(private readonly Mesh $mesh)
    {
        $areas = [];
        foreach (array_chunk($mesh->triangles, 3) as [$a, $b, $c]) {
            [$p, $q, $r] = [$this->corner($a), $this->corner($b), $this->corner($c)];
            [$ux, $uy, $uz] = [$q[0] - $p[0], $q[1] - $p[1], $q[2] - $p[2]];
            [$vx, $vy, $vz] = [$r[0] - $p[0], $r[1] - $p[1], $r[2] - $p[2]];
            [$nx, $ny, $nz] = [$uy * $vz - $uz * $vy, $uz * $vx - $ux * $vz, $ux * $vy - $uy * $vx];
            $double = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
            $length = $double > 1e-9 ? $double : 1.0;
            $areas[] = $double / 2.0;
            $this->normals[] = [$nx / $length, $ny / $length, $nz / $length];
        }
        $this->areas = $areas;
        $this->seams = $this->seams();
    }

    /**
     * @param  array<int, float>  $open  by face: mm² that lie open; what is hidden is no plate
     * @return list<Plate> the largest first
     */
    public function plates(array $open): array
    {
        $plating = Plating::of($this->mesh, $this);
        $areas = [];
        foreach ($open as $face => $area) {
            $plate = $plating->plateOf[$face] ?? null;
            if ($plate !== null) {
                $areas[$plate] = ($areas[$plate] ?? 0.0) + $area / 1e6;
            }
        }
        $areas = array_filter($areas, static fn (float $area) => $area >= self::LEAST_PLATE);
        arsort($areas);
        $places = array_flip(array_keys($areas));
        $neighbours = [];
        foreach ($this->seams as [$one, $other, $metres]) {
            [$a, $b] = [
                $places[$plating->plateOf[$one] ?? -1] ?? null,
                $places[$plating->plateOf[$other] ?? -1] ?? null,
            ];
            if ($a !== null && $b !== null && $a !== $b) {
                $neighbours[$a][$b] = ($neighbours[$a][$b] ?? 0.0) + $metres;
                $neighbours[$b][$a] = ($neighbours[$b][$a] ?? 0.0) + $metres;
            }
        }
        $plates = [];
        foreach ($areas as $plate => $area) {
            $around = $neighbours[count($plates)] ?? [];
            $plates[] = new Plate(...$plating->plates[$plate], area: $area, neighbours: $around);
        }

        return $plates;
    }

    /**
     * @param  array<int, float>  $open  by face: mm² that lie open; what is hidden has no edge
     * @return array<string, EdgeMeasure> by zone kind
     */
    public function edges(array $open): array
    {
        [$least, $greatest] = $this->mesh->bounds();
        $metres = [];
        foreach ($this->seams as [$one, $other, $length, $middle]) {
            $isHidden = ! isset($open[$one]) && ! isset($open[$other]);
            if ($isHidden || $this->turn($one, $other) > self::SHARP || ! $this->standsOut($one, $other)) {
                continue;
            }
            $level = max($this->normals[$one][1], $this->normals[$other][1]);
            $outside = min(
                $middle[0] - $least[0],
                $greatest[0] - $middle[0],
                $middle[2] - $least[2],
                $greatest[2] - $middle[2],
            );
            $part = $this->mesh->parts[$this->mesh->solids[$one]]->name;
            $isTrodden = $level > self::LEVEL && $middle[1] > self::TREAD[0] && $middle[1] < self::TREAD[1];
            $isBrushed = $outside < self::OUTSIDE && $middle[1] < self::BRUSHWOOD;
            $zone = $this->mesh->zones[$one]->value;
            $metres[$zone] ??= [0.0, 0.0, 0.0, 0.0];
            $metres[$zone][0] += $length;
            $metres[$zone][1] += $isTrodden ? $length : 0.0;
            $metres[$zone][2] += preg_match(self::HANDLED, $part) === 1 ? $length : 0.0;
            $metres[$zone][3] += $isBrushed ? $length : 0.0;
        }

        return array_map(static fn (array $of) => new EdgeMeasure(...$of), $metres);
    }

    /** @return list<Seam> */
    private function seams(): array
    {
        $open = $seams = [];
        $ids = $this->ids();
        foreach ($this->mesh->solids as $face => $solid) {
            for ($side = 0; $side < 3; $side++) {
                $a = $this->mesh->triangles[3 * $face + $side];
                $b = $this->mesh->triangles[3 * $face + ($side + 1) % 3];
                [$from, $to] = [$ids[$a], $ids[$b]];
                if ($from === $to) {
                    continue;
                }
                // The other face walks the same edge the other way.
                $back = "{$solid} {$to} {$from}";
                if (isset($open[$back])) {
                    [$p, $q] = [$this->corner($a), $this->corner($b)];
                    $length = sqrt(($q[0] - $p[0]) ** 2 + ($q[1] - $p[1]) ** 2 + ($q[2] - $p[2]) ** 2);
                    $middle = [($p[0] + $q[0]) / 2.0, ($p[1] + $q[1]) / 2.0, ($p[2] + $q[2]) / 2.0];
                    $seams[] = [$open[$back], $face, $length / 1_000.0, $middle];
                    unset($open[$back]);
                } else {
                    $open["{$solid} {$from} {$to}"] = $face;
                }
            }
        }

        return $seams;
    }

    /** @return array<int, int> by corner: the first at the same place, to a quarter of a millimetre */
    private function ids(): array
    {
        $seen = $ids = [];
        foreach (array_chunk($this->mesh->points, 3) as $corner => [$x, $y, $z]) {
            $place = ((int) round(4.0 * $x) + 131_072) * 68_719_476_736 +
                ((int) round(4.0 * $y) + 131_072) * 262_144 + (int) round(4.0 * $z) + 131_072;
            $ids[$corner] = $seen[$place] ??= $corner;
        }

        return $ids;
    }

    /** The cosine of the angle between the normals of two faces. */
    public function turn(int $one, int $other): float
    {
        [$a, $b] = [$this->normals[$one], $this->normals[$other]];

        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /** Whether two faces meet in an edge and not in a corner: the middle of one lies behind the other. */
    private function standsOut(int $one, int $other): bool
    {
        [$p, $q, $n] = [$this->middle($one), $this->middle($other), $this->normals[$one]];

        return $n[0] * ($q[0] - $p[0]) + $n[1] * ($q[1] - $p[1]) + $n[2] * ($q[2] - $p[2]) < 0.0;
    }

    /** @return Point */
    private function middle(int $face): array
    {
        [$a, $b, $c] = array_map($this->corner(...), array_slice($this->mesh->triangles, 3 * $face, 3));

        return [($a[0] + $b[0] + $c[0]) / 3.0, ($a[1] + $b[1] + $c[1]) / 3.0, ($a[2] + $b[2] + $c[2]) / 3.0];
    }

    /** @return Point */
    private function corner(int $corner): array
    {
        $points = $this->mesh->points;

        return [$points[3 * $corner], $points[3 * $corner + 1], $points[3 * $corner + 2]];
    }

    /** Which way a face looks, in a word. */
    public function side(int $face): string
    {
        [$x, $y, $z] = $this->normals[$face];
        $upright = max(abs($x), abs($z));
        if (abs($y) > $upright) {
            return $y > 0.0 ? 'top' : 'underside';
        }

        return abs($x) > abs($z) ? ($x < 0.0 ? 'front' : 'rear') : ($z > 0.0 ? 'left' : 'right');
    }
}
