<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/**
 * How thick what a step lays comes to lie, by kind of place, in usual coats of its jar: starting values from how such
 * work is done and from what is seen of it, to be corrected by whoever measures. They are for an amount of one.
 */
final class Laid
{
    /**
     * @return array<string, float> by place; what is left out is not reached. Places that grow with the effect, such as
     *   chips, are named by it.
     */
    public static function by(Effect $effect): array
    {
        return match ($effect) {
            // Sprayed or brushed all over; recesses get a little less, edges a little more worn brush.
            Effect::Coat => ['face' => 1.0, 'recess' => 0.9, 'edge' => 0.95, 'lower' => 1.0],
            // Clouds leave gaps, least of all on open faces.
            Effect::Mottle => ['face' => 0.7, 'recess' => 0.25, 'edge' => 0.4, 'lower' => 0.5],
            Effect::Patches => ['patch' => 1.0],
            // A tint is thin and runs off what stands out.
            Effect::Tint => ['face' => 1.0, 'recess' => 1.6, 'edge' => 0.7, 'lower' => 1.1],
            // A wash is pulled into lines; what stays on faces is a tint of its own.
            Effect::Wash => ['recess' => 1.0, 'lower' => 0.08],
            Effect::Shade => ['face' => 0.12, 'recess' => 0.9, 'lower' => 0.5],
            Effect::Highlight => ['edge' => 0.7],
            Effect::Chips => ['chip' => 3.5],
            Effect::Scratches => ['chip' => 3.5],
            Effect::Streaks => ['streak' => 0.9, 'face' => 0.03],
            Effect::Rust => ['recess' => 0.9, 'streak' => 0.7, 'face' => 0.12],
            Effect::Stain => ['recess' => 0.5, 'streak' => 0.6],
            Effect::Polish => ['edge' => 1.2],
            Effect::Detail => ['edge' => 1.0],
            // Lies on what looks up and below, settles in corners, is brushed off edges.
            Effect::Dust => ['face' => 0.16, 'recess' => 0.45, 'edge' => 0.06, 'lower' => 0.6],
            Effect::Mud => ['lower' => 2.5, 'recess' => 0.2],
            Effect::Splash => ['lower' => 0.5, 'face' => 0.03],
            // Shown as what lies below, or changing what is there already.
            Effect::Worn, Effect::Mask, Effect::Sheen, Effect::Marking, Effect::Fixed => [],
        };
    }

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
        $runs = in_array($effect, [Effect::Tint, Effect::Wash, Effect::Streaks, Effect::Stain], true);

        return match (true) {
            ! $runs => 1.0,
            in_array($family, BinderFamily::paints(), true) => 0.35,
            $family === BinderFamily::ArtistOil => 0.7,
            // Wiped back to what sits in the lines.
            $family === BinderFamily::ClayWash => 0.6,
            default => 1.0,
        };
    }

    /** Share of the ground that a jar hides below which it counts as so thin. */
    public const THIN = 0.3;
}
