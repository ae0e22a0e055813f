<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

/** The air at the bench at that moment. */
final readonly class Measurement
{
    public function __construct(
        public float $temperatureC,
        public float $humidityPercent,
    ) {
    }
}
