<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A step in words, as it stood in the plan when something was logged of it: the plan may change or lose it later. */
final readonly class StepAsItWas
{
    /**
     * @param  string  $technique  its code
     * @param  string  $words  "Spray a colour"
     * @param  string|null  $product  its name; null: it was done without one
     * @param  array<string, string>  $zones  id => name
     */
    public function __construct(
        public string $technique,
        public string $words,
        public ?string $product,
        public array $zones,
        public int $coats,
    ) {
    }

    public static function of(Step $step, Plan $plan): self
    {
        return new self(
            technique: $step->technique,
            words: TechniqueLibrary::get($step->technique)->name,
            product: $plan->productOf($step)?->name,
            zones: array_map(
                static fn (Zone $zone) => $zone->name,
                array_intersect_key($plan->zones, array_flip($step->zones)),
            ),
            coats: $step->coats,
        );
    }

    /** "Spray a colour with “Olive”" */
    public function inWords(): string
    {
        return $this->product === null ? $this->words : "{$this->words} with “{$this->product}”";
    }
}
