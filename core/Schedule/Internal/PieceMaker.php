<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

use Ulvrach\Physics\Evaluation\BenchAir;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Wait;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Step;
use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Job;
use Ulvrach\Schedule\JobPart;
use Ulvrach\Schedule\Loss;
use Ulvrach\Schedule\Workload;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The steps of one build as pieces of work: each coat and each clean-up is one of its own, since other work fits
 * between them unless they are one sitting; and what has to lie between them.
 *
 * @internal to Ulvrach\Schedule
 */
final readonly class PieceMaker
{
    /** Minutes below which nobody puts work down to go on tomorrow. */
    private const SMALL = 30;

    /** Minutes that are worth taking work up for that goes on tomorrow. */
    private const LEAST_PART = 15;

    /** Minutes up to which a wait that somebody has typed means "then", and not "at some time after that". */
    private const SOON = 60;

    /** Minutes by which such a wait may grow. */
    private const GIVE = 30;

    private FilmClock $clock;

    /**
     * @param  int  $now  Unix minute before which nothing can start
     * @param  array<string, int>  $putOff  "build step id" => Unix minute before which it shall not start
     * @param  bool  $hasLight  the week has daylight often enough for what wants it
     */
    public function __construct(
        private string $build,
        private Walk $walk,
        private int $now,
        private array $putOff,
        private Pace $pace,
        private Forecast $forecast,
        private bool $hasLight,
    ) {
        $this->clock = new FilmClock($walk, $forecast);
    }

    /** @param  Portion|null  $portion  of its zones; null: all of them */
    public function add(Pieces $pieces, int $index, string $sitting, ?Portion $portion = null): void
    {
        $step = $this->walk->plan->steps[$index];
        if ($portion !== null && $portion->of($step->zones) === []) {
            return;
        }
        $technique = TechniqueLibrary::get($step->technique);
        $section = $portion === null ? 1 : $portion->number;
        $first = $pieces->count();
        $this->addCoats($pieces, $index, "{$sitting} {$section}", $portion);
        $stroke = $pieces->count() - 1;
        $cleaning = 0;
        if ($step->cleanUp !== [] && ! $technique->kind->is(Nature::CleanUp)) {
            $cleaning = $this->addCleanUp($pieces, $index, $stroke, "{$sitting} {$section}", $portion);
        }
        $this->addLags($pieces, $index, $first, $sitting, $section);
        $done = new Done($first, $stroke, $pieces->count() - 1, $cleaning, $sitting, $section);
        $pieces->done($this->build, $index, $done);
    }

    private function addCoats(Pieces $pieces, int $index, string $sitting, ?Portion $portion): void
    {
        $step = $this->walk->plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $product = $this->walk->plan->productOf($step);
        $sprays = $step->application === Application::Airbrush && $product !== null;
        $area = $this->workOn($step, $portion);
        [$notBefore, $notAfter] = $this->bounds($index);
        $recoat = $product === null || $step->coats === 1 ? 0 : $this->recoat($step, $technique);
        $coats = $product === null ? 1 : $step->coats;
        for ($coat = 1; $coat <= $coats; $coat++) {
            // Filling the airbrush is counted by the schedule, which saves it where the colour stays.
            $setUp = $coat === 1 && ! $sprays ? $technique->setUpMinutes : 0;
            $cleaning = $technique->kind->is(Nature::CleanUp) ? $this->pace->cleanMinutes($technique) : 0.0;
            $minutes =
                $setUp +
                ($cleaning * $area) / 100 +
                (($this->pace->applyMinutes($technique) * $area) / 100) * ($product === null ? $step->coats : 1);
            $place = $pieces->add(
                new Activity(
                    name: $this->name($index, $portion),
                    active: $this->rounded($minutes),
                    split: $minutes >= self::SMALL && ! $sprays && $technique->kind->is(Nature::CanPause),
                    spray: $sprays ? $product->name : null,
                    daylight: $technique->kind->is(Nature::Look) && $technique->pauseMinutes > 0 && $this->hasLight,
                    notBefore: $coat === 1 ? $notBefore : 0,
                    notAfter: $coat === 1 ? $notAfter : null,
                    leastPart: self::LEAST_PART,
                ),
                $this->job($index, $coats === 1 ? JobPart::Work : JobPart::Coat, $portion, $coat, $coats),
                $sitting,
            );
            if ($coat > 1) {
                $pieces->lag($place - 1, $place, $recoat);
            }
        }
    }

    /** Minutes until a coat bears the next. */
    private function recoat(Step $step, Technique $technique): int
    {
        $bench = $this->walk->plan->bench;
        $family = $this->walk->plan->productOf($step)?->material->family;
        if ($family === null) {
            return 0;
        }
        $row = CureTable::for($family, $technique->kind, $step->load ?? $technique->loadBy($step->application));

        return $this->forecast->longest(new Wait($row->at(BenchAir::of($bench))->recoatable[1], $row->laws[1]), $bench);
    }

    /** @return int minutes from the last stroke until it is clean */
    private function addCleanUp(Pieces $pieces, int $index, int $stroke, string $sitting, ?Portion $portion): int
    {
        $plan = $this->walk->plan;
        $step = $plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $after = (int) $step->cleanedAfter();
        $minutes = $this->rounded(($this->pace->cleanMinutes($technique) * $this->workOn($step, $portion)) / 100);
        $place = $pieces->add(
            new Activity("Clean up {$this->name($index, $portion)}", $minutes),
            $this->job($index, JobPart::CleanUp, $portion),
            $sitting,
        );
        $family = $plan->productOf($step)?->material->family;
        $window = $this->walk->situations[$index]->shortestCleanUpWindow();
        $latest = $window->bestUntil ?? ($window->latest ?? null);
        $pieces->lag(
            $stroke,
            $place,
            $after,
            $latest === null
                ? null
                : $this->forecast->shortest(new Wait($latest, FollowUp::cleanUpLaw($family)), $plan->bench),
            Loss::CleanUp,
        );

        return $after + $minutes;
    }

    private function addLags(Pieces $pieces, int $index, int $first, string $sitting, int $section): void
    {
        $bench = $this->walk->plan->bench;
        $times = $this->walk->times[$index];
        // By step that it waits for: minutes from the last stroke, since a film dries while it is cleaned too.
        $dries = array_map(fn (Wait $wait) => $this->forecast->longest($wait, $bench), $times->waits);
        [$opener, $open] =
            $times->window === null
                ? [null, 0]
                : [$times->window[0], $this->forecast->shortest($times->window[1], $bench)];
        $wanted = $this->walk->plan->steps[$index]->waitMinutes;
        $pause = TechniqueLibrary::get($this->walk->plan->steps[$index]->technique)->pauseMinutes;
        $merges = $this->mergesWithin($index);
        foreach ($this->comesAfter($index, array_keys($dries), $opener) as $other) {
            foreach ($this->sectionsBefore($pieces, $other, $sitting, $section) as $done) {
                // Nothing goes on before the last is clean, so the rest of the wait is all that has to be kept free.
                $rest = ($dries[$other] ?? 0) - $done->cleaning;
                $asked = $other === $index - 1 ? $wanted : null;
                $min = max($rest, $pause, $asked ?? 0, 0);
                $soon = $asked === null || $asked > self::SOON ? null : $asked + self::GIVE;
                $max = isset($merges[$other]) ? min($merges[$other], $soon ?? $merges[$other]) : $soon;
                $pieces->lag($done->last, $first, $min, $max, isset($merges[$other]) ? Loss::Merge : Loss::Wish);
                if ($other === $opener) {
                    $soonest = $min + $done->cleaning;
                    $closes = max($open, $dries[$other] ?? 0, $pause);
                    $pieces->lag($done->stroke, $first, $soonest, $closes, $this->lossOf($index));
                }
            }
        }
    }

    /** What is lost if the window that an earlier step has opened for it is missed. */
    private function lossOf(int $index): Loss
    {
        $kind = $this->walk->situations[$index]->kind;

        return match (true) {
            $kind->is(Nature::LiftOff) => Loss::Effect,
            $kind->is(Nature::CleanUp) => Loss::CleanUp,
            default => Loss::Merge,
        };
    }

    /**
     * @param  list<int>  $dries  steps that have to dry
     * @return list<int> steps that it comes after: those, the last one on each of its zones, the one that it waits for
     *   because somebody has said so, and the one that opens its window
     */
    private function comesAfter(int $index, array $dries, ?int $opener): array
    {
        $plan = $this->walk->plan;
        $others = array_fill_keys($dries, true);
        foreach ($plan->steps[$index]->zones as $zone) {
            for ($before = $index - 1; $before >= 0; $before--) {
                if ($plan->steps[$before]->covers($zone)) {
                    $others[$before] = true;
                    break;
                }
            }
        }
        if ($plan->steps[$index]->waitMinutes !== null && $index > 0) {
            $others[$index - 1] = true;
        }
        if ($opener !== null) {
            $others[$opener] = true;
        }

        return array_keys($others + $this->mergesWithin($index));
    }

    /** @return array<int, int> by step that it goes into: minutes from its end within which it has to */
    private function mergesWithin(int $index): array
    {
        $situation = $this->walk->situations[$index];
        $within = [];
        foreach ($situation->kind->is(Nature::CleanUp) ? [] : $situation->mergedLayers() as $layer) {
            if ($layer->openUntil !== null) {
                $open = $layer->openFor($situation->work) - $this->walk->times[$layer->stepIndex]->end;
                $within[$layer->stepIndex] = $this->forecast->shortest(
                    new Wait(max(0, $open), FollowUp::cleanUpLaw($layer->film)),
                    $this->walk->plan->bench,
                );
            }
        }

        return $within;
    }

    /** @return list<Done> of the same sitting only what is done in the same section of it, perhaps nothing */
    private function sectionsBefore(Pieces $pieces, int $other, string $sitting, int $section): array
    {
        return array_values(
            array_filter(
                $pieces->sectionsOf($this->build, $other),
                static fn (Done $done) => $done->sitting !== $sitting || $done->section === $section,
            ),
        );
    }

    /** cm² that its minutes are counted by. */
    private function workOn(Step $step, ?Portion $portion): float
    {
        if ($portion === null) {
            return $this->walk->plan->workOf($step);
        }
        $work = 0.0;
        foreach ($portion->of($step->zones) as $zone => $share) {
            $work += $share * $this->walk->plan->workOf($step->onZones([$zone]));
        }

        return $work;
    }

    private function job(int $index, JobPart $part, ?Portion $portion, int $number = 1, int $of = 1): Job
    {
        $step = $this->walk->plan->steps[$index];

        return new Job(
            build: $this->build,
            stepIndex: $index,
            stepId: $step->id,
            part: $part,
            number: $number,
            of: $of,
            section: $portion === null ? 1 : $portion->number,
            sections: $portion === null ? 1 : $portion->of,
            zones: $portion === null ? [] : array_keys($portion->of($step->zones)),
            otherMedium: $this->otherMedium($step),
        );
    }

    /** What would leave more time in place of what sets while it is worked. */
    private function otherMedium(Step $step): ?string
    {
        $kind = TechniqueLibrary::get($step->technique)->kind;
        $family = $this->walk->plan->productOf($step)?->material->family;

        if ($family === null || $family === BinderFamily::ClayWash) {
            return null;
        }
        if ($kind->is(Nature::Wash) && $step->cleanUp !== []) {
            return 'A clay wash in its place never sets: it can be taken off on another day.';
        }

        return $kind->is(Nature::WorkedWet) && $family !== BinderFamily::ArtistOil
            ? 'Oils in its place stay open for an evening.'
            : null;
    }

    /** @return array{int, int|null} Unix minutes: by what is done already, and by what was put off */
    private function bounds(int $index): array
    {
        $putOff = $this->putOff["{$this->build} {$this->walk->plan->steps[$index]->id}"] ?? 0;

        return [max($this->now, $putOff, $this->clock->notBefore($index) ?? 0), $this->clock->closes($index)];
    }

    private function name(int $index, ?Portion $portion): string
    {
        $number = $index + 1;
        $name = TechniqueLibrary::get($this->walk->plan->steps[$index]->technique)->name;

        return $portion === null ? "{$number} {$name}" : "{$number} {$name}, section {$portion->number}";
    }

    private function rounded(float $minutes): int
    {
        $granularity = Workload::GRANULARITY;

        return max($granularity, (int) (ceil($minutes / $granularity) * $granularity));
    }
}
