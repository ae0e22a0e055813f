<?php

declare(strict_types=1);

namespace Ulvrach\Forecast;

use Ulvrach\Chemistry\Load;
use Ulvrach\Colour\Lab;
use Ulvrach\Colour\Upsampler;
use Ulvrach\Evaluation\Walk;
use Ulvrach\Finish\Effect;
use Ulvrach\Finish\Finish;
use Ulvrach\Finish\Mark;
use Ulvrach\Mixing\Film;
use Ulvrach\Mixing\Paint;
use Ulvrach\Mixing\PaintMaker;
use Ulvrach\Palette\HidingPower;

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

    /** Of a light dust a clear coat swallows this share; the thicker it lies, the less. */
    private const SWALLOWED = 0.5;

    /** @var array<string, Film> by jar and thickness */
    private array $films = [];

    /** @var array<string, array<int, Colours>> by zone: from which step on (-1: before all) it has which colours */
    private array $changes = [];

    private function __construct(private readonly Walk $walk)
    {
    }

    public static function of(Walk $walk): self
    {
        $forecast = new self($walk);
        $forecast->run();

        return $forecast;
    }

    /** @return array<int, Colours> by the index of the step that changes them, -1 being the bare part */
    public function changesOf(string $zone): array
    {
        return $this->changes[$zone];
    }

    /** @param  int  $index  of a step; -1: before all */
    public function after(int $index, string $zone): Colours
    {
        $last = null;
        foreach ($this->changes[$zone] as $step => $colours) {
            if ($step > $index) {
                break;
            }
            $last = $colours;
        }

        return $last ?? throw new \LogicException('Every zone is bare before its first step.');
    }

    private function run(): void
    {
        $bare = Upsampler::reflectanceOf(Lab::fromHex(self::BARE));
        $start = new Colours(['face' => $bare, 'recess' => $bare, 'edge' => $bare, 'lower' => $bare]);
        $now = [];
        foreach (array_keys($this->walk->plan->zones) as $zone) {
            $now[$zone] = $start;
            $this->changes[$zone] = [-1 => $start];
        }
        foreach (Finish::of($this->walk) as $mark) {
            // Zones with the same history come to the same colours, which are worked out once.
            $known = [];
            foreach ($mark->zones as $zone) {
                $before = $now[$zone];
                $now[$zone] = $known[spl_object_id($before)] ??= $this->changed($before, $mark);
                if ($now[$zone] !== $before) {
                    $this->changes[$zone][$mark->step] = $now[$zone];
                }
            }
        }
    }

    private function changed(Colours $before, Mark $mark): Colours
    {
        return match ($mark->effect) {
            Effect::Sheen => $this->underClear($before, $mark),
            Effect::Fixed => $this->fixed($before, $mark->amount),
            Effect::Worn => $this->worn($before, $mark),
            Effect::Mask, Effect::Marking => $before,
            default => $this->laid($before, $mark),
        };
    }

    private function laid(Colours $before, Mark $mark): Colours
    {
        $paint = $this->paintOf($mark);
        if ($paint === null) {
            return $before;
        }
        [$reflectances, $dusted] = [$before->reflectances, $before->dusted];
        $thick = $this->thickness($mark);
        $reached = Laid::by($mark->effect);
        if ($mark->effect === Effect::Coat) {
            // A coat covers chips and streaks as well.
            unset($reflectances['patch'], $reflectances['chip'], $reflectances['streak']);
        }
        foreach (Spot::cases() as $spot) {
            $place = $spot->value;
            // What has grown on a face takes what the face takes, unless something is said of it.
            $likeFace = isset($reflectances[$place]) ? $reached[$spot->grewFrom()->value] ?? 0.0 : 0.0;
            $coats = ($reached[$place] ?? $likeFace) * $thick;
            if ($coats < self::NOTHING) {
                continue;
            }
            $ground = $reflectances[$place] ?? $reflectances[$spot->grewFrom()->value];
            $reflectances[$place] = $this->film($paint, $mark, $coats)->over($ground);
            unset($dusted[$place]);
            if ($mark->effect === Effect::Dust) {
                $dusted[$place] = [$ground, min(1.0, $coats)];
            }
        }

        return new Colours($reflectances, $mark->effect === Effect::Coat ? null : $before->clear, $dusted);
    }

    /** In coats of its jar, before places are told apart. */
    private function thickness(Mark $mark): float
    {
        $step = $this->walk->plan->steps[$mark->step];
        $product = $step->product === null ? null : $this->walk->plan->products[$step->product];
        $isThin = $product !== null && HidingPower::of($product->material) <= Laid::THIN;
        if ($mark->effect !== Effect::Coat && $mark->effect !== Effect::Patches) {
            return $mark->amount * ($isThin ? Laid::FLOODED : 1.0);
        }
        // A mist lays less than a coat, a loaded brush more.
        $each = match ($step->load) {
            Load::Dab => 0.3,
            Load::Mist => 0.4,
            Load::Brushed => 1.3,
            Load::Flood => 1.6,
            Load::Coat, null => 1.0,
        };

        return $mark->amount * max(1, $step->coats) * $each;
    }

    private function paintOf(Mark $mark): ?Paint
    {
        if ($mark->colour === null) {
            return null;
        }
        $product = $this->walk->plan->products[$this->walk->plan->steps[$mark->step]->product ?? ''] ?? null;

        return PaintMaker::paint($mark->colour, $product === null ? 0.9 : HidingPower::of($product->material));
    }

    private function film(Paint $paint, Mark $mark, float $coats): Film
    {
        $key = "{$mark->step} {$mark->effect->value} {$mark->colour?->l} {$coats}";

        return $this->films[$key] ??= Film::of($paint, $coats);
    }

    /** A clear coat deepens what lies below, and swallows part of a light dust. */
    private function underClear(Colours $before, Mark $mark): Colours
    {
        $reflectances = $before->reflectances;
        foreach ($before->dusted as $place => [$below, $amount]) {
            $swallowed = self::SWALLOWED * (1.0 - $amount);
            $reflectances[$place] = array_map(
                static fn (float $with, float $without): float => $with + $swallowed * ($without - $with),
                $reflectances[$place],
                $below,
            );
        }

        return new Colours($reflectances, $mark->sheen);
    }

    /** What lay loose turns darker. */
    private function fixed(Colours $before, float $amount): Colours
    {
        if ($before->dusted === []) {
            return $before;
        }
        $reflectances = $before->reflectances;
        foreach ($before->dusted as $place => [, $dust]) {
            $left = 1.0 - $amount * $dust;
            $reflectances[$place] = array_map(
                static fn (float $share): float => $left * $share,
                $reflectances[$place],
            );
        }

        return new Colours($reflectances, $before->clear);
    }

    /** Where it is worn through, what lies below is seen. */
    private function worn(Colours $before, Mark $mark): Colours
    {
        if ($mark->colour === null) {
            return $before;
        }

        return new Colours(
            [...$before->reflectances, 'chip' => Upsampler::reflectanceOf($mark->colour)],
            $before->clear,
            $before->dusted,
        );
    }
}
