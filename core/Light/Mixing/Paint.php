<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

/**
 * A paint as light sees it, after Kubelka and Munk (Zeitschrift für technische Physik 12, 1931): how much of the light
 * a coat takes away, and how much it throws back, for each unit of its thickness.
 */
final readonly class Paint
{
    /** What tells it from other paints: two that agree in three numbers are the same one. */
    public string $key;

    /**
     * @param  float  $scattering  S, alike in all bands; a unit is what one usual coat is thick
     * @param  list<float>  $absorption  K, one number a band
     */
    public function __construct(public float $scattering, public array $absorption)
    {
        $middle = $absorption[intdiv(count($absorption), 2)] ?? 0.0;
        $this->key = "{$scattering} ".($absorption[0] ?? 0.0)." {$middle}";
    }
}
