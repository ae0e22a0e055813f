<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

use Ulvrach\Memory;

/**
 * The smoothest reflectance that has a given colour. With R = (tanh z + 1) / 2 no band leaves the range from 0 to 1,
 * and Σ(Δz)² is made as small as the three equations of the observer allow: the least-slope method of Burns, Color
 * Research and Application 45 (2020), solved by Newton's method.
 */
final class Upsampler
{
    private const STEPS = 30;

    /** How often the strength of an impossible colour is halved in: to a hundredth. */
    private const HALVINGS = 7;

    /** XYZ may differ by so much: a hundred-thousandth of what the eye tells apart. */
    private const CLOSE = 1e-9;

    /** Paint that gives back nothing, or all, does not exist and has no finite z. */
    private const DARKEST = 2e-4;

    private const LIGHTEST = 0.995;

    /**
     * @return list<float> one number a band. A colour that no surface can have, because it is too strong for its
     *   lightness, is taken back towards grey until one can.
     */
    public static function reflectanceOf(Lab $colour): array
    {
        // The same jars are asked for again and again.
        $key = "light of {$colour->key()}";

        return Memory::of($key, static fn (): array => self::find($colour));
    }

    /** @return list<float> */
    private static function find(Lab $colour): array
    {
        $lightness = max(0.2, min(99.7, $colour->l));
        $found = self::solve(new Lab($lightness, $colour->a, $colour->b));
        if ($found !== null) {
            return $found;
        }
        [$can, $cannot] = [0.0, 1.0];
        for ($step = 0; $step < self::HALVINGS; $step++) {
            $strength = ($can + $cannot) / 2.0;
            $weaker = self::solve(new Lab($lightness, $strength * $colour->a, $strength * $colour->b));
            $found = $weaker ?? $found;
            [$can, $cannot] = $weaker === null ? [$can, $strength] : [$strength, $cannot];
        }
        if ($found !== null) {
            return $found;
        }
        [, $y] = (new Lab($lightness, 0.0, 0.0))->toXyz();

        return array_fill(0, Observer::BANDS, max(self::DARKEST, min(self::LIGHTEST, $y)));
    }

    /** @return list<float>|null null: no such surface was found */
    private static function solve(Lab $colour): ?array
    {
        $weights = Observer::weights();
        $wanted = $colour->toXyz();
        $bands = Observer::BANDS;
        $z = array_fill(0, $bands, atanh(2.0 * max(self::DARKEST, min(self::LIGHTEST, $wanted[1])) - 1.0));
        $pull = [0.0, 0.0, 0.0];
        for ($step = 0; $step < self::STEPS; $step++) {
            // The gradient of Σ(Δz)² + Σ pull·(W·R − wanted), and its second derivative: three bands by the diagonal.
            [$diagonal, $right, $slopes, $misses] = [[], [], [[], [], []], [-$wanted[0], -$wanted[1], -$wanted[2]]];
            for ($band = 0; $band < $bands; $band++) {
                $t = tanh($z[$band]);
                $reflectance = ($t + 1.0) / 2.0;
                $slope = (1.0 - $t * $t) / 2.0;
                $bend = -$t * (1.0 - $t * $t);
                $force = 0.0;
                for ($row = 0; $row < 3; $row++) {
                    $weight = $weights[$row][$band];
                    $misses[$row] += $weight * $reflectance;
                    $slopes[$row][] = $weight * $slope;
                    $force += $pull[$row] * $weight;
                }
                $before = $band > 0 ? $z[$band] - $z[$band - 1] : 0.0;
                $after = $band < $bands - 1 ? $z[$band + 1] - $z[$band] : 0.0;
                $ends = ($band > 0 ? 2.0 : 0.0) + ($band < $bands - 1 ? 2.0 : 0.0);
                $right[] = -(2.0 * ($before - $after) + $force * $slope);
                $diagonal[] = $ends + $force * $bend + 1e-9;
            }
            $size = abs($misses[0]) + abs($misses[1]) + abs($misses[2]);
            if (is_nan($size)) {
                return null;
            }
            if ($size < self::CLOSE && $step > 0) {
                return array_map(static fn (float $of): float => (tanh($of) + 1.0) / 2.0, $z);
            }
            // Schur's complement: three right sides through the tridiagonal part, then three unknowns.
            $free = self::tridiagonal($diagonal, $right);
            $along = [];
            for ($row = 0; $row < 3; $row++) {
                $along[] = self::tridiagonal($diagonal, $slopes[$row]);
            }
            $system = $sides = [];
            for ($row = 0; $row < 3; $row++) {
                $system[$row] = [];
                $sides[$row] = $misses[$row];
                for ($band = 0; $band < $bands; $band++) {
                    $sides[$row] += $slopes[$row][$band] * $free[$band];
                }
                for ($column = 0; $column < 3; $column++) {
                    $sum = 0.0;
                    for ($band = 0; $band < $bands; $band++) {
                        $sum += $slopes[$row][$band] * $along[$column][$band];
                    }
                    $system[$row][$column] = $sum;
                }
            }
            $change = LinearSystem::solve($system, $sides);
            if ($change === null) {
                return null;
            }
            $largest = 0.0;
            $moves = [];
            for ($band = 0; $band < $bands; $band++) {
                $move =
                    $free[$band] - $change[0] * $along[0][$band] - $change[1] * $along[1][$band]
                        - $change[2] * $along[2][$band];
                $moves[] = $move;
                $largest = max($largest, abs($move));
            }
            // Far from the end a whole step may leap to where tanh is flat.
            $share = $largest > 1.5 ? 1.5 / $largest : 1.0;
            for ($band = 0; $band < $bands; $band++) {
                $z[$band] += $share * $moves[$band];
            }
            for ($row = 0; $row < 3; $row++) {
                $pull[$row] += $share * $change[$row];
            }
        }

        return null;
    }

    /**
     * Solves a symmetric system with −2 beside the diagonal (Thomas' algorithm).
     *
     * @param  list<float>  $diagonal
     * @param  list<float>  $right
     * @return list<float>
     */
    private static function tridiagonal(array $diagonal, array $right): array
    {
        $count = count($diagonal);
        $over = $sides = [];
        for ($row = 0; $row < $count; $row++) {
            $pivot = $diagonal[$row] + ($row > 0 ? 2.0 * $over[$row - 1] : 0.0);
            $over[$row] = -2.0 / $pivot;
            $sides[$row] = ($right[$row] + ($row > 0 ? 2.0 * $sides[$row - 1] : 0.0)) / $pivot;
        }
        for ($row = $count - 2; $row >= 0; $row--) {
            $sides[$row] -= $over[$row] * $sides[$row + 1];
        }

        return array_values($sides);
    }
}
