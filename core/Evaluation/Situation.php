<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Material\Product;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** One step at the moment at which it begins, with everything that a rule may ask about it. */
final readonly class Situation
{
    public Plan $plan;

    public int $index;

    public Step $step;

    public Technique $technique;

    public TechniqueKind $kind;

    public ?Product $product;

    /** @var list<StepLiquid> */
    public array $liquids;

    /** Minute from which everything below allows it. */
    public int $ready;

    /** Minute at which it begins. */
    public int $start;

    public bool $threatens;

    public bool $meetsBarePart;

    /** @param  list<Touched>  $touched  its zones, those in the same state together, as they are when it begins */
    public function __construct(
        public Work $work,
        public array $touched,
        public StepTimes $times,
        private Waiting $waiting,
        private Windows $windows,
        private Attack $attack,
    ) {
        $this->plan = $work->plan;
        $this->index = $work->index;
        $this->step = $work->step;
        $this->technique = $work->technique;
        $this->kind = $work->kind;
        $this->product = $work->product;
        $this->liquids = $work->liquids;
        $this->ready = $times->ready;
        $this->start = $times->start;
        $this->threatens = $attack->threatens;
        $this->meetsBarePart = $attack->meetsBarePart;
    }

    /** @return list<Threat> what its liquids can do to what they meet there */
    public function threatsTo(Strata $strata): array
    {
        return $this->attack->on($strata);
    }

    /** What it has to wait for there; null: nothing. */
    public function holdOn(Strata $strata): ?Hold
    {
        return $this->waiting->on($strata);
    }

    /** When its window closes there; null: it has none. */
    public function closesOn(Strata $strata): ?int
    {
        return $this->windows->liftOffCloses($this->work, $strata);
    }

    /** The clean-up window at this bench; null: there is nothing to clean up, or no window for it. */
    public function cleanUpWindow(): ?CleanUpWindow
    {
        return $this->windows->cleanUp($this->work);
    }
}
