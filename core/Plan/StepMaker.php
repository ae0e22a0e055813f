<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Shelf;
use Ulvrach\Stuff\Material\Shelves;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Makes steps complete: with everything that a modeller would take for granted until it is chosen otherwise. */
final readonly class StepMaker
{
    /** Minutes into the window of a clean-up at which one begins: not at the very moment at which it opens. */
    private const INTO_THE_WINDOW = 10;

    /** CIEDE2000 from which two coats are not the same colour. */
    private const ANOTHER = 5.0;

    private Shelf $shelf;

    /** @param  Shelf|null  $own  the jars that the person owns; null: nobody has said */
    public function __construct(private Plan $plan, ?Shelf $own = null)
    {
        $this->shelf = Shelves::around($plan->products, $own);
    }

    /**
     * @param  list<string>  $zones
     * @param  Product|null  $with  what it shall be done with; null: what suits it
     * @return array{Step, Product|null} null: it is done without a product
     */
    public function make(string $id, Technique $technique, array $zones, ?Product $with = null): array
    {
        $product = $with ?? $this->productFor($technique);

        return [
            new Step(
                id: $id,
                technique: $technique->code,
                product: $product?->id,
                zones: $zones,
                coats: $technique->coats,
                application: $technique->application,
                cleanUp: $this->cleanUpFor($technique, $product, $zones, count($this->plan->steps)),
            ),
            $product,
        ];
    }

    /**
     * The same step done another way; it keeps its product where that still suits.
     *
     * @return array{Step, Product|null}
     */
    public function makeOver(Step $step, Technique $technique): array
    {
        $kept = $this->plan->productOf($step);
        $suits =
            $kept !== null &&
            $technique->accepts($kept->material->family) &&
            // Paint is no clear coat, although its family could be.
            (! $technique->kind->is(Nature::ClearCoat) || $kept->material->isClear());
        $product = $suits ? $kept : $this->productFor($technique);

        return [
            $step->with(
                technique: $technique->code,
                product: $product?->id,
                coats: $technique->coats,
                application: $technique->application,
                load: null,
                extent: null,
                thinner: null,
                cleanUp: $this->cleanUpFor(
                    $technique,
                    $product,
                    $step->zones,
                    $this->plan->indexOf($step->id) ?? 0,
                ),
            ),
            $product,
        ];
    }

    /** What the plan already takes for such work, else what suits it best. */
    private function productFor(Technique $technique): ?Product
    {
        if (! $technique->takesProduct()) {
            return null;
        }
        $last = null;
        foreach (array_reverse($this->plan->steps) as $step) {
            if ($step->technique === $technique->code) {
                $last = $this->plan->productOf($step);
                break;
            }
        }
        $need = Need::of($technique);
        if ($technique->role !== ColourRole::Base) {
            return $last ?? $this->shelf->find($need);
        }

        // Nobody sprays the same colour twice, nor that of the primer: the next one is another.
        return $this->shelf->find($need->apartFrom($this->coloursOfCoats(), self::ANOTHER)) ??
            $last ??
            $this->shelf->find($need);
    }

    /** @return list<Lab> of the primers and of the vehicle's own colours so far */
    private function coloursOfCoats(): array
    {
        $colours = [];
        foreach ($this->plan->steps as $step) {
            $technique = self::technique($step->technique);
            $colour = $this->plan->productOf($step)?->material->colour;
            if (
                $colour !== null &&
                ($technique->role === ColourRole::Base || $technique->kind->is(Nature::Prime))
            ) {
                $colours[] = $colour;
            }
        }

        return $colours;
    }

    /**
     * @param  list<string>  $zones
     * @param  int  $before  index of the step before which it is done
     * @return list<CleanUpPass> one pass with the gentlest liquid that still moves the fresh film; empty: no clean-up
     */
    private function cleanUpFor(Technique $technique, ?Product $product, array $zones, int $before): array
    {
        if ($technique->kind->is(Nature::CleanUp)) {
            $open = $this->openFor($zones, $before);

            return [new CleanUpPass($open === null ? null : self::gentlestFor($open->material->family), false, 0)];
        }
        $carrier = $product === null ? null : self::gentlestFor($product->material->family);

        return $technique->cleanUp === null || $carrier === null
            ? []
            : [new CleanUpPass($carrier, false, $technique->cleanUp->earliest + self::INTO_THE_WINDOW)];
    }

    /**
     * @param  list<string>  $zones
     * @return Product|null what the last step that is cleaned up laid on these zones; null: there is none
     */
    private function openFor(array $zones, int $before): ?Product
    {
        foreach (array_reverse(array_slice($this->plan->steps, 0, $before)) as $step) {
            if (
                array_intersect($step->zones, $zones) !== [] &&
                self::technique($step->technique)->cleanUp !== null
            ) {
                return $this->plan->productOf($step);
            }
        }

        return null;
    }

    private static function gentlestFor(BinderFamily $film): ?Carrier
    {
        foreach (Carrier::cases() as $carrier) {
            $level = AttackTable::onFilm($film, $carrier, CureState::TouchDry);
            if (in_array($carrier, $film->ownThinners(), true) && $level !== null && $level >= AttackTable::MOVES) {
                return $carrier;
            }
        }

        return null;
    }

    /** @throws Edit\EditRefused if there is no such technique */
    public static function technique(string $code): Technique
    {
        return TechniqueLibrary::has($code)
            ? TechniqueLibrary::get($code)
            : throw Edit\EditRefused::at('/technique', "There is no technique “{$code}” in the library.");
    }
}
