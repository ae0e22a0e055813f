<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/** Three equations with three unknowns. */
final class LinearSystem
{
    /**
     * @param  array<int, array<int, float>>  $rows  3 by 3
     * @param  array<int, float>  $right
     * @return array{float, float, float}|null null: they have no single answer
     */
    public static function solve(array $rows, array $right): ?array
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $rows;
        $first = $e * $i - $f * $h;
        $second = $f * $g - $d * $i;
        $third = $d * $h - $e * $g;
        $whole = $a * $first + $b * $second + $c * $third;
        if (abs($whole) < 1e-300 || is_nan($whole)) {
            return null;
        }
        [$p, $q, $r] = $right;

        return [
            ($p * $first + $q * ($c * $h - $b * $i) + $r * ($b * $f - $c * $e)) / $whole,
            ($p * $second + $q * ($a * $i - $c * $g) + $r * ($c * $d - $a * $f)) / $whole,
            ($p * $third + $q * ($b * $g - $a * $h) + $r * ($a * $e - $b * $d)) / $whole,
        ];
    }
}
