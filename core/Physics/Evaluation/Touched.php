<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Plan;

/** Zones that a step meets in the same state. */
final readonly class Touched
{
    /** @param  non-empty-list<string>  $zones  ids */
    public function __construct(
        public Strata $strata,
        public array $zones,
    ) {
    }

    /** @return non-empty-list<self> each of the zones by itself, for what depends on the part */
    public function apart(Plan $plan): array
    {
        return array_map(fn (string $id) => new self($this->strata->on($plan->zones[$id]), [$id]), $this->zones);
    }
}
