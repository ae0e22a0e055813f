<?php

declare(strict_types=1);

namespace App\Room;

final readonly class Reading
{
    public function __construct(
        public float $temperatureC,
        public float $humidityPercent,
        public string $at,
        public bool $simulated,
    ) {
    }
}
