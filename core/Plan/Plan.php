<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What will be done, on which zone, in which order. Immutable: an edit gives a new plan. Every id that a step names
 * exists in the plan; readers and edits see to that before they build one.
 */
final readonly class Plan
{
    public const MOST_STEPS = 200;

    public const MOST_ZONES = 60;

    public const MOST_PRODUCTS = 200;

    /**
     * @param  array<string, Zone>  $zones  by id, in the order of the board
     * @param  array<string, Product>  $products  by id
     * @param  list<Step>  $steps  in the order of work
     */
    public function __construct(
        public Build $build,
        public SchoolChoice $school,
        public BenchConditions $bench,
        public array $zones,
        public array $products,
        public array $steps,
    ) {
    }

    public function indexOf(string $stepId): ?int
    {
        foreach ($this->steps as $index => $step) {
            if ($step->id === $stepId) {
                return $index;
            }
        }

        return null;
    }

    /** The zone that has the panel; null: there is none. */
    public function zoneOfPanel(string $panelId): ?Zone
    {
        foreach ($this->zones as $zone) {
            foreach ($zone->panels as $panel) {
                if ($panel->id === $panelId) {
                    return $zone;
                }
            }
        }

        return null;
    }

    /** cm² of model that a step goes over. */
    public function areaOf(Step $step): float
    {
        $area = 0.0;
        foreach ($step->zones as $zoneId) {
            $area += $this->zones[$zoneId]->areaCm2;
        }

        return $area;
    }

    /** Part of the minutes for all of a zone that the smallest share of it takes: it is looked over all the same. */
    private const LOOKED_OVER = 0.25;

    /** cm² that its minutes are counted by: those of busy faces count more often where they take longer. */
    public function workOf(Step $step): float
    {
        $technique = TechniqueLibrary::get($step->technique);
        // What lies in spots takes as long as it does however many there are: they are looked for all over.
        $share = $technique->kind->is(Nature::Spots) ? null : $step->extent?->share;
        $reach = $share === null ? 1.0 : max(self::LOOKED_OVER, $share / 100.0);
        if (! $technique->followsDetail()) {
            return $reach * $this->areaOf($step);
        }
        $work = 0.0;
        foreach ($step->zones as $zoneId) {
            $work += $this->zones[$zoneId]->areaCm2 * $this->zones[$zoneId]->kind->detail();
        }

        return $reach * $work;
    }

    /** Minutes of work in a step, waits left out. */
    public function minutesOf(Step $step, Pace $pace = new Pace()): int
    {
        return $pace->handsOn(
            TechniqueLibrary::get($step->technique),
            $step->coats,
            $this->workOf($step),
            $step->cleanedAfter() !== null,
        );
    }

    /** Minutes of work in all of it. */
    public function handsOn(Pace $pace = new Pace()): int
    {
        return array_sum(array_map(fn (Step $step) => $this->minutesOf($step, $pace), $this->steps));
    }

    public function productOf(Step $step): ?Product
    {
        return $step->product === null ? null : $this->products[$step->product];
    }

    /**
     * @param  list<Step>|null  $steps
     * @param  array<string, Zone>|null  $zones
     * @param  array<string, Product>|null  $products
     */
    public function with(
        ?array $steps = null,
        ?array $zones = null,
        ?array $products = null,
        ?Build $build = null,
        ?SchoolChoice $school = null,
        ?BenchConditions $bench = null,
    ): self {
        return new self(
            build: $build ?? $this->build,
            school: $school ?? $this->school,
            bench: $bench ?? $this->bench,
            zones: $zones ?? $this->zones,
            products: $products ?? $this->products,
            steps: $steps ?? $this->steps,
        );
    }
}
