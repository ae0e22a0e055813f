<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Material\Shelf;
use Ulvrach\Stuff\Material\Shelves;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The plan that a finding is about, with the tools that rules make their remedies with. Where a remedy needs a product,
 * the rule states what it asks of it, and the shelves answer; where they have nothing, there is no such remedy: null.
 */
final readonly class Workbench
{
    /** CIEDE2000 below which a mark is lost on its ground. */
    public const SEEN = 10.0;

    public Plan $plan;

    public Walk $walk;

    private Shelf $shelf;

    private Forecast $forecast;

    public function __construct(Verdict $verdict, private ?ProductShelf $own = null)
    {
        $this->forecast = $verdict->forecast;
        $this->plan = $verdict->plan;
        $this->walk = $verdict->walk;
        $this->shelf = Shelves::around($this->plan->products, $own);
    }

    /** Other colours for a step. */
    public function colours(): Colourist
    {
        return new Colourist($this, $this->forecast, $this->own);
    }

    public function step(string $id): Step
    {
        return $this->plan->steps[$this->indexOf($id)];
    }

    public function indexOf(string $id): int
    {
        return $this->plan->indexOf($id) ??
            throw new \LogicException("A finding speaks of a step that is not in its plan: {$id}");
    }

    /** "step 7, Gloss coat" */
    public function named(string $stepId): string
    {
        $index = $this->indexOf($stepId);
        $number = $index + 1;

        return "step {$number}, ".TechniqueLibrary::get($this->plan->steps[$index]->technique)->name;
    }

    /** What a technique is usually done with. */
    public function need(string $technique): Need
    {
        return Need::of(TechniqueLibrary::get($technique));
    }

    /**
     * What a technique is usually done with, told from the paint that it goes on.
     *
     * @param  list<string>  $zones
     * @param  int  $index  of the step before which it is done; the number of steps: at the end
     */
    public function needSeenOn(string $technique, array $zones, int $index): Need
    {
        return $this->need($technique)->apartFrom($this->coloursOf($zones, $index), self::SEEN);
    }

    /**
     * The paints that are seen on zones when a step begins.
     *
     * @param  list<string>  $zones
     * @return list<Lab>
     */
    public function coloursOf(array $zones, int $index): array
    {
        $colours = [];
        foreach ($zones as $zone) {
            $paint = $this->walk->before($index, $zone)->paint();
            $colour = $paint?->colour();
            if ($paint !== null && $colour !== null) {
                $colours[$paint->product->id] = $colour;
            }
        }

        return array_values($colours);
    }

    /** @return list<Lab> the paints that are seen in the end on parts that are metal on the real vehicle */
    public function metalColours(): array
    {
        $metal = array_filter($this->plan->zones, static fn (Zone $zone) => $zone->depicts->rusts());

        return $this->coloursOf(array_map(strval(...), array_keys($metal)), count($this->plan->steps));
    }

    /** @param  list<string>  $zones */
    public function clearCoatBefore(string $stepId, Sheen $sheen, array $zones): ?Remedy
    {
        return $this->insertBefore(
            $this->indexOf($stepId),
            'clear-coat',
            $zones,
            "Put a {$sheen->value} clear coat under it",
            Need::clearCoat($sheen),
        );
    }

    /**
     * @param  list<string>  $zones
     * @param  Need|null  $need  null: what the technique is usually done with
     */
    public function insertBefore(
        int $index,
        string $technique,
        array $zones,
        string $label,
        Need|Product|null $need = null,
        ?int $coats = null,
    ): ?Remedy {
        $data = TechniqueLibrary::get($technique);
        [$product, $edits] = $this->fetched($need ?? Need::of($data));
        if ($product === null) {
            return null;
        }
        $step = new Step(
            id: $this->newId($technique),
            technique: $technique,
            product: $product->id,
            zones: $zones,
            coats: $coats ?? $data->coats,
            application: $data->application,
        );
        $edits[] = new InsertStep($step, $index);

        return new Remedy($label, $edits);
    }

    /** Null: it begins no sooner than it may. */
    public function waitUntilReady(string $stepId): ?Remedy
    {
        $index = $this->indexOf($stepId);
        $times = $this->walk->times[$index];
        if ($times->ready <= $times->start) {
            return null;
        }
        $more = Minutes::inWords($times->ready - $times->start);

        return new Remedy("Wait until it is ready: {$more} more", [
            new ReplaceStep($this->plan->steps[$index]->with(waitMinutes: null)),
        ]);
    }

    /**
     * Directly after another step: what merges without a wait, what has a window as soon as that opens.
     *
     * @param  int|null  $wait  null: as soon as all below allows it
     */
    public function inOneSitting(string $stepId, string $into, ?int $wait = null): Remedy
    {
        $index = $this->indexOf($stepId);
        $edits = [new ReplaceStep($this->step($stepId)->with(waitMinutes: $wait))];
        $to = $this->indexOf($into) + 1;
        if ($to !== $index) {
            $edits[] = new MoveStep($stepId, $to);
        }
        $minutes = Minutes::inWords($this->walk->times[$index]->handsOn);

        return new Remedy("Do it in one sitting with {$this->named($into)}: {$minutes} of work", $edits);
    }

    /** With the clean-up that the technique usually has; null: it has none. */
    public function cleanedUpAsUsual(string $stepId): ?Remedy
    {
        $step = $this->step($stepId);
        $window = $this->techniqueOf($stepId)->cleanUp;
        $carrier = $this->plan->productOf($step)?->material->family->ownThinners()[0] ?? null;
        if ($window === null || $carrier === null) {
            return null;
        }
        $pass = new CleanUpPass($carrier, false, $window->surely);

        return new Remedy('Clean it up after '.Minutes::inWords($window->surely), [
            new ReplaceStep($step->with(cleanUp: [$pass])),
        ]);
    }

    /** Index of the first step that goes on a zone; 0: none does. */
    public function firstStepOn(string $zoneId): int
    {
        foreach ($this->plan->steps as $index => $step) {
            if ($step->covers($zoneId)) {
                return $index;
            }
        }

        return 0;
    }

    /** The step then stands directly before the other one. */
    public function moveBefore(string $stepId, string $other): Remedy
    {
        $from = $this->indexOf($stepId);
        $to = $this->indexOf($other);

        return $this->move($stepId, $from < $to ? $to - 1 : $to, "Move it before {$this->named($other)}");
    }

    /** The step then stands directly after the other one. */
    public function moveAfter(string $stepId, string $other): Remedy
    {
        $from = $this->indexOf($stepId);
        $to = $this->indexOf($other);

        return $this->move($stepId, $from < $to ? $to : $to + 1, "Move it to directly after {$this->named($other)}");
    }

    /**
     * Some of its zones are done directly after another step, the rest where they were; null: these are all its zones.
     *
     * @param  list<string>  $zones
     */
    public function aheadOn(string $stepId, array $zones, string $after): ?Remedy
    {
        $step = $this->step($stepId);
        $left = array_values(array_diff($step->zones, $zones));
        if ($left === []) {
            return null;
        }
        $ahead = $step->with(id: $this->newId($step->technique), zones: $zones, waitMinutes: null);

        return new Remedy("Do it on {$this->zonesNamed($zones)} directly after {$this->named($after)}", [
            new ReplaceStep($step->onZones($left)),
            new InsertStep($ahead, $this->indexOf($after) + 1),
        ]);
    }

    private function move(string $stepId, int $to, string $label): Remedy
    {
        return new Remedy($label, [new MoveStep($stepId, $to)]);
    }

    public function remove(string $stepId, string $label): Remedy
    {
        return new Remedy($label, [new RemoveStep($stepId)]);
    }

    /** @param  list<string>  $zones */
    public function leaveOut(string $stepId, array $zones): Remedy
    {
        $step = $this->step($stepId);
        $left = array_values(array_diff($step->zones, $zones));

        return $left === []
            ? $this->remove($stepId, 'Leave this step out')
            : new Remedy("Leave out {$this->zonesNamed($zones)}", [new ReplaceStep($step->onZones($left))]);
    }

    /** @param  list<string>  $zones */
    private function zonesNamed(array $zones): string
    {
        return implode(', ', array_map(fn (string $id) => $this->plan->zones[$id]->name, $zones));
    }

    /** Every pass of the clean-up with this carrier; null: there is none, or it is a stranger to the product. */
    public function cleanUpWith(string $stepId, Carrier $carrier, bool $rubbed): ?Remedy
    {
        $family = $this->plan->productOf($this->step($stepId))?->material->family;
        if ($family !== null && ! in_array($carrier, $family->ownThinners(), true)) {
            return null;
        }
        $label = $rubbed
            ? "Clean up with {$carrier->label()}"
            : "Clean up with {$carrier->label()}, wiped and not scrubbed";

        return $this->cleanedUp(
            $stepId,
            $label,
            static fn (CleanUpPass $pass) => $pass->with(carrier: $carrier, rubbed: $rubbed),
        );
    }

    /** The clean-up so long after applying, its passes as far apart as before. */
    public function cleanUpAfter(string $stepId, int $minutes): ?Remedy
    {
        $cleanUp = $this->step($stepId)->cleanUp;
        $later = $minutes - ($cleanUp === [] ? 0 : $cleanUp[0]->afterMinutes);

        return $this->cleanedUp(
            $stepId,
            'Clean up after '.Minutes::inWords($minutes),
            static fn (CleanUpPass $pass) => $pass->with(afterMinutes: $pass->afterMinutes + $later),
        );
    }

    /** @param  \Closure(CleanUpPass): CleanUpPass  $change */
    private function cleanedUp(string $stepId, string $label, \Closure $change): ?Remedy
    {
        $step = $this->step($stepId);

        return $step->cleanUp === []
            ? null
            : new Remedy($label, [new ReplaceStep($step->with(cleanUp: array_map($change, $step->cleanUp)))]);
    }

    /** @param  list<string>  $zones that the trial is for */
    public function testPatchBefore(string $stepId, array $zones): ?Remedy
    {
        $step = $this->step($stepId);
        $product = $this->plan->productOf($step);
        if ($product === null) {
            return null;
        }
        $trial = new Step(
            id: $this->newId('test-patch'),
            technique: 'test-patch',
            product: $product->id,
            zones: $zones,
            coats: 1,
            application: Application::Brush,
            thinner: $step->thinner,
            cleanUp: $step->cleanUp,
        );

        return new Remedy('Try it on a hidden spot first', [new InsertStep($trial, $this->indexOf($stepId))]);
    }

    /**
     * The same step done another way.
     *
     * @param  Need|null  $need  null: what the technique is usually done with
     */
    public function insteadUse(string $stepId, string $technique, string $label, ?Need $need = null): ?Remedy
    {
        $step = $this->step($stepId);
        $data = TechniqueLibrary::get($technique);
        [$product, $edits] = $this->fetched($need ?? Need::of($data));
        if ($product === null) {
            return null;
        }
        $edits[] = new ReplaceStep(
            $step->with(
                technique: $technique,
                product: $product->id,
                coats: $data->coats,
                application: $data->application,
                load: null,
                extent: null,
                thinner: null,
                cleanUp: [],
                waitMinutes: null,
                accepted: [],
            ),
        );

        return new Remedy($label, $edits);
    }

    /** The same step with another product; null: nothing on the shelves fits, or it is the one it has. */
    public function withProduct(string $stepId, Need|Product $need): ?Remedy
    {
        $step = $this->step($stepId);
        [$product, $edits] = $this->fetched($need);
        $fits = $product !== null && $this->techniqueOf($stepId)->accepts($product->material->family);
        if (! $fits || $product->id === $step->product) {
            return null;
        }

        return new Remedy("Use “{$product->name}”", [
            ...$edits,
            new ReplaceStep($step->with(product: $product->id)),
        ]);
    }

    /** @param  list<string>  $zones */
    public function lookBefore(string $stepId, array $zones): Remedy
    {
        $look = new Step(
            id: $this->newId('look-over'),
            technique: 'look-over',
            product: null,
            zones: $zones,
            coats: 1,
            application: Application::Dry,
        );

        return new Remedy('Look it over first', [new InsertStep($look, $this->indexOf($stepId))]);
    }

    /** Two rounds instead of one, each on about half of the area; null: there is only one zone. */
    public function splitByZones(string $stepId): ?Remedy
    {
        $step = $this->step($stepId);
        if (count($step->zones) < 2) {
            return null;
        }
        $byArea = $step->zones;
        $zones = $this->plan->zones;
        usort($byArea, static fn (string $a, string $b) => $zones[$b]->areaCm2 <=> $zones[$a]->areaCm2);
        $rounds = [[], []];
        $areas = [0.0, 0.0];
        foreach ($byArea as $zone) {
            $to = $areas[0] <= $areas[1] ? 0 : 1;
            $rounds[$to][] = $zone;
            $areas[$to] += $this->plan->zones[$zone]->areaCm2;
        }
        $second = $step->with(id: $this->newId($step->technique), zones: $rounds[1], waitMinutes: null);

        return new Remedy('In two rounds, cleaned one after the other', [
            new ReplaceStep($step->onZones($rounds[0])),
            new InsertStep($second, $this->indexOf($stepId) + 1),
        ]);
    }

    public function withoutThinner(string $stepId): Remedy
    {
        $step = $this->step($stepId);

        return new Remedy('Use it as it comes from the jar', [new ReplaceStep($step->with(thinner: null))]);
    }

    /** Null: that thinner is a stranger to the product. */
    public function thinnedWith(string $stepId, Carrier $carrier): ?Remedy
    {
        $step = $this->step($stepId);
        $family = $this->plan->productOf($step)?->material->family;

        return $family === null || ! in_array($carrier, $family->ownThinners(), true)
            ? null
            : new Remedy("Thin it with {$carrier->label()}", [new ReplaceStep($step->with(thinner: $carrier))]);
    }

    public function inCoats(string $stepId, int $coats): Remedy
    {
        $step = $this->step($stepId);

        return new Remedy($coats === 1 ? 'One thin coat only' : "In {$coats} thin coats", [
            new ReplaceStep($step->with(coats: $coats)),
        ]);
    }

    /** @param  list<string>  $zones */
    public function liftOffBefore(string $stepId, array $zones): Remedy
    {
        $lift = new Step(
            id: $this->newId('lift-off'),
            technique: 'lift-off',
            product: null,
            zones: $zones,
            coats: 1,
            application: Application::Scrub,
        );

        return new Remedy('Lift the chips first', [new InsertStep($lift, $this->indexOf($stepId))]);
    }

    public function liftWithWater(string $stepId): Remedy
    {
        $lift = $this->step($stepId)->with(
            technique: 'lift-off',
            product: null,
            coats: 1,
            application: Application::Scrub,
            thinner: null,
            cleanUp: [],
        );

        return new Remedy('Lift it with water', [new ReplaceStep($lift)]);
    }

    /**
     * For a lift-off that cannot be saved: the same wear without a chipping film.
     *
     * @param  list<string>  $zones
     * @return list<Remedy|null>
     */
    public function chipsWithoutFilm(string $filmStep, string $liftStep, array $zones): array
    {
        return array_map(
            fn (string $code) => $this->together(
                'Leave the chipping film out: '.lcfirst(TechniqueLibrary::get($code)->name),
                $this->chipsInstead($liftStep, $code, ''),
                $this->leaveOut($filmStep, $zones),
            ),
            ['sponge-chips', 'brush-chips'],
        );
    }

    /** The step's wear as applied chips, in a colour that is seen on its ground. */
    public function chipsInstead(string $stepId, string $technique, string $label): ?Remedy
    {
        $need = $this->needSeenOn($technique, $this->step($stepId)->zones, $this->indexOf($stepId));

        return $this->insteadUse($stepId, $technique, $label, $need);
    }

    /**
     * Several remedies as one; each is made for the plan as it stands, so they must not disturb each other's places.
     */
    public function together(string $label, ?Remedy $first, ?Remedy $second): ?Remedy
    {
        return $first === null || $second === null ? null : new Remedy($label, [...$first->edits, ...$second->edits]);
    }

    public function techniqueOf(string $stepId): Technique
    {
        return TechniqueLibrary::get($this->step($stepId)->technique);
    }

    /** @param  list<Nature>  $natures  one of which is enough */
    public function lastStepOfKindBefore(string $stepId, array $natures, string $zoneId): ?Step
    {
        for ($index = $this->indexOf($stepId) - 1; $index >= 0; $index--) {
            $step = $this->plan->steps[$index];
            if ($step->covers($zoneId) && TechniqueLibrary::get($step->technique)->kind->isAny(...$natures)) {
                return $step;
            }
        }

        return null;
    }

    /** @param  list<Nature>  $natures  one of which is enough */
    public function firstStepOfKindAfter(string $stepId, array $natures, string $zoneId): ?Step
    {
        for ($index = $this->indexOf($stepId) + 1, $last = count($this->plan->steps); $index < $last; $index++) {
            $step = $this->plan->steps[$index];
            if ($step->covers($zoneId) && TechniqueLibrary::get($step->technique)->kind->isAny(...$natures)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * A product that meets the need, and the edit that brings it where the plan does not have it yet.
     *
     * @return array{Product|null, list<PlanEdit>}
     */
    private function fetched(Need|Product $need): array
    {
        $product = $need instanceof Product ? $need : $this->shelf->find($need);

        return [
            $product,
            $product === null || isset($this->plan->products[$product->id]) ? [] : [new PutProduct($product)],
        ];
    }

    private function newId(string $technique): string
    {
        $number = 1;
        while ($this->plan->indexOf("{$technique}-{$number}") !== null) {
            $number++;
        }

        return "{$technique}-{$number}";
    }
}
