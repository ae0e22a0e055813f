<?php

declare(strict_types=1);

namespace Ulvrach\Draft;

use Ulvrach\Colour\Lab;
use Ulvrach\Draft\Internal\Brief;
use Ulvrach\Draft\Internal\Laying;
use Ulvrach\Draft\Internal\Mending;
use Ulvrach\Material\Product;
use Ulvrach\Material\ProductShelf;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Zone;

/**
 * The plan of one vehicle on another: every zone gets what was done to the zone that is most like it, in the colours of
 * the new one.
 */
final readonly class Transfer
{
    /** CIEDE2000 within which a product is in one of the vehicle's own colours. */
    private const SAME = 3.0;

    public function __construct(private Mending $mending = new Mending())
    {
    }

    /**
     * @param  Plan  $source  with the steps that are taken over
     * @param  Plan  $target  with the zones that they go on
     * @param  Story  $story  of the target
     */
    public function onto(Plan $source, Plan $target, Story $story, ?ProductShelf $own = null): Draft
    {
        $like = $left = [];
        foreach ($target->zones as $zone) {
            $its = self::mostLike($zone, $source);
            if ($its === null) {
                $left[] = "{$zone->name}: nothing on the other vehicle is like it.";
            } else {
                $like[$its->id][] = $zone->id;
            }
        }
        $laying = new Laying($target->with(steps: [], products: []), Brief::of($target, $story), $own);
        $colours = self::colours($source, $story);
        $products = $steps = [];
        foreach ($source->steps as $step) {
            $zones = array_merge(...array_map(static fn (string $id) => $like[$id] ?? [], $step->zones));
            if ($zones === [] && $step->zones !== []) {
                continue;
            }
            $product = $source->productOf($step);
            $product = $product === null ? null : self::exchanged($product, $colours, $laying);
            if ($product !== null) {
                $products[$product->id] = $product;
            }
            $steps[] = self::moved($step, self::inOrder($zones, $target), $product);
            $laying->reasons[$step->id] = $step->note;
        }
        $laying->plan = $target->with(steps: $steps, products: $products);
        $laying->left = $left;
        $verdict = $this->mending->mend($laying, $own);
        $exposure = Brief::of($target, $story)->exposure;

        return new Draft(
            $verdict,
            array_intersect_key($laying->reasons, array_flip(array_column($verdict->plan->steps, 'id'))),
            $laying->purchases(),
            array_map($exposure->of(...), $target->zones),
            $story->contradictions($target->build),
            $laying->left,
        );
    }

    /** By what it is, then by where it is and what it is made of. */
    private static function mostLike(Zone $zone, Plan $source): ?Zone
    {
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($source->zones as $other) {
            $away = match (true) {
                $other->kind === $zone->kind && $other->depicts === $zone->depicts => 0,
                $other->kind === $zone->kind => 1,
                $other->depicts !== $zone->depicts || $other->kind->role() !== $zone->kind->role() => PHP_INT_MAX,
                $other->kind->group() === $zone->kind->group() => 2,
                default => 3,
            };
            if ($away < $least) {
                [$best, $least] = [$other, $away];
            }
        }

        return $best;
    }

    /** @return list<array{Lab, Lab}> a colour of the source, and what stands in its place */
    private static function colours(Plan $source, Story $story): array
    {
        $told = $source->build->brief;
        if ($told === null) {
            return [];
        }
        $pairs = [[$told->base, $story->base]];
        foreach ($told->more as $place => $colour) {
            $pairs[] = [$colour, $story->more[$place] ?? $colour];
        }

        return $pairs;
    }

    /** @param  list<array{Lab, Lab}>  $colours */
    private static function exchanged(Product $product, array $colours, Laying $laying): Product
    {
        foreach ($colours as [$from, $to]) {
            $colour = $product->material->colour;
            if ($colour !== null && $product->material->sheen !== null && $colour->differenceTo($from) <= self::SAME) {
                return $from->differenceTo($to) <= self::SAME ? $product : $laying->paint($to, 'Vehicle colour');
            }
        }

        return $product;
    }

    /**
     * Panels and what was accepted belong to the other vehicle.
     *
     * @param  list<string>  $zones
     */
    private static function moved(Step $step, array $zones, ?Product $product): Step
    {
        $extent = $step->extent === null
            ? null
            : new Extent($step->extent->share, $step->extent->places, [], $step->extent->pattern);

        return $step->with([
            'zones' => $zones,
            'product' => $product?->id,
            'accepted' => [],
            'merge' => null,
            'extent' => $extent === null || $extent->isUsual() ? null : $extent,
        ]);
    }

    /**
     * @param  list<string>  $zones
     * @return list<string> each once, in the order of the board
     */
    private static function inOrder(array $zones, Plan $target): array
    {
        return array_values(array_intersect(array_map(strval(...), array_keys($target->zones)), $zones));
    }
}
