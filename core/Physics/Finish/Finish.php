<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * A plan as it is seen: for every step what it adds to the picture, in the order in which it is laid. Colours are those
 * of the films as they come from the jar.
 */
final class Finish
{
    /** Per cent of a zone on which a work in spots usually lies: half as much is half as strong. */
    private const USUAL_SHARE = 50;

    /** Share of a face on which a wash stays that is cleaned off, by the sheen below: pores of matte paint drink. */
    private const DRUNK = ['matte' => 0.12, 'satin' => 0.04, 'gloss' => 0.01];

    /** The same where nobody cleans it off: it runs off what is smooth. */
    private const LEFT = ['matte' => 0.4, 'satin' => 0.3, 'gloss' => 0.2];

    /** How far it runs along lines: on matte paint it is drunk before it gets there. */
    private const POOLS = ['matte' => 0.7, 'satin' => 0.8, 'gloss' => 0.85];

    /** How much darker pigment turns that is bound: it comes back to about what it looked like wet. */
    private const FIXED = 0.25;

    /** @return list<Mark> in the order of the steps */
    public static function of(Walk $walk): array
    {
        $marks = [];
        foreach (array_keys($walk->plan->steps) as $index) {
            array_push($marks, ...self::ofStep($walk, $index));
        }

        return $marks;
    }

    /** @return list<Mark> what one step leaves to be seen, on zones that look alike */
    public static function ofStep(Walk $walk, int $index): array
    {
        $marks = [];
        $step = $walk->plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $product = $step->product === null ? null : $walk->plan->products[$step->product];
        $colour = $product?->material->colour;
        $alike = $known = [];
        foreach ($step->zones as $zone) {
            $before = $walk->before($index, $zone);
            // Zones in the same state show the same.
            $known[spl_object_id($before)] ??= self::keyed(self::seen($technique, $step, $colour, $before));
            foreach ($known[spl_object_id($before)] as [$key, $what]) {
                $alike[$key] ??= [...$what, []];
                $alike[$key][4][] = $zone;
            }
        }
        foreach ($alike as [$effect, $shown, $amount, $isSoft, $zones]) {
            foreach (self::byEnd($walk, $effect, $index, $zones) as [$until, $together]) {
                $marks[] = new Mark(
                    effect: $effect,
                    step: $index,
                    until: $until,
                    zones: $together,
                    colour: $shown,
                    // A share of the zone is strength for work in spots, and outline for patches of paint.
                    amount: $effect === Effect::Patches
                        ? $amount
                        : $amount * self::share($step) * self::times($technique, $step),
                    isSoft: $isSoft,
                    places: $step->extent === null ? [] : $step->extent->places,
                    panels: $step->extent === null ? [] : $step->extent->panels,
                    sheen: match (true) {
                        $effect === Effect::Sheen => $walk->layers[$index]?->sheen,
                        $step->technique === 'wet-mud' => Sheen::Gloss,
                        default => null,
                    },
                    share: $effect === Effect::Patches ? $step->extent?->share : null,
                    pattern: $effect === Effect::Patches ? $step->extent?->pattern : null,
                    sparesMarkings: $technique->sparesMarkings,
                    saidShare: $step->extent?->share,
                );
            }
        }

        return $marks;
    }

    /**
     * @param  list<array{Effect, Lab|null, float, bool}>  $seen
     * @return list<array{string, array{Effect, Lab|null, float, bool}}> each behind what tells it from others
     */
    private static function keyed(array $seen): array
    {
        $keyed = [];
        foreach ($seen as $what) {
            [$effect, $shown, $amount] = $what;
            $keyed[] = ["{$effect->value} {$shown?->key()} {$amount}", $what];
        }

        return $keyed;
    }

    /** How much more of it there is than is usual, for a share of its zones that somebody has said. */
    public static function share(Step $step): float
    {
        $share = $step->extent?->share;

        return $share === null ? 1.0 : min(1.6, $share / self::USUAL_SHARE);
    }

    /** How many times as thick as usual it lies where it lies. */
    private static function times(Technique $technique, Step $step): float
    {
        return $technique->role->hasAmount() ? $step->amount?->times() ?? 1.0 : 1.0;
    }

    /**
     * Zones by the step that takes a mask off them again.
     *
     * @param  list<string>  $zones
     * @return list<array{int|null, list<string>}>
     */
    private static function byEnd(Walk $walk, Effect $effect, int $index, array $zones): array
    {
        if ($effect !== Effect::Mask) {
            return [[null, $zones]];
        }
        $ends = [];
        foreach ($zones as $zone) {
            $until = null;
            for ($later = $index + 1; $later < count($walk->plan->steps) && $until === null; $later++) {
                $until = $walk->after($later, $zone)->maskedBy === null ? $later : null;
            }
            $ends[$until ?? -1] ??= [$until, []];
            $ends[$until ?? -1][1][] = $zone;
        }

        return array_values($ends);
    }

    /**
     * What a technique adds on a zone.
     *
     * @return list<array{Effect, Lab|null, float, bool}> effect, colour, amount, whether its edge is soft
     */
    private static function seen(Technique $technique, Step $step, ?Lab $colour, Strata $before): array
    {
        $sprayed = $step->application === Application::Airbrush || $step->application === Application::Can;

        $kind = $technique->kind;

        return match (true) {
            $kind->isAny(Nature::Prime, Nature::Colour) => self::coat($technique, $step, $colour, $before, $sprayed),
            $kind->is(Nature::Shade) => self::shade($technique, $colour),
            $kind->is(Nature::Detail) => self::detail($technique, $colour),
            $kind->is(Nature::Mask) => [[Effect::Mask, null, 1.0, false]],
            $kind->is(Nature::ClearCoat) => [[Effect::Sheen, null, 1.0, $sprayed]],
            $kind->is(Nature::Gloss) => $technique->coverage === Coverage::Whole && $colour !== null
                ? [[Effect::Coat, $colour, 1.0, false], [Effect::Sheen, null, 1.0, false]]
                : [[Effect::Sheen, null, 1.0, false]],
            $kind->is(Nature::LiftOff) => [[Effect::Worn, self::under($before), 0.5, false]],
            $kind->is(Nature::Abrade) => $technique->code === 'needle-scratches'
                ? [[Effect::Scratches, self::under($before), 0.5, false]]
                : [[Effect::Worn, self::under($before), 0.4, false]],
            $kind->is(Nature::Decal) => [[Effect::Marking, $colour, 1.0, false]],
            $kind->is(Nature::Filter) => [[Effect::Tint, $colour, $sprayed ? 0.14 : 0.18, $sprayed]],
            $kind->is(Nature::Wash) => self::wash($technique, $step, $colour, $before),
            $kind->is(Nature::Blend) => match ($technique->role) {
                ColourRole::Dust => [[Effect::Dust, $colour, 0.4, true]],
                ColourRole::Rust => [[Effect::Rust, $colour, 0.5, true]],
                ColourRole::Shade => [[Effect::Shade, $colour, 0.5, true]],
                default => [[Effect::Tint, $colour, 0.22, true]],
            },
            $kind->is(Nature::Chips) => match ($technique->code) {
                'dry-brush' => [[Effect::Highlight, $colour, 0.7, false]],
                'tape-scratches' => [[Effect::Scratches, $colour, 0.5, false]],
                'light-chips' => [[Effect::Chips, $colour, 0.5, false]],
                default => [[Effect::Chips, $colour, $technique->role === ColourRole::Metal ? 0.3 : 0.4, false]],
            },
            $kind->is(Nature::Streak) => in_array($technique->code, ['oil-stain', 'fuel-stain'], true)
                ? [[Effect::Stain, $colour, 0.6, true]]
                : [[Effect::Streaks, $colour, 0.5, true]],
            $kind->is(Nature::Metal) => $technique->code === 'metal-paint'
                ? [[Effect::Detail, $colour, 0.6, false]]
                : [[Effect::Polish, $colour, 0.6, false]],
            $kind->is(Nature::Pigment) => self::pigment($technique, $colour),
            $kind->is(Nature::FixPigment) => [[Effect::Fixed, null, self::FIXED, true]],
            $kind->is(Nature::Mud) => in_array($technique->code, ['mud-splash', 'speckle'], true)
                ? [[Effect::Splash, $colour, 0.5, false]]
                : [[Effect::Mud, $colour, $technique->code === 'wet-mud' ? 0.4 : 0.6, false]],
            default => [],
        };
    }

    /** @return list<array{Effect, Lab|null, float, bool}> */
    private static function coat(Technique $technique, Step $step, ?Lab $colour, Strata $before, bool $sprayed): array
    {
        if ($colour === null) {
            return [];
        }
        // Under a mask only what is left free takes the colour.
        if ($before->maskedBy !== null && $technique->kind->is(Nature::Colour)) {
            return [[Effect::Patches, $colour, 1.0, false]];
        }
        if ($technique->coverage === Coverage::Whole) {
            return $technique->role === ColourRole::Dust
                ? [[Effect::Dust, $colour, 0.6, true]]
                : [[Effect::Coat, $colour, $step->coats > 1 || ! $sprayed ? 1.0 : 0.92, $sprayed]];
        }

        return match ($technique->code) {
            'soft-camouflage' => [[Effect::Patches, $colour, 1.0, true]],
            'hard-camouflage' => [[Effect::Patches, $colour, 1.0, false]],
            'prime-repair' => [[Effect::Detail, $colour, 0.2, true]],
            default => [[Effect::Mottle, $colour, 0.8, $sprayed]],
        };
    }

    /** @return list<array{Effect, Lab|null, float, bool}> */
    private static function shade(Technique $technique, ?Lab $colour): array
    {
        return match ($technique->code) {
            'air-streak' => [[Effect::Streaks, $colour, 0.4, true]],
            'glaze' => [[Effect::Tint, $colour, 0.25, true]],
            'light-tone' => [[Effect::Mottle, $colour, 0.4, true]],
            default => match ($technique->role) {
                ColourRole::Shade => [[Effect::Shade, $colour, 0.6, true]],
                ColourRole::Dust => [[Effect::Dust, $colour, 0.35, true]],
                ColourRole::Tone => [[Effect::Shade, $colour, 0.35, true]],
                default => [[Effect::Mottle, $colour, 0.8, true]],
            },
        };
    }

    /** @return list<array{Effect, Lab|null, float, bool}> */
    private static function detail(Technique $technique, ?Lab $colour): array
    {
        return match (true) {
            $technique->code === 'marking-touch-up' => [],
            $technique->coverage === Coverage::Whole => [[Effect::Coat, $colour, 1.0, false]],
            $technique->role === ColourRole::Rust => [[Effect::Rust, $colour, 0.6, false]],
            default => [[Effect::Detail, $colour, 0.5, false]],
        };
    }

    /** @return list<array{Effect, Lab|null, float, bool}> */
    private static function wash(Technique $technique, Step $step, ?Lab $colour, Strata $before): array
    {
        $sheen = $before->sheen() ?? Sheen::Matte;
        if ($technique->role === ColourRole::Rust) {
            return [[Effect::Rust, $colour, 0.6, true]];
        }
        // What is not cleaned off the faces stays there; what is leaves as much as the ground has drunk of it.
        $faces = match (true) {
            $technique->code === 'pin-wash' => 0.0,
            $step->cleanUp === [] => self::LEFT[$sheen->value],
            default => self::DRUNK[$sheen->value],
        };

        return [
            ...$faces > 0.0 ? [[Effect::Tint, $colour, $faces, true]] : [],
            [Effect::Wash, $colour, self::POOLS[$sheen->value], true],
        ];
    }

    /** @return list<array{Effect, Lab|null, float, bool}> */
    private static function pigment(Technique $technique, ?Lab $colour): array
    {
        return match (true) {
            $technique->code === 'chalk-stains' => [[Effect::Streaks, $colour, 0.4, true]],
            $technique->role === ColourRole::Rust => [[Effect::Rust, $colour, 0.6, true]],
            $technique->role === ColourRole::Grime => [[Effect::Stain, $colour, 0.7, true]],
            default => [[Effect::Dust, $colour, 0.65, true]],
        };
    }

    /** What comes to light where paint is worn through: below the release film, or below the topmost colour. */
    private static function under(Strata $before): ?Lab
    {
        $release = $before->releaseFilm();
        $isBelow = $release === null;
        $layers = $before->layers;
        $passed = false;
        for ($place = count($layers) - 1; $place >= 0; $place--) {
            $layer = $layers[$place];
            if ($layer === $release) {
                $isBelow = true;

                continue;
            }
            if ($layer->coverage !== Coverage::Whole || $layer->colour() === null) {
                continue;
            }
            if ($isBelow && ($release !== null || $passed)) {
                return $layer->colour();
            }
            $passed = true;
        }

        return null;
    }
}
