<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Sitting\Sitting;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Schedule\Internal\PieceMaker;
use Ulvrach\Schedule\Internal\Pieces;
use Ulvrach\Schedule\Internal\Portion;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The work that is still to do in several builds, as pieces and lags, and which of the pieces are one sitting; builds
 * share the hands, the airbrush and its colours. A sitting that is longer than an evening is cut into sections that are
 * not, zone by zone, where its work can be.
 */
final class Workload
{
    /** Minutes that work and its starts are counted in. */
    public const GRANULARITY = 5;

    /** Sections that a sitting is cut into at the most. */
    private const MOST_SECTIONS = 12;

    private Pieces $pieces;

    /** @var list<array{int, list<int>}> Unix minute, and the pieces that shall be done by then */
    private array $dates = [];

    private readonly Forecast $forecast;

    /**
     * @param  int  $now  Unix minute before which nothing can start
     * @param  array<string, int>  $putOff  "build step id" => Unix minute before which it shall not start
     * @param  bool  $hasLight  the week has daylight often enough for what wants it
     * @param  int|null  $evening  minutes that one is usually at the bench for; null: as long as it takes
     */
    public function __construct(
        private readonly int $now,
        private readonly array $putOff = [],
        private readonly Pace $pace = new Pace(),
        ?Forecast $forecast = null,
        private readonly bool $hasLight = false,
        private readonly ?int $evening = null,
    ) {
        $this->forecast = $forecast ?? Forecast::asPlanned();
        $this->pieces = new Pieces();
    }

    /**
     * How long a sitting takes at a stretch, rests counted, and into how many sections an evening cuts it.
     *
     * @param  int|null  $evening  minutes; null: as long as it takes
     * @return array{int|null, int} minutes; null: something in it dries for too long to be waited for
     */
    public static function measured(Walk $walk, Sitting $sitting, Pace $pace, ?int $evening): array
    {
        $work = new self(0, pace: $pace, evening: $evening);
        $maker = new PieceMaker('', $walk, 0, [], $pace, $work->forecast, false);
        $length = self::length($sitting, null, $maker);

        return [$length, count($work->sectionsOf($sitting, $walk->plan, $maker))];
    }

    public function __clone()
    {
        $this->pieces = clone $this->pieces;
    }

    /**
     * @param  int|null  $due  Unix minute by which the build shall be finished, if it can be
     * @param  array<string, mixed>  $heldBack  by id: steps that are not laid
     */
    public function add(string $build, Walk $walk, ?int $due = null, array $heldBack = []): void
    {
        $before = $this->pieces->count();
        $maker = new PieceMaker(
            $build,
            $walk,
            $this->now,
            $this->putOff,
            $this->pace,
            $this->forecast,
            $this->hasLight,
        );
        $sittings = $this->sittings($walk, $heldBack);
        $sectionsOf = [];
        foreach ($sittings as $number => $sitting) {
            $sectionsOf[$number] = $this->sectionsOf($sitting, $walk->plan, $maker);
        }
        $firsts = $lasts = [];
        // Step by step, so that each finds what it comes after; the sections of a sitting are done one by one.
        foreach (self::inOrder($sittings) as [$index, $number]) {
            foreach ($sectionsOf[$number] as $place => $section) {
                $from = $this->pieces->count();
                $maker->add($this->pieces, $index, "{$build} {$number}", $section);
                if ($sittings[$number]->bond === null) {
                    $this->pieces->apart($from);
                }
                if ($from < $this->pieces->count()) {
                    $firsts[$number][$place] ??= $from;
                    $lasts[$number][$place] = $this->pieces->count() - 1;
                }
            }
        }
        foreach ($firsts as $number => $sections) {
            foreach ($sections as $place => $first) {
                // Side by side they would only stand in each other's way.
                if (isset($lasts[$number][$place - 1])) {
                    $this->pieces->lag($lasts[$number][$place - 1], $first, 0);
                }
            }
        }
        if ($due !== null && $before < $this->pieces->count()) {
            $this->dates[] = [$due, range($before, $this->pieces->count() - 1)];
        }
    }

    /** @return list<Job> by piece of work */
    public function jobs(): array
    {
        return $this->pieces->jobs;
    }

    /** @return array<int, string> by piece of work: the sitting, or the section of it, that it belongs to */
    public function sittingOfPieces(): array
    {
        return $this->pieces->sittings;
    }

    public function problem(Calendar $calendar, int $setup): Problem
    {
        $last = $calendar->sessions === [] ? 0 : $calendar->sessions[count($calendar->sessions) - 1][1];

        return new Problem(
            sessions: $calendar->sessions,
            sprayWindows: $calendar->compressor,
            daylight: $calendar->daylight,
            setup: $setup,
            horizon: $last,
            granularity: self::GRANULARITY,
            activities: $this->pieces->activities,
            lags: $this->pieces->lags,
            dates: $this->dates,
        );
    }

    /**
     * @param  array<string, mixed>  $heldBack
     * @return list<Sitting> of what is still to do
     */
    private function sittings(Walk $walk, array $heldBack): array
    {
        $left = [];
        foreach (Sittings::of($walk) as $sitting) {
            $steps = array_values(
                array_filter($sitting->steps, static function (int $index) use ($walk, $heldBack): bool {
                    $step = $walk->plan->steps[$index];

                    return ! $walk->isDone($index) && $step->zones !== [] && ! isset($heldBack[$step->id]);
                }),
            );
            if ($steps !== []) {
                $left[] = new Sitting($steps, $sitting->bond, $sitting->rest);
            }
        }

        return $left;
    }

    /**
     * @param  list<Sitting>  $sittings
     * @return list<array{int, int}> step and sitting, in the order of the plan
     */
    private static function inOrder(array $sittings): array
    {
        $order = [];
        foreach ($sittings as $number => $sitting) {
            foreach ($sitting->steps as $index) {
                $order[] = [$index, $number];
            }
        }
        sort($order);

        return $order;
    }

    /**
     * The fewest sections that an evening is long enough for, and in which nothing dries before it is cleaned.
     *
     * @return non-empty-list<Portion|null> null: all of it
     */
    private function sectionsOf(Sitting $sitting, Plan $plan, PieceMaker $maker): array
    {
        $work = $this->workByZone($sitting, $plan);
        if ($this->evening === null || $work === [] || $this->fits($sitting, null, $maker)) {
            return [null];
        }
        for ($count = 2; $count <= self::MOST_SECTIONS; $count++) {
            $sections = Portion::cut($work, $count);
            $tooLong = array_filter($sections, fn (Portion $one) => ! $this->fits($sitting, $one, $maker));
            if ($tooLong === []) {
                return $sections;
            }
        }

        return [null];
    }

    private function fits(Sitting $sitting, ?Portion $section, PieceMaker $maker): bool
    {
        $length = self::length($sitting, $section, $maker);

        return $length !== null && $length <= (int) $this->evening;
    }

    private static function length(Sitting $sitting, ?Portion $section, PieceMaker $maker): ?int
    {
        $alone = new Pieces();
        foreach ($sitting->steps as $index) {
            $maker->add($alone, $index, '', $section);
        }

        return Blocks::length($alone->activities, $alone->lags);
    }

    /** @return array<string, float> by zone, in the order of the plan; empty: the sitting cannot be cut */
    private function workByZone(Sitting $sitting, Plan $plan): array
    {
        $work = [];
        foreach ($sitting->steps as $index) {
            $step = $plan->steps[$index];
            if (! self::canBeCut($step)) {
                return [];
            }
            foreach ($step->zones as $zone) {
                $work[$zone] = ($work[$zone] ?? 0.0) + $plan->workOf($step->onZones([$zone]));
            }
        }

        $inOrder = [];
        foreach (array_keys($plan->zones) as $zone) {
            if (($work[$zone] ?? 0.0) > 0.0) {
                $inOrder[$zone] = $work[$zone];
            }
        }

        return $inOrder;
    }

    /** Whether half of it can be done today: what is worked by hand while it is open, and cleaned. */
    private static function canBeCut(Step $step): bool
    {
        $technique = TechniqueLibrary::get($step->technique);
        $sprayed = $step->application === Application::Airbrush || $step->application === Application::Can;

        return ! $sprayed &&
            ($technique->cleanUp !== null ||
                $technique->kind->isAny(Nature::WorkedWet, Nature::DrawnOff, Nature::CleanUp, Nature::LiftOff));
    }
}
