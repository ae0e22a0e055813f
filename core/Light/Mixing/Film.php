<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

/**
 * A coat of some thickness, which need not hide: what it throws back by itself, and how much light goes down through it
 * and up again. After Kubelka, Journal of the Optical Society of America 38 (1948): with a = 1 + K/S, b = √(a² − 1)
 * and thickness X, R₀ = 1 / (a + b·coth bSX), T = b / (a·sinh bSX + b·cosh bSX), and over a ground of reflectance G
 * R = R₀ + T²·G / (1 − R₀·G).
 */
final readonly class Film
{
    /**
     * @param  list<float>  $own  R₀ by band: over black
     * @param  list<float>  $through  T² by band
     */
    private function __construct(private array $own, private array $through)
    {
    }

    /**
     * @param  float  $thickness  in usual coats; 0 leaves the ground as it is
     * @param  float  $share  of paint in the coat: what it is thinned with dries away, so that less paint is left
     */
    public static function of(Paint $paint, float $thickness, float $share = 1.0): self
    {
        $own = $through = [];
        $length = $paint->scattering * max(0.0, $thickness) * max(0.0, min(1.0, $share));
        foreach ($paint->absorption as $absorption) {
            $a = 1.0 + $absorption / $paint->scattering;
            $b = sqrt(max($a * $a - 1.0, 1e-12));
            // Beyond this, nothing comes through, and the functions leave the range of numbers.
            if ($b * $length > 300.0) {
                $own[] = $a - $b;
                $through[] = 0.0;

                continue;
            }
            // sinh and cosh of bSX in one exponential, both times 2·exp(bSX).
            $power = exp(2.0 * $b * $length);
            $below = $a * ($power - 1.0) + $b * ($power + 1.0);
            $own[] = ($power - 1.0) / $below;
            $through[] = (4.0 * $b * $b * $power) / ($below * $below);
        }

        return new self($own, $through);
    }

    /**
     * @param  list<float>  $ground  reflectance by band
     * @return list<float> reflectance of the coat on it
     */
    public function over(array $ground): array
    {
        $seen = [];
        $through = $this->through;
        foreach ($this->own as $band => $own) {
            $below = $ground[$band];
            $here = $own + $through[$band] * $below / (1.0 - $own * $below);
            $seen[] = $here < 1.0 ? $here : 1.0;
        }

        return $seen;
    }
}
