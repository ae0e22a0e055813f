<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Physics\Evaluation\BenchAir;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Wait;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * The work that is still to do in several builds, as activities and lags: each coat and each clean-up is one of its
 * own, since other work fits between them; builds share the hands, the airbrush and its colours.
 */
final class Workload
{
    private const GRANULARITY = 5;

    /** Minutes below which nobody puts work down to go on tomorrow. */
    private const SMALL = 30;

    /** @var list<Activity> */
    private array $activities = [];

    /** @var list<Lag> */
    private array $lags = [];

    /** @var list<array{int, list<int>}> Unix minute, and the activities that shall be done by then */
    private array $dates = [];

    /** @var list<Job> by activity */
    public array $jobs = [];

    /** @var array<string, int> "build step index" => the activity that lays its last stroke */
    private array $strokes = [];

    /** @var array<string, int> "build step index" => its last activity */
    private array $last = [];

    /** @var array<string, int> "build step index" => minutes from its last stroke until it is clean, at the soonest */
    private array $cleaning = [];

    private readonly Forecast $forecast;

    /**
     * @param  int  $now  Unix minute before which nothing can start
     * @param  bool  $hasLight  the week has daylight often enough for what wants it
     * @param  array<string, int>  $putOff  "build step id" => Unix minute before which it shall not start
     */
    public function __construct(
        private readonly int $now,
        private readonly array $putOff = [],
        private readonly Pace $pace = new Pace(),
        ?Forecast $forecast = null,
        private readonly bool $hasLight = false,
    ) {
        $this->forecast = $forecast ?? Forecast::asPlanned();
    }

    /**
     * @param  int|null  $due  Unix minute by which the build shall be finished, if it can be
     * @param  array<string, mixed>  $heldBack  by id: steps that are not laid
     */
    public function add(string $build, Walk $walk, ?int $due = null, array $heldBack = []): void
    {
        $first = count($this->activities);
        $plan = $walk->plan;
        foreach ($plan->steps as $index => $step) {
            if (! $walk->isDone($index) && $step->zones !== [] && ! isset($heldBack[$step->id])) {
                $this->addStep($build, $walk, $index, $step);
            }
        }
        if ($due !== null && $first < count($this->activities)) {
            $this->dates[] = [$due, range($first, count($this->activities) - 1)];
        }
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
            activities: $this->activities,
            lags: $this->lags,
            dates: $this->dates,
        );
    }

    private function addStep(string $build, Walk $walk, int $index, Step $step): void
    {
        $plan = $walk->plan;
        $technique = TechniqueLibrary::get($step->technique);
        [$notBefore, $notAfter] = $this->bounds($build, $walk, $index);
        $first = count($this->activities);
        $this->addCoats($build, $plan, $index, $step, $technique, $notBefore, $notAfter);
        $this->strokes["{$build} {$index}"] = count($this->activities) - 1;
        $this->addCleanUp($build, $walk, $index, $step, $technique);
        $this->last["{$build} {$index}"] = count($this->activities) - 1;
        $this->addLags($build, $walk, $index, $first);
    }

    private function addCoats(
        string $build,
        Plan $plan,
        int $index,
        Step $step,
        Technique $technique,
        int $notBefore,
        ?int $notAfter,
    ): void {
        $product = $plan->productOf($step);
        $sprays = $step->application === Application::Airbrush && $product !== null;
        $area = $plan->workOf($step);
        $load = $step->load ?? $technique->loadBy($step->application);
        $row = $product === null ? null : CureTable::for($product->material->family, $technique->kind, $load);
        $recoat =
            $row === null
                ? 0
                : $this->forecast->longest(
                    new Wait($row->at(BenchAir::of($plan->bench))->recoatable[1], $row->laws[1]),
                    $plan->bench,
                );
        $coats = $product === null ? 1 : $step->coats;
        for ($coat = 1; $coat <= $coats; $coat++) {
            // Filling the airbrush is counted by the schedule, which saves it where the colour stays.
            $setUp = $coat === 1 && ! $sprays ? $technique->setUpMinutes : 0;
            $cleaning = $technique->kind->is(Nature::CleanUp) ? $this->pace->cleanMinutes($technique) : 0.0;
            $minutes =
                $setUp +
                ($cleaning * $area) / 100 +
                (($this->pace->applyMinutes($technique) * $area) / 100) * ($product === null ? $step->coats : 1);
            $this->activities[] = new Activity(
                name: $this->name($technique, $index),
                active: $this->rounded($minutes),
                split: $minutes >= self::SMALL && $this->maySplit($technique, $sprays),
                spray: $sprays ? $product->name : null,
                daylight: $technique->kind->is(Nature::Look) && $technique->pauseMinutes > 0 && $this->hasLight,
                notBefore: $coat === 1 ? $notBefore : 0,
                notAfter: $coat === 1 ? $notAfter : null,
            );
            $this->jobs[] = new Job(
                build: $build,
                stepIndex: $index,
                stepId: $step->id,
                part: $coats === 1 ? JobPart::Work : JobPart::Coat,
                number: $coat,
                of: $coats,
            );
            if ($coat > 1) {
                $this->lags[] = new Lag(count($this->activities) - 2, count($this->activities) - 1, $recoat);
            }
        }
    }

    private function addCleanUp(string $build, Walk $walk, int $index, Step $step, Technique $technique): void
    {
        $plan = $walk->plan;
        if ($step->cleanUp === [] || $technique->kind->is(Nature::CleanUp)) {
            return;
        }
        $after = (int) $step->cleanedAfter();
        $applied = count($this->activities) - 1;
        $this->activities[] = new Activity(
            "Clean up {$this->name($technique, $index)}",
            $this->rounded(($this->pace->cleanMinutes($technique) * $plan->workOf($step)) / 100),
        );
        $this->jobs[] = new Job($build, $index, $step->id, JobPart::CleanUp);
        $family = $plan->productOf($step)?->material->family;
        $window = $walk->situations[$index]->shortestCleanUpWindow();
        $latest = $window->bestUntil ?? ($window->latest ?? null);
        $latest =
            $latest === null
                ? null
                : $this->forecast->shortest(new Wait($latest, FollowUp::cleanUpLaw($family)), $plan->bench);
        $this->lags[] = new Lag(
            from: $applied,
            to: $applied + 1,
            min: $after,
            max: $latest === null ? null : max($latest, $after),
            maxToEnd: false,
        );
        $this->cleaning["{$build} {$index}"] = $after + $this->activities[$applied + 1]->active;
    }

    private function addLags(string $build, Walk $walk, int $index, int $first): void
    {
        $plan = $walk->plan;
        $times = $walk->times[$index];
        // By step that it waits for: minutes from the last stroke, since a film dries while it is cleaned too.
        $dries = array_map(fn (Wait $wait) => $this->forecast->longest($wait, $plan->bench), $times->waits);
        $others = $dries;
        foreach ($plan->steps[$index]->zones as $zone) {
            for ($before = $index - 1; $before >= 0; $before--) {
                if ($plan->steps[$before]->covers($zone)) {
                    $others[$before] ??= 0;
                    break;
                }
            }
        }
        $wanted = $plan->steps[$index]->waitMinutes;
        if ($wanted !== null && $index > 0) {
            $others[$index - 1] ??= 0;
        }
        [$opener, $open] =
            $times->window === null
                ? [null, 0]
                : [$times->window[0], $this->forecast->shortest($times->window[1], $plan->bench)];
        if ($opener !== null) {
            $others[$opener] ??= 0;
        }
        $pause = TechniqueLibrary::get($plan->steps[$index]->technique)->pauseMinutes;
        foreach (array_keys($others) as $other) {
            $key = "{$build} {$other}";
            [$stroke, $end] = [$this->strokes[$key] ?? null, $this->last[$key] ?? null];
            if ($stroke === null || $end === null) {
                continue;
            }
            // Nothing goes on before the last is clean, so the rest of the wait is all that has to be kept free.
            $rest = ($dries[$other] ?? 0) - ($this->cleaning[$key] ?? 0);
            $min = max($rest, $pause, $other === $index - 1 ? $wanted ?? 0 : 0, 0);
            $closes = $other === $opener ? max($open, $dries[$other] ?? 0, $pause) : null;
            $this->lags[] = new Lag($end, $first, $min);
            if ($closes !== null) {
                $soonest = $min + ($this->cleaning[$key] ?? 0);
                $this->lags[] = new Lag($stroke, $first, $soonest, max($closes, $soonest));
            }
        }
    }

    /** @return array{int, int|null} Unix minutes: by what is done already, and by what was put off */
    private function bounds(string $build, Walk $walk, int $index): array
    {
        $clock = new FilmClock($walk, $this->forecast);
        [$notBefore, $notAfter] = [$clock->notBefore($index), $clock->closes($index)];
        $putOff = $this->putOff["{$build} {$walk->plan->steps[$index]->id}"] ?? 0;

        return [max($this->now, $putOff, $notBefore ?? 0), $notAfter];
    }

    private function maySplit(Technique $technique, bool $sprays): bool
    {
        return ! $sprays && $technique->kind->is(Nature::CanPause);
    }

    private function name(Technique $technique, int $index): string
    {
        $number = $index + 1;

        return "{$number} {$technique->name}";
    }

    private function rounded(float $minutes): int
    {
        return max(self::GRANULARITY, (int) (ceil($minutes / self::GRANULARITY) * self::GRANULARITY));
    }
}
