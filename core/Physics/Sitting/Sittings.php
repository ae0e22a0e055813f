<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Sitting;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\SittingWish;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Which steps of a plan are one sitting: by what merges, by what has to be cleaned up while it can, by a palette or a
 * cup that is open, or because somebody wants it so. docs/sources.md, "sittings".
 */
final class Sittings
{
    /** Minutes for which hands rest within a sitting: longer, and one does something else meanwhile. */
    public const LONGEST_REST = 45;

    /** Minutes for which a palette of oils stays workable, at the least. */
    private const PALETTE = 240;

    /** @var array<int, int> by step: the sitting that it belongs to */
    private array $sittingOf = [];

    /** @var array<int, array{non-empty-list<int>, Bond|null, int}> by first step: steps, bond, longest rest */
    private array $sittings = [];

    private function __construct(private readonly Walk $walk)
    {
    }

    /** @return list<Sitting> every step is in one, most of them alone; in the order in which they begin */
    public static function of(Walk $walk): array
    {
        $own = new self($walk);
        foreach (array_keys($walk->plan->steps) as $index) {
            $own->place($index);
        }

        ksort($own->sittings);

        return array_values(array_map(static fn (array $one) => new Sitting(...$one), $own->sittings));
    }

    /** @return list<Sitting> those of more than one step */
    public static function ofSeveral(Walk $walk): array
    {
        return array_values(array_filter(self::of($walk), static fn (Sitting $one) => count($one->steps) > 1));
    }

    /**
     * The zones of all that is laid so far in the sitting of a step; of one that is none, its own.
     *
     * @return list<string>
     */
    public static function zonesUpTo(Walk $walk, int $index): array
    {
        $steps = [$index];
        foreach (self::of($walk) as $sitting) {
            if (in_array($index, $sitting->steps, true)) {
                $steps = array_filter($sitting->steps, static fn (int $step) => $step <= $index);
            }
        }
        $zones = array_map(static fn (int $step) => $walk->plan->steps[$step]->zones, $steps);

        return array_values(array_unique(array_merge(...array_values($zones), ...[[]])));
    }

    private function place(int $index): void
    {
        $step = $this->walk->plan->steps[$index];
        $bond = match ($step->sitting) {
            SittingWish::Apart => null,
            SittingWish::Joined => $index === 0 ? null : [[$index - 1], Bond::Wish, self::LONGEST_REST],
            null => $this->merged($index) ?? $this->cleaned($index) ?? ($index === 0 ? null : $this->beside($index)),
        };
        if ($bond === null) {
            $this->sittingOf[$index] = $index;
            $isCleaned = $step->cleanUp !== [];
            $this->sittings[$index] = [[$index], $isCleaned ? Bond::CleanUp : null, self::LONGEST_REST];

            return;
        }
        [$with, $kind, $rest] = $bond;
        $joined = array_values(array_unique(array_map(fn (int $step) => $this->sittingOf[$step], $with)));
        $sitting = min($joined);
        $steps = [$index];
        foreach ($joined as $number) {
            [$others, $before, $restBefore] = $this->sittings[$number];
            $steps = [...$steps, ...$others];
            [$kind, $rest] = count($others) > 1 && $restBefore <= $rest ? [$before, $restBefore] : [$kind, $rest];
            unset($this->sittings[$number]);
        }
        sort($steps);
        $this->sittings[$sitting] = [$steps, $kind, $rest];
        foreach ($steps as $step) {
            $this->sittingOf[$step] = $sitting;
        }
    }

    /**
     * @return array{non-empty-list<int>, Bond, int}|null the last step that it goes into while that is open, and for
     *   how long it is
     */
    private function merged(int $index): ?array
    {
        if ($this->walk->situations[$index]->kind->is(Nature::CleanUp)) {
            return null;
        }
        $bond = null;
        foreach ($this->walk->situations[$index]->mergedLayers() as $layer) {
            // Clay and loose grains never set, so there is no hurry.
            if ($layer->openUntil !== null && $this->isNext($layer->stepIndex, $index)) {
                $bond = [
                    [$layer->stepIndex],
                    $layer->film === BinderFamily::ArtistOil ? Bond::Palette : Bond::Merge,
                    $layer->openFor($this->walk->situations[$index]->work) - $layer->laidAt,
                ];
            }
        }

        return $bond;
    }

    /** @return array{non-empty-list<int>, Bond, int}|null the steps that it takes up again before they have set */
    private function cleaned(int $index): ?array
    {
        $situation = $this->walk->situations[$index];
        if (! $situation->kind->is(Nature::CleanUp)) {
            return null;
        }
        $cleaned = [];
        $soonest = PHP_INT_MAX;
        $times = $this->walk->times;
        foreach ($situation->touched as $touched) {
            foreach ($situation->cleanedLayers($touched->strata) as [$layer, $window]) {
                $isSoon = $times[$index]->start - $times[$layer->stepIndex]->end <= self::LONGEST_REST;
                if ($window->latest !== null && $isSoon && $this->isNext($layer->stepIndex, $index)) {
                    $cleaned[] = $layer->stepIndex;
                    $soonest = min($soonest, $window->latest);
                }
            }
        }

        return $cleaned === [] ? null : [$cleaned, Bond::CleanUp, $soonest];
    }

    /**
     * @return array{non-empty-list<int>, Bond, int}|null the step before, if both come from one palette or cup, or are
     *   tones of a rust
     */
    private function beside(int $index): ?array
    {
        $steps = $this->walk->plan->steps;
        [$step, $before] = [$steps[$index], $steps[$index - 1]];
        $rests = $this->walk->times[$index]->start - $this->walk->times[$index - 1]->end;
        if ($rests > self::LONGEST_REST || $step->zones === [] || $before->zones === []) {
            return null;
        }

        return match (true) {
            $this->isOil($step) && $this->isOil($before) => [[$index - 1], Bond::Palette, self::PALETTE],
            $this->isRound($step) && $this->isRound($before) && self::meet($step, $before) => [
                [$index - 1],
                Bond::Rounds,
                self::LONGEST_REST,
            ],
            $this->isRust($step) && $this->isRust($before) && self::meet($step, $before) => [
                [$index - 1],
                Bond::Tones,
                self::LONGEST_REST,
            ],
            self::isOneCup($step, $before) => [[$index - 1], Bond::Cup, self::LONGEST_REST],
            default => null,
        };
    }

    /** Whether nothing that has to come between them lies between them. */
    private function isNext(int $from, int $to): bool
    {
        $steps = $this->walk->plan->steps;
        for ($between = $from + 1; $between < $to; $between++) {
            if (
                $this->sittingOf[$between] !== $this->sittingOf[$from] &&
                self::meet($steps[$between], $steps[$from]) &&
                self::meet($steps[$between], $steps[$to])
            ) {
                return false;
            }
        }

        return true;
    }

    private function isOil(Step $step): bool
    {
        return $this->walk->plan->productOf($step)?->material->family === BinderFamily::ArtistOil &&
            TechniqueLibrary::get($step->technique)->kind->is(Nature::WorkedWet);
    }

    /** Lifting chips, or rubbing them open. */
    private function isRound(Step $step): bool
    {
        return TechniqueLibrary::get($step->technique)->kind->isAny(Nature::LiftOff, Nature::Abrade);
    }

    private function isRust(Step $step): bool
    {
        $technique = TechniqueLibrary::get($step->technique);

        return $technique->role === ColourRole::Rust && $technique->takesProduct() && ! self::isSprayed($step);
    }

    /** Sprayed on other parts with the same paint, thinned alike: the airbrush is filled once. */
    private static function isOneCup(Step $step, Step $before): bool
    {
        return self::isSprayed($step) &&
            $step->application === $before->application &&
            $step->product !== null &&
            $step->product === $before->product &&
            $step->thinner === $before->thinner &&
            ! self::meet($step, $before);
    }

    private static function isSprayed(Step $step): bool
    {
        return $step->application === Application::Airbrush || $step->application === Application::Can;
    }

    private static function meet(Step $one, Step $other): bool
    {
        return array_intersect($one->zones, $other->zones) !== [];
    }
}
