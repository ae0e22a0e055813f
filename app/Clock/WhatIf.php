<?php

declare(strict_types=1);

namespace App\Clock;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Plan;

/** Changes that are only thought through: another room, a session that is missed or had besides, a step put off. */
final readonly class WhatIf
{
    /**
     * @param  array<string, int>  $putOff  "build step" => Unix minute
     * @param  list<int>  $skipped  Unix minutes, each within a session that is missed
     * @param  int  $spare  minutes that one has at the bench right now, besides the week
     */
    public function __construct(
        public ?float $temperatureC = null,
        public ?float $humidityPercent = null,
        public ?float $cabinetC = null,
        public array $putOff = [],
        public array $skipped = [],
        public int $spare = 0,
    ) {
    }

    public function applyTo(Plan $plan): Plan
    {
        $bench = $plan->bench;

        return $plan->with(bench: new BenchConditions($this->temperatureC ?? $bench->temperatureC, $this->humidityPercent ?? $bench->humidityPercent,
            $bench->movingAir, $this->cabinetC ?? $bench->cabinetC));
    }
}
