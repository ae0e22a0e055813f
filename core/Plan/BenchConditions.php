<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;

/** The room as the plan assumes it. */
final readonly class BenchConditions
{
    use Copies;

    /** @param  float|null  $cabinetC  temperature of a warm drying cabinet that painted parts wait in; null: none */
    public function __construct(
        public float $temperatureC = 20.0,
        public float $humidityPercent = 50.0,
        public bool $movingAir = false,
        public ?float $cabinetC = null,
    ) {
    }
}
