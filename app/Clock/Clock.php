<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\Build;
use App\Models\User;
use App\Room\Forecasts;
use Illuminate\Contracts\Cache\Repository;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\Evaluation\Forecast;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\Calendar;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Shedder;
use Ulvrach\Schedule\Solution;
use Ulvrach\Schedule\Timetable;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;

/** Lays the builds of a person into their week. The best answer found so far is kept while nothing changes. */
final readonly class Clock
{
    /** Days that a timetable looks ahead. */
    private const DAYS = 150;

    /** Minutes that "now" is rounded to, so that the same question is asked again and again. */
    private const NOW_IN_STEPS_OF = 15;

    public function __construct(
        private Evaluator $evaluator,
        private Timetabler $timetabler,
        private Shedder $shedder,
        private Forecasts $forecasts,
        private Repository $cache,
    ) {
    }

    /**
     * @param  list<string>|null  $only  ids of builds; null: all
     * @return array<string, mixed>
     *
     * @throws NoSchedule if there is no session at all
     */
    public function lay(
        User $user,
        ?array $only = null,
        WhatIf $whatIf = new WhatIf(),
        Effort $effort = new Effort(),
    ): array {
        $now = $this->now($whatIf->spare > 0 ? 1 : self::NOW_IN_STEPS_OF);
        $week = BenchSettings::of($user);
        $calendar = $this->calendar($week, $now, $whatIf);
        // Another room that is thought through is the same by day and night.
        $forecast = $whatIf->isOtherRoom()
            ? Forecast::asPlanned()
            : $this->forecasts->of($user, $week, $now, $calendar);
        $work = new Workload($now, $whatIf->putOff, $week->pace, $forecast);
        $evaluations = [];
        foreach ($user->builds()->with('head')->oldest()->get() as $build) {
            if ($only === null || in_array($build->id, $only, true)) {
                $plan = $whatIf->applyTo($build->head->document);
                $evaluations[$build->id] = $this->evaluator->evaluate($plan);
                $work->add(
                    $build->id,
                    $evaluations[$build->id],
                    $plan->build->due === null ? null : $week->endOfDay($plan->build->due),
                );
            }
        }
        $timetable = $this->best(
            'timetable.'.hash('xxh128', serialize([$work->problem($calendar, $week->setup), $work->jobs])),
            fn () => $this->timetabler->lay(
                $work,
                $calendar,
                $week->setup,
                $effort->goesOn(...),
                onBetter: $effort->onBetter,
            ),
            $effort,
        );
        if ($whatIf->spare > 0) {
            $timetable = $this->timetabler->bringForward($timetable, $now + $whatIf->spare);
        }

        return [
            ...TimetableReport::of($timetable, $evaluations, $week, $forecast),
            'now' => TimetableReport::moment($now),
            'timeZone' => $week->timeZone,
        ];
    }

    /**
     * What would have to go so that a build is finished by its date, if those with a later date or none give way.
     *
     * @return array<string, mixed>
     *
     * @throws NoSchedule if there is no session at all
     */
    public function shed(User $user, Build $build, string $due): array
    {
        $week = BenchSettings::of($user);
        $now = $this->now(self::NOW_IN_STEPS_OF);
        $calendar = $week->calendar($now, self::DAYS);
        $plan = $build->head->document;
        $forecast = $this->forecasts->of($user, $week, $now, $calendar);
        $work = new Workload($now, pace: $week->pace, forecast: $forecast);
        foreach ($user->builds()->with('head')->oldest()->get() as $other) {
            $otherDue = $other->head->document->build->due;
            if (! $other->is($build) && $otherDue !== null && $otherDue <= $due) {
                $work->add(
                    $other->id,
                    $this->evaluator->evaluate($other->head->document),
                    $week->endOfDay($otherDue),
                );
            }
        }

        return TimetableReport::shedding(
            $this->shedder->shed($plan, $week->endOfDay($due), $calendar, $week->setup, $work),
            $plan,
        );
    }

    private function calendar(Week $week, int $now, WhatIf $whatIf): Calendar
    {
        $calendar = $week->calendar($now, self::DAYS);
        if ($whatIf->spare > 0) {
            $calendar = $calendar->withMinutesNow($whatIf->spare);
        }
        foreach ($whatIf->skipped as $minute) {
            $calendar = $calendar->withoutSessionAt($minute);
        }

        return $calendar;
    }

    private function now(int $inStepsOf): int
    {
        return intdiv(now()->getTimestamp(), 60 * $inStepsOf) * $inStepsOf;
    }

    /** @param  \Closure(): Timetable  $lay */
    private function best(string $key, \Closure $lay, Effort $effort): Timetable
    {
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept['timetable'] instanceof Timetable && $kept['seconds'] >= $effort->seconds) {
            return $kept['timetable'];
        }
        $timetable = $lay();
        $known = is_array($kept) && $kept['timetable'] instanceof Timetable ? $kept['timetable'] : $timetable;
        $quality = static fn (Solution $solution): array => [
            $solution->lateness,
            $solution->makespan,
            $solution->setups,
        ];
        $better = $quality($timetable->solution) <= $quality($known->solution) ? $timetable : $known;
        $this->cache->put($key, ['timetable' => $better, 'seconds' => $effort->worth()], 86_400);

        return $better;
    }
}
