<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\Lab;

/**
 * Paints side by side, and what their mixes look like. A mix is written as a list: place of a paint, its parts, place
 * of the next, its parts. K and S of a mix are the sums of those of its paints, so that K/S is their mean, weighted by
 * parts times scattering (Duncan, Proceedings of the Physical Society 52, 1940); a coat of it that hides gives back
 * R = 1 + K/S − √(K/S² + 2·K/S).
 */
final readonly class PaintTable
{
    public int $count;

    /** @var list<float> by paint: S */
    public array $scattering;

    /** @var list<list<float>> by paint: K/S, one number a band */
    public array $ratios;

    /**
     * @param  list<Paint>  $paints
     * @param  array{list<float>, list<float>, list<float>}  $weights  rows of X, Y and Z, as of the observer
     */
    public function __construct(array $paints, public array $weights)
    {
        $this->count = count($paints);
        $this->scattering = array_map(static fn (Paint $paint) => $paint->scattering, $paints);
        $this->ratios = array_map(
            static fn (Paint $paint) => array_map(
                static fn (float $k): float => $k / $paint->scattering,
                $paint->absorption,
            ),
            $paints,
        );
    }

    /**
     * @param  list<int>  $mix
     * @return list<float> K/S by band
     */
    public function ratioOf(array $mix): array
    {
        $ratio = array_fill(0, count($this->weights[0]), 0.0);
        $whole = 0.0;
        for ($place = 0, $size = count($mix); $place < $size; $place += 2) {
            $weight = $mix[$place + 1] * $this->scattering[$mix[$place]];
            $whole += $weight;
            foreach ($this->ratios[$mix[$place]] as $band => $of) {
                $ratio[$band] += $weight * $of;
            }
        }

        return array_values(array_map(static fn (float $sum): float => $sum / $whole, $ratio));
    }

    /** @param  list<int>  $mix */
    public function colourOf(array $mix): Lab
    {
        [$toX, $toY, $toZ] = $this->weights;
        $x = $y = $z = 0.0;
        foreach ($this->ratioOf($mix) as $band => $q) {
            $reflectance = 1.0 + $q - sqrt($q * ($q + 2.0));
            $x += $toX[$band] * $reflectance;
            $y += $toY[$band] * $reflectance;
            $z += $toZ[$band] * $reflectance;
        }

        return Lab::fromXyz($x, $y, $z);
    }
}
