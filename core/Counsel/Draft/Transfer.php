<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Counsel\Draft\Internal\Brief;
use Ulvrach\Counsel\Draft\Internal\Laying;
use Ulvrach\Counsel\Draft\Internal\Likeness;
use Ulvrach\Counsel\Draft\Internal\Mending;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;

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
        [$like, $alone] = Likeness::between($source, $target);
        $laying = new Laying($target->with(steps: [], products: []), Brief::of($target, $story), $own);
        $colours = self::colours($source, $story);
        $products = $steps = [];
        foreach ($source->steps as $step) {
            $zones = Likeness::zones($like, $step->zones, $target);
            if ($zones === [] && $step->zones !== []) {
                continue;
            }
            $product = $source->productOf($step);
            $product = $product === null ? null : self::exchanged($product, $colours, $laying);
            if ($product !== null) {
                $products[$product->id] = $product;
            }
            $steps[] = Likeness::moved($step, $zones, $product);
            $laying->reasons[$step->id] = $step->note;
        }
        $laying->plan = $target->with(steps: $steps, products: $products);
        $laying->left = array_map(
            static fn (Zone $zone) => "{$zone->name}: nothing on the other vehicle is like it.",
            $alone,
        );
        $verdict = $this->mending->mend($laying, $own);
        $exposure = Brief::of($target, $story)->exposure;

        return new Draft(
            $verdict,
            array_intersect_key($laying->reasons, array_flip(array_column($verdict->plan->steps, 'id'))),
            $laying->purchases(),
            array_map($exposure->of(...), $target->zones),
            $story->contradictions($target->build),
            $laying->left,
            $laying->remains,
            $laying->room,
        );
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
}
