<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Counsel\Draft\Internal\Brief;
use Ulvrach\Counsel\Draft\Internal\Colouring;
use Ulvrach\Counsel\Draft\Internal\Earthing;
use Ulvrach\Counsel\Draft\Internal\FoundMixes;
use Ulvrach\Counsel\Draft\Internal\Grounding;
use Ulvrach\Counsel\Draft\Internal\Laying;
use Ulvrach\Counsel\Draft\Internal\Marking;
use Ulvrach\Counsel\Draft\Internal\Mending;
use Ulvrach\Counsel\Draft\Internal\Parts;
use Ulvrach\Counsel\Draft\Internal\Thrift;
use Ulvrach\Counsel\Draft\Internal\Tinting;
use Ulvrach\Counsel\Draft\Internal\Wearing;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Story;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Technique\Pace;

/**
 * From a story to a plan. What each zone has been through says which traces it bears (Exposure); the school and the
 * shelf say with which technique each is made; the chapters stand in the order in which layers bear each other; what
 * the rules still object to is mended before anybody sees it. How it decides: docs/drafting.md.
 */
final readonly class Drafter
{
    public function __construct(
        private Mending $mending = new Mending(),
        private Evaluator $evaluator = new Evaluator(),
    ) {
    }

    /** Drafts some of a plan anew, and leaves all other steps as they are; locked ones in any case. */
    public function redraft(
        Plan $plan,
        Story $story,
        Redraft $wish,
        ?ProductShelf $own = null,
        Pace $pace = new Pace(),
    ): Draft {
        $draft = $this->draft($plan, $story, $own, $pace);
        if ($wish->isWhole($plan)) {
            return $draft;
        }
        $steps = Parts::exchanged($plan->steps, $draft->verdict->plan->steps, $wish);
        $kept = array_values(array_intersect(array_column($plan->steps, 'id'), array_column($steps, 'id')));
        $products = [...$draft->verdict->plan->products, ...$plan->products];
        $laying = new Laying($plan->with(steps: $steps, products: $products), Brief::of($plan, $story), $own);
        foreach ($steps as $step) {
            $laying->reasons[$step->id] = $step->note;
        }
        $verdict = $this->mending->mend($laying, $own, $kept);

        return $this->handed($verdict, $laying, Brief::of($plan, $story), $pace);
    }

    /** The plan as it stands, told as a draft is, so that others can be held against it. */
    public function asItStands(
        Plan $plan,
        Story $story,
        ?ProductShelf $own = null,
        Pace $pace = new Pace(),
    ): Draft {
        $laying = new Laying($plan, Brief::of($plan, $story), $own);
        foreach ($plan->steps as $step) {
            $laying->reasons[$step->id] = $step->note;
        }

        return $this->handed($this->evaluator->evaluate($plan), $laying, Brief::of($plan, $story), $pace);
    }

    /**
     * @param  Plan  $plan  whose build, zones, school and room are drafted for; its steps are put aside
     * @param  ProductShelf|null  $own  the jars that the person owns; null: nobody has said
     * @param  Pace  $pace  of the hands that the hours are counted for
     */
    public function draft(Plan $plan, Story $story, ?ProductShelf $own = null, Pace $pace = new Pace()): Draft
    {
        $empty = $plan->with(products: [], steps: []);
        $brief = Brief::of($empty, $story);
        [$laying, $brief] = $this->withinHours($empty, $brief, $own, $pace);
        $verdict = $this->mending->mend($laying, $own);

        return $this->handed($verdict, $laying, $brief, $pace);
    }

    /**
     * The richest draft that the hours do for; where even the plainest takes longer, that one.
     *
     * @return array{Laying, Brief}
     */
    private function withinHours(Plan $empty, Brief $brief, ?ProductShelf $own, Pace $pace): array
    {
        $most = $brief->story->ambition->hours()[1];
        $mixes = new FoundMixes();
        $laid = self::laid($empty, $brief, $own, $mixes);
        foreach (Thrift::cases() as $thrift) {
            $minutes = $laid[0]->plan->handsOn($pace);
            if ($most === null || $minutes <= $most * Minutes::HOUR) {
                break;
            }
            if (! $laid[0]->couldSave($thrift)) {
                continue;
            }
            $thriftier = self::laid($empty, $brief->without($thrift), $own, $mixes);
            if ($thriftier[0]->plan->handsOn($pace) < $minutes) {
                $brief = $brief->without($thrift);
                $laid = $thriftier;
            }
        }

        return $laid;
    }

    /** @return array{Laying, Brief} */
    private static function laid(Plan $empty, Brief $brief, ?ProductShelf $own, FoundMixes $mixes): array
    {
        $laying = new Laying($empty, $brief, $own, $mixes);
        $base = Colouring::base($laying, $brief);
        $brief = $brief->paintedWith($base->material->family);
        Grounding::lay($laying, $brief);
        Colouring::lay($laying, $brief, $base);
        Colouring::layParts($laying, $brief);
        Marking::seal($laying, $brief);
        Tinting::lay($laying, $brief);
        Wearing::lay($laying, $brief);
        Earthing::lay($laying, $brief);

        return [$laying, $brief];
    }

    private function handed(Verdict $verdict, Laying $laying, Brief $brief, Pace $pace): Draft
    {
        $plan = $verdict->plan;

        return new Draft(
            $verdict,
            array_intersect_key($laying->reasons, array_flip(array_column($plan->steps, 'id'))),
            $laying->purchases(),
            array_map($brief->exposure->of(...), $plan->zones),
            $brief->story->contradictions($plan->build),
            $laying->left,
            $laying->remains,
            $laying->room,
            $pace,
        );
    }
}
