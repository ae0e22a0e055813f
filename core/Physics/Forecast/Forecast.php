<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Finish\Finish;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\HidingPower;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The colours that the places of every zone come to, step by step: films over what lies below them, after Kubelka and
 * Munk, as thick as each kind of work leaves them on each kind of place.
 */
final class Forecast
{
    /** Bare plastic, the light grey that most of it is cast in. */
    private const BARE = '#babab6';

    /** A mark thinner than this, in coats, is not laid: nobody would see it. */
    private const NOTHING = 0.004;

    /** What is more or less often there, and not more or less strong, by the share of a zone that it is on. */
    private const COUNTED = [
        Effect::Chips,
        Effect::Scratches,
        Effect::Streaks,
        Effect::Stain,
        Effect::Splash,
        Effect::Detail,
    ];

    /** Of a light dust a clear coat swallows this share; the thicker it lies, the less. */
    private const SWALLOWED = 0.5;

    /** @var array<string, array<int, Colours>> by zone: from which step on (-1: before all) it has which colours */
    private array $changes = [];

    /** @var array<string, non-empty-list<Colours>> */
    private array $timelines = [];

    /** @var array<string, int> by zone: index of the last step that covers it */
    private array $covered = [];

    /** @var list<Mark>|null what is laid, in order; null: still to be found */
    private ?array $marks = null;

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

    /** Nothing is computed before it is asked for. */
    public static function of(Walk $walk): self
    {
        return new self($walk);
    }

    /** The same with another jar, or more or less of it, in one step on one zone; times and layers stay. */
    public function withJar(int $index, Product $product, string $zone, ?Load $load = null): self
    {
        $other = new self($this->walk, [$index, $product, $load], $zone);
        $other->marks = $this->marks();

        return $other;
    }

    /** @return list<Mark> what the steps lay, in their order */
    public function marks(): array
    {
        return $this->marks ??= Finish::of($this->walk);
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
        $bare = Light::ground(Upsampler::reflectanceOf(Lab::fromHex(self::BARE)));
        $start = new Colours(['face' => $bare, 'recess' => $bare, 'edge' => $bare, 'lower' => $bare]);
        $now = [];
        $zones = array_keys($this->walk->plan->zones);
        foreach ($this->only === null ? $zones : [$this->only] as $zone) {
            $now[$zone] = $start;
            $this->changes[$zone] = [-1 => $start];
        }
        foreach ($this->marks() as $mark) {
            // Zones with the same history come to the same colours, which are worked out once.
            $known = [];
            [$paint, $coats] = [$this->paintOf($mark), $this->thickness($mark)];
            foreach ($this->only === null ? $mark->zones : array_intersect($mark->zones, [$this->only]) as $zone) {
                $before = $now[$zone];
                $now[$zone] = $known[spl_object_id($before)] ??= $this->changed($before, $mark, $paint, $coats);
                if ($now[$zone] !== $before) {
                    $this->changes[$zone][$mark->step] = $now[$zone];
                }
                if ($mark->effect === Effect::Coat) {
                    $this->covered[$zone] = $mark->step;
                }
            }
        }
    }

    /** @param  float  $coats  that the mark is thick, before places are told apart */
    private function changed(Colours $before, Mark $mark, ?Paint $paint, float $coats): Colours
    {
        return match ($mark->effect) {
            Effect::Sheen => $this->underClear($before, $mark),
            Effect::Fixed => $this->fixed($before, $mark->amount),
            Effect::Worn => $this->worn($before, $mark),
            Effect::Mask => $before,
            Effect::Marking => $this->marked($before, $mark),
            default => $paint === null ? $before : $this->laid($before, $mark->effect, $paint, $coats),
        };
    }

    private function laid(Colours $before, Effect $effect, Paint $paint, float $thick): Colours
    {
        [$lights, $dusted] = [$before->lights, $before->dusted];
        $reached = Laid::by($effect);
        if ($effect === Effect::Coat) {
            // A coat covers chips and streaks as well.
            unset($lights['patch'], $lights['chip'], $lights['streak'], $lights['marking']);
        }
        foreach (Spot::cases() as $spot) {
            $place = $spot->value;
            // What has grown on a face takes what the face takes, unless something is said of it.
            $likeFace = isset($lights[$place]) ? $reached[$spot->grewFrom()->value] ?? 0.0 : 0.0;
            $coats = ($reached[$place] ?? $likeFace) * $thick;
            if ($coats < self::NOTHING) {
                continue;
            }
            $ground = $lights[$place] ?? $lights[$spot->grewFrom()->value];
            $lights[$place] = $ground->under($paint, $coats);
            unset($dusted[$place]);
            if ($effect === Effect::Dust) {
                $dusted[$place] = [$ground, min(1.0, $coats)];
            }
        }

        return new Colours($lights, $effect === Effect::Coat ? null : $before->clear, $dusted);
    }

    /** In coats of its jar, before places are told apart. */
    private function thickness(Mark $mark): float
    {
        $step = $this->walk->plan->steps[$mark->step];
        $product = $this->productOf($mark);
        if ($mark->effect !== Effect::Coat && $mark->effect !== Effect::Patches) {
            $isThin = $product !== null && HidingPower::of($product->material) <= Laid::THIN;

            // Fewer chips are as dark as many.
            $share = in_array($mark->effect, self::COUNTED, true) ? Finish::share($step) : 1.0;

            return $mark->amount / $share * $this->strength($mark) * match (true) {
                $isThin => Laid::FLOODED,
                $product === null => 1.0,
                default => Laid::thinned($mark->effect, $product->material->family),
            };
        }
        $load = $this->loadOf($mark);

        return $mark->amount * max(1, $step->coats) * ($load === null ? 1.0 : self::weight($load));
    }

    /** How much more is laid than the work usually brings: its marks are as strong as it is usually done. */
    private function strength(Mark $mark): float
    {
        $load = $this->loadOf($mark);
        $step = $this->walk->plan->steps[$mark->step];
        $usual = TechniqueLibrary::get($step->technique)->loadBy($step->application);

        return $load === null ? 1.0 : self::weight($load) / self::weight($usual);
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

    private function paintOf(Mark $mark): ?Paint
    {
        if ($mark->colour === null) {
            return null;
        }
        $product = $this->productOf($mark);
        $other = $this->isInstead($mark) ? $product?->material->colour : null;

        $hides = $product === null ? 0.9 : HidingPower::of($product->material);

        return PaintMaker::paint($other ?? $mark->colour, $hides);
    }

    /** A clear coat deepens what lies below, and swallows part of a light dust. */
    private function underClear(Colours $before, Mark $mark): Colours
    {
        $lights = $before->lights;
        foreach ($before->dusted as $place => [$below, $amount]) {
            $swallowed = self::SWALLOWED * (1.0 - $amount);
            $lights[$place] = $lights[$place]->towards($below, $swallowed);
        }

        return new Colours($lights, $mark->sheen);
    }

    /** What lay loose turns darker. */
    private function fixed(Colours $before, float $amount): Colours
    {
        if ($before->dusted === []) {
            return $before;
        }
        $lights = $before->lights;
        foreach ($before->dusted as $place => [, $dust]) {
            $left = 1.0 - $amount * $dust;
            $lights[$place] = $lights[$place]->dimmedTo($left);
        }

        return new Colours($lights, $before->clear);
    }

    /** A decal hides what it lies on. */
    private function marked(Colours $before, Mark $mark): Colours
    {
        $own = $this->isInstead($mark) ? $this->instead[1]->material->colour ?? null : null;
        $colour = $own ?? $mark->colour;

        return $colour === null ? $before : $this->with($before, Spot::Marking, $colour);
    }

    /** Where it is worn through, what lies below is seen. */
    private function worn(Colours $before, Mark $mark): Colours
    {
        return $mark->colour === null ? $before : $this->with($before, Spot::Chip, $mark->colour);
    }

    private function with(Colours $before, Spot $spot, Lab $colour): Colours
    {
        return new Colours(
            [...$before->lights, $spot->value => Light::ground(Upsampler::reflectanceOf($colour))],
            $before->clear,
            // What comes new lies on the dust, or comes to light below it.
            array_diff_key($before->dusted, [$spot->value => 0]),
        );
    }
}
