<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Material\Shelf;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\StepMaker;

/** Puts a complete step before the one that now stands at the index, with a product that suits it. */
final readonly class AddStep implements PlanEdit
{
    /**
     * @param  list<string>  $zones
     * @param  Shelf|null  $own  the jars that the person owns
     */
    public function __construct(
        public string $id,
        public string $technique,
        public int $at,
        public array $zones,
        private ?Shelf $own = null,
    ) {
    }

    public function applyTo(Plan $plan): Plan
    {
        $technique = StepMaker::technique($this->technique);
        [$step, $product] = (new StepMaker($plan, $this->own))->make($this->id, $technique, $this->zones);
        if ($product !== null) {
            $plan = (new PutProduct($product))->applyTo($plan);
        }

        return (new InsertStep($step, $this->at))->applyTo($plan);
    }

    public function words(Plan $plan): string
    {
        return 'Add '.StepWords::ofTechnique($this->technique);
    }
}
