<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\StepMaker;
use Ulvrach\Stuff\Material\Shelf;

/** The same step done another way, with a product that suits it. */
final readonly class ChangeTechnique implements PlanEdit
{
    /** @param  Shelf|null  $own  the jars that the person owns */
    public function __construct(
        public string $id,
        public string $technique,
        private ?Shelf $own = null,
    ) {
    }

    public function applyTo(Plan $plan): Plan
    {
        $index = $plan->indexOf($this->id) ?? throw EditRefused::noSuchStep($this->id);
        $technique = StepMaker::technique($this->technique);
        [$step, $product] = (new StepMaker($plan, $this->own))->makeOver($plan->steps[$index], $technique);
        if ($product !== null) {
            $plan = (new PutProduct($product))->applyTo($plan);
        }

        return (new ReplaceStep($step))->applyTo($plan);
    }

    public function words(Plan $plan): string
    {
        return 'Change to '.StepWords::ofTechnique($this->technique);
    }
}
