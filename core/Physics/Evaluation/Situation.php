<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\CleanUpWindow;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Technique;

/** One step at the moment at which it begins, with everything that a rule may ask about it. */
final readonly class Situation
{
    public Plan $plan;

    public int $index;

    public Step $step;

    public Technique $technique;

    public Kind $kind;

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

    /** The same in a plan of which other steps are different. */
    public function again(Work $work): self
    {
        return new self($work, $this->touched, $this->times, $this->waiting, $this->windows, $this->attack);
    }

    /** Whether the same step, in a plan of which other steps differ, waits for the sake of the same that follow. */
    public function waitsFor(Work $work): bool
    {
        return $this->waiting->isWaitOf($work);
    }

    /** Whether it was taken over from the other, meeting what that met. */
    public function isFrom(self $other): bool
    {
        return $this->waiting === $other->waiting;
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

    /**
     * Until when its work on a release film is easy there, harder, and a fight; null: it lifts nothing.
     *
     * @return array{int, int, int}|null minutes on the plan's clock
     */
    public function fadesOn(Strata $strata): ?array
    {
        return $this->windows->liftOffFades($this->work, $strata);
    }

    /** Whether it is worked into something that is still open on any of its zones. */
    public function mergesInto(Layer $layer): bool
    {
        return isset($this->waiting->into[$layer->stepIndex]);
    }

    /** @return list<string> ids of the steps that it is worked into while they are open */
    public function mergedSteps(): array
    {
        return array_map(static fn (Layer $layer) => $layer->stepId, $this->mergedLayers());
    }

    /** @return list<Layer> that it is worked into while they are open, or takes up again; the lowest first */
    public function mergedLayers(): array
    {
        $into = $this->waiting->into;
        ksort($into);

        return array_values($into);
    }

    /** The clean-up window on this ground; null: there is nothing to clean up, or no window for it. */
    public function cleanUpWindow(Strata $strata): ?CleanUpWindow
    {
        return $this->windows->cleanUp($this->work, $strata->sheen());
    }

    /** @return list<array{Layer, CleanUpWindow}> what a clean-up that is a step of its own takes up there */
    public function cleanedLayers(Strata $strata): array
    {
        $cleaned = [];
        foreach ($strata->exposed() as $layer) {
            $window = $this->mergesInto($layer) ? $this->windows->cleanUpOf($layer, $strata) : null;
            if ($window !== null) {
                $cleaned[] = [$layer, $window];
            }
        }

        return $cleaned;
    }

    /** The same on the ground that is the first to close. */
    public function shortestCleanUpWindow(): ?CleanUpWindow
    {
        $shortest = null;
        foreach ($this->touched as $touched) {
            $window = $this->cleanUpWindow($touched->strata);
            $isShorter = ($window->latest ?? PHP_INT_MAX) < ($shortest->latest ?? PHP_INT_MAX);
            $shortest = $shortest === null || $isShorter ? $window : $shortest;
        }

        return $shortest;
    }
}
