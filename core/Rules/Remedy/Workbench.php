<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Remedy;

use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\CleanUp;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Shelf\StarterShelf;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;
use Ulvrach\Technique\TechniqueLibrary;

/** The plan that a finding is about, with the tools that rules make their remedies with. */
final readonly class Workbench
{
    public Plan $plan;

    public function __construct(public Evaluation $evaluation)
    {
        $this->plan = $evaluation->plan;
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

    /** @param  list<string>  $zones */
    public function clearCoatBefore(string $stepId, Sheen $sheen, array $zones): Remedy
    {
        return $this->insertBefore(
            $this->indexOf($stepId),
            'clear-coat',
            StarterShelf::clear($sheen),
            $zones,
            "Put a {$sheen->value} clear coat under it",
        );
    }

    /** @param  list<string>  $zones */
    public function insertBefore(
        int $index,
        string $technique,
        Product $product,
        array $zones,
        string $label,
        ?int $coats = null,
    ): Remedy {
        [$product, $edits] = $this->onTheBench($product);
        $data = TechniqueLibrary::get($technique);
        $step = new Step(
            id: $this->newId($technique),
            technique: $technique,
            product: $product->id,
            zones: $zones,
            coats: $coats ?? $data->coats,
            application: $data->application,
        );
        $edits[] = new InsertStep($step, $index);
        $next = $this->plan->steps[$index] ?? null;
        if ($next !== null && $next->waitMinutes !== null) {
            $edits[] = new ReplaceStep($next->with(['waitMinutes' => null]));
        }

        return new Remedy($label, $edits);
    }

    public function waitUntilReady(string $stepId): Remedy
    {
        $index = $this->indexOf($stepId);
        $times = $this->evaluation->times[$index];
        $more = Minutes::inWords(max(0, $times->ready - $times->start));

        return new Remedy("Wait until it is ready: {$more} more", [
            new ReplaceStep($this->plan->steps[$index]->with(['waitMinutes' => null, 'doneAt' => null])),
        ]);
    }

    /** The step then stands directly before the other one, and starts as soon as it may. */
    public function moveBefore(string $stepId, string $other): Remedy
    {
        $from = $this->indexOf($stepId);
        $to = $this->indexOf($other);

        return $this->move($stepId, $from < $to ? $to - 1 : $to, "Move it before {$this->named($other)}");
    }

    /** The step then stands directly after the other one, and starts as soon as it may. */
    public function moveAfter(string $stepId, string $other): Remedy
    {
        $from = $this->indexOf($stepId);
        $to = $this->indexOf($other);

        return $this->move($stepId, $from < $to ? $to : $to + 1, "Move it to directly after {$this->named($other)}");
    }

    private function move(string $stepId, int $to, string $label): Remedy
    {
        $step = $this->step($stepId);
        $edits = [new MoveStep($stepId, $to)];
        if ($step->waitMinutes !== null) {
            $edits[] = new ReplaceStep($step->with(['waitMinutes' => null]));
        }

        return new Remedy($label, $edits);
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
        $names = implode(', ', array_map(fn (string $id) => $this->plan->zones[$id]->name, $zones));

        return $left === []
            ? $this->remove($stepId, 'Leave this step out')
            : new Remedy("Leave out {$names}", [new ReplaceStep($step->onZones($left))]);
    }

    public function cleanUpWith(string $stepId, Carrier $carrier, bool $scrubbed, ?int $afterMinutes = null): ?Remedy
    {
        $step = $this->step($stepId);
        if ($step->cleanUp === null) {
            return null;
        }
        $cleanUp = new CleanUp($carrier, $scrubbed, $afterMinutes ?? $step->cleanUp->afterMinutes);
        $label = $scrubbed
            ? "Clean up with {$carrier->label()}"
            : "Clean up with {$carrier->label()}, wiped and not scrubbed";

        return new Remedy($label, [new ReplaceStep($step->with(['cleanUp' => $cleanUp]))]);
    }

    public function cleanUpAfter(string $stepId, int $minutes): ?Remedy
    {
        $step = $this->step($stepId);
        if ($step->cleanUp === null) {
            return null;
        }
        $cleanUp = new CleanUp($step->cleanUp->carrier, $step->cleanUp->scrubbed, $minutes);

        return new Remedy('Clean up after '.Minutes::inWords($minutes), [
            new ReplaceStep($step->with(['cleanUp' => $cleanUp])),
        ]);
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

    /** The same step done another way, with a product for it if it has none that fits. */
    public function insteadUse(string $stepId, string $technique, Product $product, string $label): Remedy
    {
        $step = $this->step($stepId);
        [$product, $edits] = $this->onTheBench($product);
        $data = TechniqueLibrary::get($technique);
        $edits[] = new ReplaceStep(
            new Step(
                id: $step->id,
                technique: $technique,
                product: $product->id,
                zones: $step->zones,
                coats: $data->coats,
                application: $data->application,
                thinner: null,
                cleanUp: null,
                waitMinutes: null,
                doneAt: $step->doneAt,
                note: $step->note,
            ),
        );

        return new Remedy($label, $edits);
    }

    /** The same step with another product; null: the technique does not take that family. */
    public function withProduct(string $stepId, Product $wanted): ?Remedy
    {
        $step = $this->step($stepId);
        if ($wanted->id === $step->product || ! $this->techniqueOf($stepId)->accepts($wanted->family)) {
            return null;
        }
        $isThere = isset($this->plan->products[$wanted->id]);

        return new Remedy("Use “{$wanted->name}”", [
            ...$isThere ? [] : [new PutProduct($wanted)],
            new ReplaceStep($step->with(['product' => $wanted->id])),
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
        usort(
            $byArea,
            fn (string $a, string $b) => $this->plan->zones[$b]->areaCm2 <=> $this->plan->zones[$a]->areaCm2,
        );
        $rounds = [[], []];
        $areas = [0.0, 0.0];
        foreach ($byArea as $zone) {
            $to = $areas[0] <= $areas[1] ? 0 : 1;
            $rounds[$to][] = $zone;
            $areas[$to] += $this->plan->zones[$zone]->areaCm2;
        }
        $second = new Step(
            id: $this->newId($step->technique),
            technique: $step->technique,
            product: $step->product,
            zones: $rounds[1],
            coats: $step->coats,
            application: $step->application,
            thinner: $step->thinner,
            cleanUp: $step->cleanUp,
            waitMinutes: null,
            doneAt: null,
            note: $step->note,
            accepted: $step->accepted,
        );

        return new Remedy('In two rounds, cleaned one after the other', [
            new ReplaceStep($step->onZones($rounds[0])),
            new InsertStep($second, $this->indexOf($stepId) + 1),
        ]);
    }

    public function withoutThinner(string $stepId): Remedy
    {
        $step = $this->step($stepId);

        return new Remedy('Use it as it comes from the jar', [new ReplaceStep($step->with(['thinner' => null]))]);
    }

    public function thinnedWith(string $stepId, Carrier $carrier): Remedy
    {
        $step = $this->step($stepId);

        return new Remedy("Thin it with {$carrier->label()}", [
            new ReplaceStep($step->with(['thinner' => $carrier])),
        ]);
    }

    public function inCoats(string $stepId, int $coats): Remedy
    {
        $step = $this->step($stepId);

        return new Remedy($coats === 1 ? 'One thin coat only' : "In {$coats} thin coats", [
            new ReplaceStep($step->with(['coats' => $coats])),
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
        $step = $this->step($stepId);

        return new Remedy('Lift it with water', [
            new ReplaceStep(
                new Step(
                    id: $step->id,
                    technique: 'lift-off',
                    product: null,
                    zones: $step->zones,
                    coats: 1,
                    application: Application::Scrub,
                    thinner: null,
                    cleanUp: null,
                    waitMinutes: $step->waitMinutes,
                    doneAt: $step->doneAt,
                    note: $step->note,
                ),
            ),
        ]);
    }

    /**
     * For a lift-off that cannot be saved: the same wear without a chipping film.
     *
     * @param  list<string>  $zones
     * @return list<Remedy>
     */
    public function chipsWithoutFilm(string $filmStep, string $liftStep, array $zones): array
    {
        return array_map(
            fn (string $code) => $this->together(
                'Leave the chipping film out: '.lcfirst(TechniqueLibrary::get($code)->name),
                $this->insteadUse($liftStep, $code, StarterShelf::chips(), ''),
                $this->leaveOut($filmStep, $zones),
            ),
            ['sponge-chips', 'brush-chips'],
        );
    }

    /**
     * Several remedies as one; each is made for the plan as it stands, so they must not disturb each other's places.
     */
    public function together(string $label, Remedy $first, Remedy $second): Remedy
    {
        return new Remedy($label, [...$first->edits, ...$second->edits]);
    }

    public function techniqueOf(string $stepId): Technique
    {
        return TechniqueLibrary::get($this->step($stepId)->technique);
    }

    /** @param  list<TechniqueKind>  $kinds */
    public function lastStepOfKindBefore(string $stepId, array $kinds, string $zoneId): ?Step
    {
        for ($index = $this->indexOf($stepId) - 1; $index >= 0; $index--) {
            $step = $this->plan->steps[$index];
            if ($step->covers($zoneId) && in_array(TechniqueLibrary::get($step->technique)->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    /** @param  list<TechniqueKind>  $kinds */
    public function firstStepOfKindAfter(string $stepId, array $kinds, string $zoneId): ?Step
    {
        for ($index = $this->indexOf($stepId) + 1, $last = count($this->plan->steps); $index < $last; $index++) {
            $step = $this->plan->steps[$index];
            if ($step->covers($zoneId) && in_array(TechniqueLibrary::get($step->technique)->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    public function strata(string $zoneId): Strata
    {
        return $this->evaluation->strata[$zoneId];
    }

    /**
     * A product like the wanted one that the plan already has, else the wanted one and the edit that brings it.
     *
     * @return array{Product, list<PlanEdit>}
     */
    private function onTheBench(Product $wanted): array
    {
        foreach ($this->plan->products as $product) {
            if (
                $product->family === $wanted->family &&
                $product->sheen === $wanted->sheen &&
                ($product->colour === null) === ($wanted->colour === null)
            ) {
                return [$product, []];
            }
        }

        return [$wanted, [new PutProduct($wanted)]];
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
