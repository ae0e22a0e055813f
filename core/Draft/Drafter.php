<?php

declare(strict_types=1);

namespace Ulvrach\Draft;

use Ulvrach\Draft\Internal\Brief;
use Ulvrach\Draft\Internal\Colouring;
use Ulvrach\Draft\Internal\Earthing;
use Ulvrach\Draft\Internal\Grounding;
use Ulvrach\Draft\Internal\Laying;
use Ulvrach\Draft\Internal\Marking;
use Ulvrach\Draft\Internal\Mending;
use Ulvrach\Draft\Internal\Parts;
use Ulvrach\Draft\Internal\Tinting;
use Ulvrach\Draft\Internal\Wearing;
use Ulvrach\Material\ProductShelf;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Story;

/**
 * From a story to a plan. What each zone has been through says which traces it bears (Exposure); the school and the
 * shelf say with which technique each is made; the chapters stand in the order in which layers bear each other; what
 * the rules still object to is mended before anybody sees it. How it decides: docs/drafting.md.
 */
final readonly class Drafter
{
    public function __construct(private Mending $mending = new Mending())
    {
    }

    /**
     * Drafts one part of the work anew, and leaves all other steps as they are.
     *
     * @param  string  $part  as Stage::part() names it
     */
    public function redraft(Plan $plan, Story $story, string $part, ?ProductShelf $own = null): Draft
    {
        $draft = $this->draft($plan, $story, $own);
        $steps = Parts::exchanged($plan->steps, $draft->verdict->plan->steps, $part);
        $kept = array_values(array_intersect(array_column($plan->steps, 'id'), array_column($steps, 'id')));
        $products = [...$draft->verdict->plan->products, ...$plan->products];
        $laying = new Laying($plan->with(steps: $steps, products: $products), Brief::of($plan, $story), $own);
        foreach ($steps as $step) {
            $laying->reasons[$step->id] = $step->note;
        }
        $verdict = $this->mending->mend($laying, $own, $kept);

        return new Draft(
            $verdict,
            $laying->reasons,
            $laying->purchases(),
            $draft->budgets,
            $draft->contradictions,
            $laying->left,
        );
    }

    /**
     * @param  Plan  $plan  whose build, zones, school and room are drafted for; its steps are put aside
     * @param  ProductShelf|null  $own  the jars that the person owns; null: nobody has said
     */
    public function draft(Plan $plan, Story $story, ?ProductShelf $own = null): Draft
    {
        $empty = $plan->with(products: [], steps: []);
        $brief = Brief::of($empty, $story);
        $laying = new Laying($empty, $brief, $own);
        Grounding::lay($laying, $brief);
        Colouring::lay($laying, $brief);
        Colouring::layParts($laying, $brief);
        Marking::seal($laying, $brief);
        Tinting::lay($laying, $brief);
        Wearing::lay($laying, $brief);
        Earthing::lay($laying, $brief);
        $verdict = $this->mending->mend($laying, $own);
        $budgets = [];
        foreach ($plan->zones as $zone) {
            $budgets[$zone->id] = $brief->exposure->of($zone);
        }

        return new Draft(
            $verdict,
            array_intersect_key($laying->reasons, array_flip(array_column($verdict->plan->steps, 'id'))),
            $laying->purchases(),
            $budgets,
            $story->contradictions($plan->build),
            $laying->left,
        );
    }
}
