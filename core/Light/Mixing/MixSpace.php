<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\Lab;

/**
 * Mixes of two and three paints that lie near a wanted colour, found without looking at all of them.
 *
 * In the space of K/S a mix lies between its paints, and near one spectrum its colour is almost linear there. So each
 * paint becomes a point of three numbers, with the wanted colour at the origin and lengths in CIEDE2000; the mixes of
 * three paints fill the triangle between their points. Triangles whose corners all lie beyond one plane cannot come
 * near the origin and are sorted out by a bit mask; what is left is put to where it really lies, and part counts are
 * tried.
 *
 * A triangle is written as its three paints, and how far it has been put.
 *
 * @phpstan-type Point array{float, float, float}
 * @phpstan-type Triangle array{int, int, int, float, float, float}
 */
final readonly class MixSpace
{
    /** Directions in which it is asked whether three points lie on the same side: two bits each in one whole number. */
    private const DIRECTIONS = 31;

    /** CIEDE2000 from the wanted colour within which triangles are looked for first, and beyond which nobody looks. */
    private const NEAR = 3.0;

    private const FAR = 100.0;

    /** Triangles that are enough to look no farther. */
    private const FEW = 250;

    /** Triangles that are put to their place, at most; and how many of them again, to try their part counts. */
    private const TRIANGLES = 2_500;

    private const TRIED = 1_500;

    /**
     * Mixes that are given back, at least and at most. Few paints lie farther from a wanted colour, where the linear
     * space says less about them; but they also cost less.
     */
    private const LEAST = 300;

    private const GREATEST = 1_200;

    private const OF_ALL = 24_000;

    /** Up to so many paints, part counts beside the nearest are tried too; the fewer paints, the farther away. */
    private const FEW_PAINTS = 48;

    private const SPREAD_OF_ALL = 60;

    /** CIEDE2000 from the line between two paints up to which their part counts are tried, squared. */
    private const PAIR_REACH = 400.0;

    private SmallSteps $steps;

    private int $wanted;

    public function __construct(
        private PaintTable $paints,
        private Lab $target,
        private int $mostParts,
        private int $mostPaints,
    ) {
        $this->steps = SmallSteps::from($target);
        $this->wanted = max(self::LEAST, min(self::GREATEST, intdiv(self::OF_ALL, max(1, $paints->count))));
    }

    /**
     * @param  list<float>  $about  K/S by band of the spectrum about which the space is laid
     * @return list<list<int>> mixes, the nearest first
     */
    public function near(array $about): array
    {
        $points = $this->points($about);
        $list = new Shortlist($this->wanted);
        if ($this->mostPaints >= 3) {
            $this->tryThrees($points, $list);
        }
        if ($this->mostPaints >= 2) {
            $this->tryPairs($points, $list);
        }

        return $list->mixes();
    }

    /** @param  list<Point>  $points */
    private function tryThrees(array $points, Shortlist $list): void
    {
        $reach = self::NEAR;
        do {
            $triangles = $this->trianglesWithin($points, $reach);
            $reach *= 2.0;
        } while (count($triangles) < self::FEW && $reach < self::FAR);
        $triangles = array_slice($this->put($triangles, $points), 0, self::TRIED);
        $triangles = $this->put($triangles, $points);
        [$most, $scattering] = [$this->mostParts, $this->paints->scattering];
        $spread = $this->paints->count > self::FEW_PAINTS ? 0 : intdiv(self::SPREAD_OF_ALL, $this->paints->count);
        foreach ($triangles as [$i, $j, $k, $p0, $q0, $r0]) {
            [$pi, $qi, $ri] = [$points[$i][0] + $p0, $points[$i][1] + $q0, $points[$i][2] + $r0];
            [$pj, $qj, $rj] = [$points[$j][0] + $p0, $points[$j][1] + $q0, $points[$j][2] + $r0];
            [$pk, $qk, $rk] = [$points[$k][0] + $p0, $points[$k][1] + $q0, $points[$k][2] + $r0];
            [$si, $sj, $sk] = [$scattering[$i], $scattering[$j], $scattering[$k]];
            [$a, $b, $c] = [$pj - $pi, $qj - $qi, $rj - $ri];
            [$d, $e, $f] = [$pk - $pi, $qk - $qi, $rk - $ri];
            [$first, $second, $third] = self::shares(
                $a * $a + $b * $b + $c * $c,
                $d * $d + $e * $e + $f * $f,
                $a * $d + $b * $e + $c * $f,
                -($pi * $a + $qi * $b + $ri * $c),
                -($pi * $d + $qi * $e + $ri * $f),
            );
            // By parts, which are fewer the more a paint scatters.
            [$first, $second, $third] = [$first / $si, $second / $sj, $third / $sk];
            $sum = $first + $second + $third;
            [$second, $third] = [$second / $sum, $third / $sum];
            for ($all = 3; $all <= $most; $all++) {
                $leastB = max(1, (int) ($all * $second));
                $leastC = max(1, (int) ($all * $third));
                for ($b = max(1, $leastB - $spread); $b <= $leastB + 1 + $spread; $b++) {
                    for ($c = max(1, $leastC - $spread); $c <= $leastC + 1 + $spread; $c++) {
                        $a = $all - $b - $c;
                        if ($a < 1) {
                            continue;
                        }
                        [$wi, $wj, $wk] = [$a * $si, $b * $sj, $c * $sk];
                        $p = $wi * $pi + $wj * $pj + $wk * $pk;
                        $q = $wi * $qi + $wj * $qj + $wk * $qk;
                        $r = $wi * $ri + $wj * $rj + $wk * $rk;
                        $whole = $wi + $wj + $wk;
                        $error = ($p * $p + $q * $q + $r * $r) / ($whole * $whole);
                        if ($error < $list->limit && Parts::common(Parts::common($a, $b), $c) === 1) {
                            $list->add("{$i} {$a} {$j} {$b} {$k} {$c}", $error);
                        }
                    }
                }
            }
        }
    }

    /** @param  list<Point>  $points */
    private function tryPairs(array $points, Shortlist $list): void
    {
        $most = $this->mostParts;
        for ($i = 0; $i < $this->paints->count; $i++) {
            [$pi, $qi, $ri] = $points[$i];
            $si = $this->paints->scattering[$i];
            for ($j = $i + 1; $j < $this->paints->count; $j++) {
                [$pj, $qj, $rj] = $points[$j];
                [$dp, $dq, $dr] = [$pj - $pi, $qj - $qi, $rj - $ri];
                $length = $dp * $dp + $dq * $dq + $dr * $dr;
                $share = $length > 0.0
                    ? max(0.0, min(1.0, -($pi * $dp + $qi * $dq + $ri * $dr) / $length))
                    : 0.0;
                $square =
                    ($pi + $share * $dp) ** 2 + ($qi + $share * $dq) ** 2 + ($ri + $share * $dr) ** 2;
                if ($square > $list->limit || $square > self::PAIR_REACH) {
                    continue;
                }
                $sj = $this->paints->scattering[$j];
                for ($a = 1; $a < $most; $a++) {
                    for ($b = 1; $b <= $most - $a; $b++) {
                        $whole = $a * $si + $b * $sj;
                        $wj = ($b * $sj) / $whole;
                        $error =
                            ($pi + $wj * $dp) ** 2 + ($qi + $wj * $dq) ** 2 + ($ri + $wj * $dr) ** 2;
                        if ($error < $list->limit && Parts::common($a, $b) === 1) {
                            $list->add("{$i} {$a} {$j} {$b}", $error);
                        }
                    }
                }
            }
        }
    }

    /**
     * Every paint in the linear space about one spectrum.
     *
     * @param  list<float>  $about  K/S by band
     * @return list<Point> by paint
     */
    private function points(array $about): array
    {
        [$toX, $toY, $toZ] = $this->paints->weights;
        $x = $y = $z = 0.0;
        $slopes = [];
        foreach ($about as $band => $q) {
            $root = sqrt($q * ($q + 2.0));
            $reflectance = 1.0 + $q - $root;
            $slopes[] = 1.0 - ($q + 1.0) / max($root, 1e-9);
            $x += $toX[$band] * $reflectance;
            $y += $toY[$band] * $reflectance;
            $z += $toZ[$band] * $reflectance;
        }
        $here = Lab::fromXyz($x, $y, $z);
        [$byX, $byY, $byZ] = [self::slope($x / Lab::WHITE_X), self::slope($y), self::slope($z / Lab::WHITE_Z)];
        $first = $second = $third = [];
        foreach ($slopes as $band => $slope) {
            $fx = $byX * $toX[$band] / Lab::WHITE_X * $slope;
            $fy = $byY * $toY[$band] * $slope;
            $fz = $byZ * $toZ[$band] / Lab::WHITE_Z * $slope;
            [$first[], $second[], $third[]] = $this->steps->across(
                116.0 * $fy,
                500.0 * ($fx - $fy),
                200.0 * ($fy - $fz),
            );
        }
        [$p0, $q0, $r0] = $this->wayTo($here);
        foreach ($about as $band => $q) {
            $p0 -= $first[$band] * $q;
            $q0 -= $second[$band] * $q;
            $r0 -= $third[$band] * $q;
        }
        $points = [];
        foreach ($this->paints->ratios as $ratio) {
            [$p, $q, $r] = [$p0, $q0, $r0];
            foreach ($ratio as $band => $of) {
                $p += $first[$band] * $of;
                $q += $second[$band] * $of;
                $r += $third[$band] * $of;
            }
            $points[] = [$p, $q, $r];
        }

        return $points;
    }

    /** @return Point from the wanted colour to another */
    private function wayTo(Lab $colour): array
    {
        return $this->steps->across(
            $colour->l - $this->target->l,
            $colour->a - $this->target->a,
            $colour->b - $this->target->b,
        );
    }

    /** Of the function from XYZ to Lab: the cube root, straight near black. */
    private static function slope(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (-2 / 3) / 3.0 : 24389 / 27 / 116;
    }

    /**
     * @param  list<Point>  $points
     * @return list<Triangle> those that pass closest to the origin
     */
    private function trianglesWithin(array $points, float $reach): array
    {
        $masks = [];
        foreach ($points as [$p, $q, $r]) {
            $mask = 0;
            foreach (self::directions() as $place => [$x, $y, $z]) {
                $along = $p * $x + $q * $y + $r * $z;
                if ($along > $reach) {
                    $mask |= 1 << (2 * $place);
                } elseif ($along < -$reach) {
                    $mask |= 2 << (2 * $place);
                }
            }
            $masks[] = $mask;
        }
        $nearby = $reach * $reach;
        $triangles = $distances = [];
        for ($i = 0; $i < $this->paints->count - 2; $i++) {
            [$pi, $qi, $ri] = $points[$i];
            for ($j = $i + 1; $j < $this->paints->count - 1; $j++) {
                $both = $masks[$i] & $masks[$j];
                [$pj, $qj, $rj] = $points[$j];
                // The cross products of the corners: their sum stands on the triangle.
                $x1 = $qi * $rj - $ri * $qj;
                $y1 = $ri * $pj - $pi * $rj;
                $z1 = $pi * $qj - $qi * $pj;
                for ($k = $j + 1; $k < $this->paints->count; $k++) {
                    if (($both & $masks[$k]) !== 0) {
                        continue;
                    }
                    [$pk, $qk, $rk] = $points[$k];
                    $x2 = $qj * $rk - $rj * $qk;
                    $y2 = $rj * $pk - $pj * $rk;
                    $z2 = $pj * $qk - $qj * $pk;
                    $x3 = $qk * $ri - $rk * $qi;
                    $y3 = $rk * $pi - $pk * $ri;
                    $z3 = $pk * $qi - $qk * $pi;
                    $x = $x1 + $x2 + $x3;
                    $y = $y1 + $y2 + $y3;
                    $z = $z1 + $z2 + $z3;
                    $area = $x * $x + $y * $y + $z * $z;
                    $volume = $x1 * $pk + $y1 * $qk + $z1 * $rk;
                    $square = $volume * $volume;
                    if ($square > $nearby * $area) {
                        continue;
                    }
                    $triangles[] = [$i, $j, $k, 0.0, 0.0, 0.0];
                    $distances[] = $area > 0.0 ? $square / $area : 0.0;
                }
            }
        }
        if (count($triangles) > self::TRIANGLES) {
            asort($distances);
            $nearest = [];
            foreach (array_slice($distances, 0, self::TRIANGLES, true) as $place => $distance) {
                $nearest[] = $triangles[$place];
            }

            return $nearest;
        }

        return $triangles;
    }

    /**
     * Paints of one colour may differ in their spectra, and their mixes then lie elsewhere than the linear space says.
     * So each triangle is put to where its mix nearest to the origin really is.
     *
     * @param  list<Triangle>  $triangles  with how far they have been put
     * @param  list<Point>  $points
     * @return list<Triangle> with how far it is put, those nearest to the origin first
     */
    private function put(array $triangles, array $points): array
    {
        $placed = $distances = [];
        foreach ($triangles as [$i, $j, $k, $p0, $q0, $r0]) {
            [[$pi, $qi, $ri], [$pj, $qj, $rj], [$pk, $qk, $rk]] = [$points[$i], $points[$j], $points[$k]];
            [$a, $b, $c] = [$pj - $pi, $qj - $qi, $rj - $ri];
            [$d, $e, $f] = [$pk - $pi, $qk - $qi, $rk - $ri];
            [$aa, $bb, $ab] = [$a * $a + $b * $b + $c * $c, $d * $d + $e * $e + $f * $f, $a * $d + $b * $e + $c * $f];
            $one = -(($pi + $p0) * $a + ($qi + $q0) * $b + ($ri + $r0) * $c);
            $two = -(($pi + $p0) * $d + ($qi + $q0) * $e + ($ri + $r0) * $f);
            [$first, $second, $third] = self::shares($aa, $bb, $ab, $one, $two);
            [$of, $its, $their] = [$this->paints->ratios[$i], $this->paints->ratios[$j], $this->paints->ratios[$k]];
            [$toX, $toY, $toZ] = $this->paints->weights;
            $x = $y = $z = 0.0;
            foreach ($of as $band => $q) {
                $q = $first * $q + $second * $its[$band] + $third * $their[$band];
                $reflectance = 1.0 + $q - sqrt($q * ($q + 2.0));
                $x += $toX[$band] * $reflectance;
                $y += $toY[$band] * $reflectance;
                $z += $toZ[$band] * $reflectance;
            }
            [$p, $q, $r] = $this->wayTo(Lab::fromXyz($x, $y, $z));
            // Along the triangle parts can still be chosen; what counts is how far it passes from the origin.
            [$nx, $ny, $nz] = [$b * $f - $c * $e, $c * $d - $a * $f, $a * $e - $b * $d];
            $normal = max(1e-12, $nx * $nx + $ny * $ny + $nz * $nz);
            $distances[] = ($p * $nx + $q * $ny + $r * $nz) ** 2 / $normal;
            $placed[] = [
                $i,
                $j,
                $k,
                $p - ($pi + $second * $a + $third * $d),
                $q - ($qi + $second * $b + $third * $e),
                $r - ($ri + $second * $c + $third * $f),
            ];
        }
        array_multisort($distances, $placed);

        return $placed;
    }

    /**
     * How much of each corner the point of a triangle has that is nearest to the origin: in the plane of the triangle,
     * and, should that lie outside, towards the nearest of its sides.
     *
     * @param  float  $aa  square of the side from the first corner to the second; `bb` of that to the third
     * @param  float  $ab  product of both
     * @param  float  $one  product of the first side and the way from the first corner to the origin; `two` the other's
     * @return array{float, float, float} their sum is 1
     */
    private static function shares(float $aa, float $bb, float $ab, float $one, float $two): array
    {
        $second = ($one * $bb - $two * $ab) / max(1e-12, $aa * $bb - $ab * $ab);
        $second = max(0.0, min(1.0, $second));
        $third = max(0.0, min(1.0 - $second, ($two - $second * $ab) / max(1e-12, $bb)));
        $second = max(0.0, min(1.0 - $third, ($one - $third * $ab) / max(1e-12, $aa)));

        return [1.0 - $second - $third, $second, $third];
    }

    /** @return list<Point> spread evenly over half a sphere */
    private static function directions(): array
    {
        /** @var list<array{float, float, float}>|null $directions */
        static $directions = null;
        if ($directions === null) {
            $directions = [];
            for ($place = 0; $place < self::DIRECTIONS; $place++) {
                $up = ($place + 0.5) / self::DIRECTIONS;
                $out = sqrt(1.0 - $up * $up);
                $turn = M_PI * (3.0 - sqrt(5.0)) * $place;
                $directions[] = [$out * cos($turn), $out * sin($turn), $up];
            }
        }

        return $directions;
    }
}
