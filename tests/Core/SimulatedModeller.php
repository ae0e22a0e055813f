<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Randomizer;

/** Minutes of a modeller who takes so many times as long as the tables say, with the noise of everyday. */
final class SimulatedModeller
{
    public function __construct(private float $ratio, private Randomizer $chance)
    {
    }

    /** @return list<float> observed by expected */
    public function observe(int $count, float $noise = 0.3): array
    {
        $ratios = [];
        for ($i = 0; $i < $count; $i++) {
            // The sum of twelve is close to a normal distribution.
            $sum = 0.0;
            for ($j = 0; $j < 12; $j++) {
                $sum += $this->chance->getInt(0, 1_000_000) / 1_000_000;
            }
            $ratios[] = exp(log($this->ratio) + $noise * ($sum - 6.0));
        }

        return $ratios;
    }
}
