<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/**
 * What a step leaves on each kind of place, by the two laws of docs/forecast.md: films lie over what is there and let
 * it through; grains and drops cover a share of it and leave the rest bare. Starting values from how such work is done
 * and from what is seen of it, to be corrected by whoever measures.
 */
final class Laid
{
    /**
     * @return array<string, float> by place: usual coats of the jar for an amount of one; what is left out is not
     *   reached. Places that grow with the effect, such as chips, are named by it.
     */
    public static function films(Effect $effect): array
    {
        return match ($effect) {
            // Sprayed or brushed all over; recesses get a little less, edges a little more worn brush.
            Effect::Coat => ['face' => 1.0, 'recess' => 0.9, 'edge' => 0.95, 'lower' => 1.0],
            Effect::Patches => ['patch' => 1.0],
            // A tint is thin and runs off what stands out.
            Effect::Tint => self::stain(),
            // A dab is a full film where it sits, and is gone over until it hides.
            Effect::Chips, Effect::Scratches => ['chip' => 9.0],
            // Paste stands up from the surface: of what lies below nothing is seen.
            Effect::Mud => ['lower' => 6.0],
            default => [],
        };
    }

    /** @return array<string, float> by place: the share that is covered where as much is laid as usual, 0 to 1 */
    public static function grains(Effect $effect): array
    {
        return match ($effect) {
            // Clouds leave gaps, least of all on open faces.
            Effect::Mottle => ['face' => 0.55, 'recess' => 0.2, 'edge' => 0.3, 'lower' => 0.4],
            // What a line holds is all but the jar's own colour; along its rims the ground is left.
            Effect::Wash => ['recess' => 0.74, 'lower' => 0.02],
            Effect::Shade => ['face' => 0.07, 'recess' => 0.5, 'lower' => 0.28],
            // A run is thick in its middle and torn at its sides.
            Effect::Streaks => ['streak' => 0.35, 'face' => 0.02],
            Effect::Rust => ['recess' => 0.5, 'streak' => 0.4, 'face' => 0.06, 'chip' => 0.45],
            Effect::Stain => ['recess' => 0.4, 'streak' => 0.5],
            Effect::Polish => ['edge' => 0.6],
            Effect::Detail => ['edge' => 0.6],
            // Lies on what looks up and below, settles in corners, is brushed off edges.
            Effect::Dust => ['face' => 0.09, 'recess' => 0.26, 'edge' => 0.04, 'lower' => 0.32],
            Effect::Mud => ['recess' => 0.2],
            Effect::Splash => ['lower' => 0.3, 'face' => 0.02],
            default => [],
        };
    }

    /** @return array<string, float> by place: of the share of a face on which a wash stays, that on other places */
    public static function stain(): array
    {
        return ['face' => 1.0, 'recess' => 1.6, 'edge' => 0.7, 'lower' => 1.1];
    }

    /** The amount of a mark at which an effect is laid as thick as usual. */
    public static function usual(Effect $effect): float
    {
        return match ($effect) {
            Effect::Mottle => 0.8,
            Effect::Wash => 0.85,
            Effect::Dust => 0.65,
            Effect::Stain, Effect::Rust, Effect::Shade, Effect::Polish, Effect::Mud => 0.6,
            default => 0.5,
        };
    }

    /** Lie over all that they are laid on: kept to the lower third, they leave the open faces above it as they are. */
    public const VEILS = [Effect::Tint, Effect::Shade, Effect::Dust, Effect::Splash];

    /** Where an effect is looked at; null: it has no colour of its own. */
    public static function shownOn(Effect $effect): ?Spot
    {
        return match ($effect) {
            Effect::Coat, Effect::Mottle, Effect::Tint => Spot::Face,
            Effect::Patches => Spot::Patch,
            Effect::Wash, Effect::Shade, Effect::Rust => Spot::Recess,
            Effect::Highlight, Effect::Polish, Effect::Detail => Spot::Edge,
            Effect::Chips, Effect::Scratches => Spot::Chip,
            Effect::Streaks, Effect::Stain => Spot::Streak,
            Effect::Dust, Effect::Mud, Effect::Splash => Spot::Lower,
            Effect::Marking => Spot::Marking,
            Effect::Worn, Effect::Mask, Effect::Sheen, Effect::Fixed => null,
        };
    }

    /** Films so thin that a jar of them hides a seventh of a coat are flooded on, in usual coats of theirs. */
    public const FLOODED = 5.0;

    /**
     * Coats of what comes from the jar that are left of it where it is thinned to run: paint is mostly thinner then, an
     * oil is thinned less, and a product made for such work comes ready.
     */
    public static function thinned(Effect $effect, BinderFamily $family): float
    {
        return match (true) {
            $effect !== Effect::Tint => 1.0,
            in_array($family, BinderFamily::paints(), true) => 0.35,
            // Drawn out until hardly any of it is left.
            $family === BinderFamily::ArtistOil => 0.15,
            default => 1.0,
        };
    }

    /** Share of the ground that a jar hides below which it counts as so thin. */
    public const THIN = 0.3;

    /** Share of the ground that one mist of paint leaves bare. */
    public const MIST_LEAVES = 0.65;

    /** L* by which dry-brushing lifts an edge: there the hand stops, however light the paint; docs/forecast.md. */
    public const LIFTS = 11.0;

    /** Share of an edge that it covers at most, where the paint is not much lighter. */
    public const LIFTS_BY_MOST = 0.5;

    /** How much of the light in pores goes astray where earth is damp, and where it is soaked; docs/forecast.md. */
    public const DAMP = 0.3;

    public const SOAKED = 0.55;
}
