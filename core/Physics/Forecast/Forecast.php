<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Finish\Finish;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Plan\Supply\Thinning;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The colours that the places of every zone come to, step by step, by two laws of light: films lie over what is below
 * them (Kubelka and Munk), grains and drops cover a share of it (Murray and Davies), as much as each kind of work
 * leaves on each kind of place.
 */
final class Forecast
{
    /** Bare plastic, the light grey that most of it is cast in. */
    private const BARE = '#babab6';

    /** Places that every zone has, whatever is done to it. */
    private const ALWAYS_THERE = ['face' => true, 'recess' => true, 'edge' => true, 'lower' => true];

    /** Of a light dust a clear coat swallows this share; the thicker it lies, the less. */
    private const SWALLOWED = 0.5;

    /** @var array<string, array<int, Colours>> by zone: from which step on (-1: before all) it has which colours */
    private array $changes = [];

    /** @var array<string, non-empty-list<Colours>> */
    private array $timelines = [];

    /** @var array<string, int> by zone: index of the last step that covers it */
    private array $covered = [];

    /** @var array<int, list<Laying>>|null what is laid, by step; null: still to be found */
    private ?array $layings = null;

    /** What every zone is like before the first step. */
    private ?Colours $bare = null;

    /**
     * @param  array{int, Product, Load|null}|null  $instead  index of a step, and what it is done with instead, and how
     *   much of it; null: as much as before
     * @param  string|null  $only  id of the one zone that is asked for; null: all
     */
    private function __construct(
        private readonly Walk $walk,
        private readonly ?array $instead = null,
        private readonly ?string $only = null,
    ) {
    }

    /**
     * Nothing is computed before it is asked for.
     *
     * @param  self|null  $like  of a plan that differs in a few steps: what is laid alike on the same ground is taken
     *   over from it
     */
    public static function of(Walk $walk, ?self $like = null): self
    {
        $forecast = new self($walk);
        if ($like?->layings !== null && $like->instead === null) {
            $forecast->bare = $like->bare();
            $forecast->layings = [];
            foreach ($walk->situations as $index => $situation) {
                $own = $like->walk->situations[$index] ?? null;
                // How long a mask stays on is for the steps after it to say.
                $isKnown = $own !== null && $situation->isFrom($own) && ! $situation->kind->is(Nature::Mask);
                $forecast->layings[$index] = $isKnown ? $like->layings[$index] : $forecast->layingsOf($index);
            }
        }

        return $forecast;
    }

    /** The same with another jar, or more or less of it, in one step on one zone; times and layers stay. */
    public function withJar(int $index, Product $product, string $zone, ?Load $load = null): self
    {
        $other = new self($this->walk, [$index, $product, $load], $zone);
        $other->bare = $this->bare();
        $other->layings = $this->layings();
        $other->layings[$index] = $other->layingsOf($index);
        for ($later = $index + 1, $count = count($other->layings); $later < $count; $later++) {
            // What comes of a jar that is only tried is not remembered.
            $other->layings[$later] = array_map(
                static fn (Laying $laying) => new Laying($laying->mark, $laying->stroke),
                $other->layings[$later],
            );
        }

        return $other;
    }

    /** @return list<Mark> what the steps lay, in their order */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->layings() as $layings) {
            foreach ($layings as $laying) {
                $marks[] = $laying->mark;
            }
        }

        return $marks;
    }

    /** @return array<int, list<Laying>> by step */
    private function layings(): array
    {
        if ($this->layings === null) {
            $this->layings = [];
            foreach (array_keys($this->walk->plan->steps) as $index) {
                $this->layings[$index] = $this->layingsOf($index);
            }
        }

        return $this->layings;
    }

    /** @return list<Laying> of one step */
    private function layingsOf(int $index): array
    {
        return array_map(
            fn (Mark $mark) => new Laying($mark, $this->strokeOf($mark)),
            Finish::ofStep($this->walk, $index),
        );
    }

    /** The kind of place on which a step shows most; null: it shows nowhere by a colour of its own. */
    public function spotOf(int $index): ?Spot
    {
        $shown = null;
        foreach ($this->marks() as $mark) {
            $spot = $mark->step === $index && $mark->colour !== null ? Laid::shownOn($mark->effect) : null;
            // A wash leaves a tint on faces as well, but it is its lines that are looked at.
            $shown = $shown === null || $shown === Spot::Face ? $spot ?? $shown : $shown;
        }

        return $shown;
    }

    /** @return array<int, Colours> by the index of the step that changes them, -1 being the bare part */
    public function changesOf(string $zone): array
    {
        if ($this->changes === []) {
            $this->run();
        }

        return $this->changes[$zone];
    }

    /** Index of the last step that covers the whole zone; -1: none does. What was done before it is not seen. */
    public function lastCoatOn(string $zone): int
    {
        return $this->changesOf($zone) === [] ? -1 : $this->covered[$zone] ?? -1;
    }

    public function atEnd(string $zone): Colours
    {
        return $this->after(count($this->walk->plan->steps) - 1, $zone);
    }

    /** @param  int  $index  of a step; -1: before all */
    public function after(int $index, string $zone): Colours
    {
        $timeline = $this->timeline($zone);

        return $timeline[min($index + 1, count($timeline) - 1)];
    }

    /** @return non-empty-list<Colours> of a zone: bare, then after each step */
    private function timeline(string $zone): array
    {
        if (isset($this->timelines[$zone])) {
            return $this->timelines[$zone];
        }
        $changes = $this->changesOf($zone);
        $now = $changes[-1];
        $timeline = [$now];
        foreach (array_keys($this->walk->plan->steps) as $index) {
            $now = $changes[$index] ?? $now;
            $timeline[] = $now;
        }

        return $this->timelines[$zone] = $timeline;
    }

    private function run(): void
    {
        $start = $this->bare();
        $now = [];
        $zones = array_keys($this->walk->plan->zones);
        foreach ($this->only === null ? $zones : [$this->only] as $zone) {
            $now[$zone] = $start;
            $this->changes[$zone] = [-1 => $start];
        }
        foreach ($this->layings() as $index => $layings) {
            foreach ($layings as $laying) {
                $mark = $laying->mark;
                foreach ($this->only === null ? $mark->zones : array_intersect($mark->zones, [$this->only]) as $zone) {
                    $before = $now[$zone];
                    // Zones with the same history come to the same colours, which are worked out once.
                    $after = $laying->known($before) ??
                        $laying->comesTo($before, $this->changed($before, $mark, $laying->stroke));
                    if ($after !== $before) {
                        $this->changes[$zone][$index] = $now[$zone] = $after;
                    }
                    if ($mark->effect === Effect::Coat) {
                        $this->covered[$zone] = $index;
                    }
                }
            }
        }
    }

    private function bare(): Colours
    {
        $bare = Light::ground(Lab::fromHex(self::BARE));

        return $this->bare ??= new Colours(['face' => $bare, 'recess' => $bare, 'edge' => $bare, 'lower' => $bare]);
    }

    private function changed(Colours $before, Mark $mark, ?Stroke $stroke): Colours
    {
        return match ($mark->effect) {
            Effect::Sheen => $this->underClear($before, $mark),
            Effect::Fixed => $this->fixed($before),
            Effect::Worn => $this->worn($before, $mark),
            Effect::Mask => $before,
            Effect::Marking => $this->marked($before, $mark),
            default => $stroke === null ? $before : $this->laid($before, $mark->step, $stroke),
        };
    }

    private function laid(Colours $before, int $step, Stroke $stroke): Colours
    {
        $isCoat = $stroke->effect === Effect::Coat;
        // A coat covers chips and streaks as well.
        $now = $isCoat ? $this->buried($before, $stroke) : $before;
        foreach ($stroke->makes as $spot) {
            $now = $now->making($spot, $step, $now->lights[$spot->grewFrom()->value]);
        }
        [$lights, $dusted] = [$now->lights, $now->dusted];
        foreach ($lights as $place => $ground) {
            $light = $stroke->over($ground, $place);
            if ($light === $ground) {
                continue;
            }
            $lights[$place] = $light;
            if ($stroke->effect === Effect::Dust) {
                // Dust on dust lies on what the first lies on.
                [$below, $was] = $dusted[$place] ?? [$ground, 0.0];
                $dusted[$place] = [$below, 1.0 - (1.0 - $was) * (1.0 - $stroke->shareOn($place))];
            } else {
                unset($dusted[$place]);
            }
        }

        return $now->showing($lights, $dusted);
    }

    private function buried(Colours $before, Stroke $coat): Colours
    {
        $left = array_filter(
            $before->lights,
            static fn (string $place) => isset(self::ALWAYS_THERE[$place]) || $coat->leaves($place),
            ARRAY_FILTER_USE_KEY,
        );

        return new Colours($left, null, $before->dusted, array_intersect_key($before->makers, $left));
    }

    /** What a mark lays, with the jar it is laid with; null: it has no colour. */
    private function strokeOf(Mark $mark): ?Stroke
    {
        $step = $this->walk->plan->steps[$mark->step];
        $product = $this->productOf($mark);
        $colour = $this->isInstead($mark) ? $product->material->colour ?? $mark->colour : $mark->colour;
        if ($colour === null) {
            return null;
        }
        $technique = TechniqueLibrary::get($step->technique);
        $load = $this->loadOf($mark);
        $weight = $load === null ? 1.0 : self::weight($load);
        $thin = $product === null ? 1.0 : Thinning::ofUsual($step, $technique, $product->material);

        return Stroke::of(
            mark: $mark,
            colour: $colour,
            material: $product?->material,
            // What lies on a tenth of a zone only is as strong there as what lies all over.
            amount: $mark->effect === Effect::Patches ? $mark->amount : $mark->amount / Finish::share($step),
            coats: max(1, $step->coats),
            ofUsual: max(1, $step->coats) / $technique->coats,
            weight: $weight,
            thin: $thin,
            strength: $load === null ? 1.0 : $weight / self::weight($technique->loadBy($step->application)),
            isMist: $load === Load::Mist,
            isStain: $technique->kind->is(Nature::Wash),
        );
    }

    private function loadOf(Mark $mark): ?Load
    {
        $other = $this->instead !== null && $this->instead[0] === $mark->step ? $this->instead[2] : null;

        return $other ?? $this->walk->plan->steps[$mark->step]->load;
    }

    /** A mist lays less than a coat, a loaded brush more. */
    private static function weight(Load $load): float
    {
        return match ($load) {
            Load::Dab => 0.3,
            Load::Mist => 0.4,
            Load::Coat => 1.0,
            Load::Brushed => 1.3,
            Load::Flood => 1.6,
        };
    }

    private function productOf(Mark $mark): ?Product
    {
        return $this->instead !== null && $this->instead[0] === $mark->step
            ? $this->instead[1]
            : $this->walk->plan->products[$this->walk->plan->steps[$mark->step]->product ?? ''] ?? null;
    }

    /** Whether its colour is that of a jar which is another now; what is uncovered stays what it is. */
    private function isInstead(Mark $mark): bool
    {
        return $this->instead !== null && $this->instead[0] === $mark->step && $mark->effect !== Effect::Worn;
    }

    /** A clear coat deepens what lies below, and swallows part of a light dust. */
    private function underClear(Colours $before, Mark $mark): Colours
    {
        $lights = $before->lights;
        if (TechniqueLibrary::get($this->walk->plan->steps[$mark->step]->technique)->coverage !== Coverage::Whole) {
            // What shines wet in places only stands in hollows and below.
            foreach ([Spot::Recess->value, Spot::Lower->value] as $place) {
                $lights[$place] = $lights[$place]->soaked(Laid::DAMP);
            }

            return $before->showing($lights, $before->dusted);
        }
        foreach ($before->dusted as $place => [$below, $amount]) {
            $swallowed = self::SWALLOWED * (1.0 - $amount);
            $lights[$place] = $lights[$place]->towards($below, $swallowed);
        }

        return new Colours($lights, $mark->sheen, makers: $before->makers);
    }

    /** The pores of what lay loose are filled: it turns darker, the more of it there is. */
    private function fixed(Colours $before): Colours
    {
        $lights = $before->lights;
        foreach ($before->dusted as $place => [, $dust]) {
            $lights[$place] = $lights[$place]->soaked($dust * Laid::DAMP);
        }

        return $before->dusted === [] ? $before : $before->showing($lights, $before->dusted);
    }

    /** A decal hides what it lies on. */
    private function marked(Colours $before, Mark $mark): Colours
    {
        $own = $this->isInstead($mark) ? $this->instead[1]->material->colour ?? null : null;

        return $this->uncovered($before, $mark->step, Spot::Marking, $own ?? $mark->colour);
    }

    /** Where it is worn through, what lies below is seen. */
    private function worn(Colours $before, Mark $mark): Colours
    {
        return $this->uncovered($before, $mark->step, Spot::Chip, $mark->colour);
    }

    private function uncovered(Colours $before, int $step, Spot $spot, ?Lab $colour): Colours
    {
        return $colour === null
            ? $before
            : $before->making($spot, $step, Light::ground($colour));
    }
}
