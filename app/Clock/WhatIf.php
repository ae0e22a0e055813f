<?php

declare(strict_types=1);

namespace App\Clock;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;

/**
 * Changes that are only thought through: another room or school, a session that is missed or had besides, a step put
 * off.
 */
final readonly class WhatIf
{
    /**
     * @param  array<string, int>  $putOff  "build step" => Unix minute
     * @param  list<int>  $skipped  Unix minutes, each within a session that is missed
     * @param  string|null  $school  code of the school that judges; null: each plan's own
     * @param  int  $spare  minutes that one has at the bench right now, besides the week
     * @param  array<string, Plan>  $plans  by build: another plan than its own
     */
    public function __construct(
        public ?float $temperatureC = null,
        public ?float $humidityPercent = null,
        public ?float $cabinetC = null,
        public array $putOff = [],
        public array $skipped = [],
        public ?string $school = null,
        public int $spare = 0,
        public array $plans = [],
    ) {
    }

    /**
     * The same with what is put off for good; what is thought through weighs more.
     *
     * @param  array<string, int>  $putOff  "build step" => Unix minute
     */
    public function besides(array $putOff): self
    {
        return new self(
            temperatureC: $this->temperatureC,
            humidityPercent: $this->humidityPercent,
            cabinetC: $this->cabinetC,
            putOff: $this->putOff + $putOff,
            skipped: $this->skipped,
            school: $this->school,
            spare: $this->spare,
            plans: $this->plans,
        );
    }

    public function isOtherRoom(): bool
    {
        return $this->temperatureC !== null || $this->humidityPercent !== null;
    }

    public function applyTo(string $build, Plan $own): Plan
    {
        $plan = $this->plans[$build] ?? $own;
        if ($this->school === null && $this->cabinetC === null && ! $this->isOtherRoom()) {
            return $plan;
        }
        $bench = $plan->bench;

        return $plan->with(
            school: $this->school === null ? $plan->school : new SchoolChoice($this->school),
            bench: new BenchConditions(
                $this->temperatureC ?? $bench->temperatureC,
                $this->humidityPercent ?? $bench->humidityPercent,
                $bench->movingAir,
                $this->cabinetC ?? $bench->cabinetC,
            ),
        );
    }
}
