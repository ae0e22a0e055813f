<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Merge;
use Ulvrach\Plan\Placing;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\StepMaker;
use Ulvrach\Stuff\Material\Shelf;

/** Puts a complete step before the one that now stands at the index, with a product and zones that suit it. */
final readonly class AddStep implements PlanEdit
{
    /**
     * @param  list<string>|null  $zones  null: where such work usually goes
     * @param  Shelf|null  $own  the jars that the person owns
     * @param  string|null  $product  id of one in the plan; null: what suits the work
     * @param  Merge|null  $merge  what it is worked into; null: into what is open, as its medium does
     */
    public function __construct(
        public string $id,
        public string $technique,
        public int $at,
        public ?array $zones = null,
        private ?Shelf $own = null,
        public ?string $product = null,
        public ?Merge $merge = null,
    ) {
    }

    public function applyTo(Plan $plan): Plan
    {
        $technique = StepMaker::technique($this->technique);
        if ($this->product !== null && ! isset($plan->products[$this->product])) {
            throw EditRefused::at('/product', "There is no product “{$this->product}” in this plan.");
        }
        $at = max(0, min($this->at, count($plan->steps)));
        [$step, $product] = (new StepMaker($plan, $this->own))->make(
            $this->id,
            $technique,
            $this->zones ?? (new Placing($plan, $at))->zonesFor($technique),
            $this->product === null ? null : $plan->products[$this->product],
        );
        if ($this->merge !== null) {
            $step = $step->with(merge: $this->merge);
        }
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
