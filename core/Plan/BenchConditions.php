<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** The room as the plan assumes it. */
final readonly class BenchConditions
{
    public function __construct(
        public float $temperatureC = 20.0,
        public float $humidityPercent = 50.0,
    ) {
    }
}
