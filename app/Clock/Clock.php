<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\Build;
use App\Models\User;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\OwnPlans;
use App\Plans\UnreadablePlan;
use App\Room\Forecasts;
use Illuminate\Contracts\Cache\Repository;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\Calendar;
use Ulvrach\Schedule\HeldBack;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Shedder;
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

    /** An order that nobody has asked for in a week is forgotten. */
    private const KEPT_SECONDS = 7 * 86_400;

    public function __construct(
        private Judge $judge,
        private Timetabler $timetabler,
        private Shedder $shedder,
        private Forecasts $forecasts,
        private LogStore $logs,
        private OwnPlans $plans,
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
        $wishes = $this->wishes($user, $now);
        $whatIf = $whatIf->besides(self::minutesOf($wishes));
        $calendar = $this->calendar($week, $now, $whatIf);
        // Another room that is thought through is the same by day and night.
        $forecast = $whatIf->isOtherRoom()
            ? Forecast::asPlanned()
            : $this->forecasts->of($user, $week, $now, $calendar);
        $work = new Workload(
            $now,
            $whatIf->putOff,
            $week->pace,
            $forecast,
            $calendar->hasLight(),
            $calendar->evening(),
        );
        [$files, $unreadable, $stamps] = $this->filesOf($user);
        $verdicts = $held = [];
        foreach ($files as $id => [$build, $file]) {
            if ($only !== null && ! in_array($id, $only, true)) {
                continue;
            }
            try {
                // What fails half-way leaves nothing behind.
                $with = clone $work;
                [$verdict, $heldBack] = $this->judge->alone(
                    $build,
                    fn (): array => $this->addTo($with, $build, $whatIf->applyTo($id, $file->plan), $file->log, $week),
                );
                [$work, $verdicts[$id], $held[$id]] = [$with, $verdict, $heldBack];
            } catch (UnreadablePlan $bad) {
                $unreadable[] = self::unreadable($build, $bad);
            }
        }
        // What a search has found stays good while nothing is changed, whatever the time of day.
        $works = array_map(static fn (Verdict $one) => [$one->plan, $one->walk->log], $verdicts);
        $timetable = $this->best(
            'order.'.hash('xxh128', serialize([$user->id, $week, $whatIf, $works])),
            'order.'.hash('xxh128', serialize([$user->id, $works])),
            $work,
            $calendar,
            $week->setup,
            $effort,
        );
        if ($whatIf->spare > 0) {
            $timetable = $this->timetabler->bringForward($timetable, $now + $whatIf->spare);
        }

        return [
            ...TimetableReport::of($timetable, $verdicts, $week, $forecast, $held),
            'putOff' => $wishes,
            'stamps' => (object) $stamps,
            'now' => TimetableReport::moment($now),
            'timeZone' => $week->timeZone,
            'unreadable' => $unreadable,
        ];
    }

    /**
     * What would have to go so that a build is finished by its date, if those with a later date or none give way.
     *
     * @return array<string, mixed>
     *
     * @throws NoSchedule if there is no session at all
     */
    public function shed(User $user, Build $build, string $due, Effort $effort): array
    {
        $week = BenchSettings::of($user);
        $now = $this->now(self::NOW_IN_STEPS_OF);
        $calendar = $week->calendar($now, self::DAYS);
        $forecast = $this->forecasts->of($user, $week, $now, $calendar);
        $work = new Workload($now, pace: $week->pace, forecast: $forecast, evening: $calendar->evening());
        $plan = $build->head->document;
        $log = $this->logs->of($build);
        foreach ($this->filesOf($user)[0] as $id => [$one, $other]) {
            $otherDue = $other->plan->build->due;
            if ($id === $build->id || $otherDue === null || $otherDue > $due) {
                continue;
            }
            try {
                $work->add($id, $this->judge->walk($one, $other->log), $week->endOfDay($otherDue));
            } catch (UnreadablePlan) {
                // It is not laid, so nothing has to make way for it.
                continue;
            }
        }
        $shedding = $this->shedder->shed(
            $plan,
            $log,
            $week->endOfDay($due),
            $calendar,
            $week->setup,
            $work,
            $effort->goesOn(...),
        );

        return TimetableReport::shedding($shedding, $plan);
    }

    /**
     * @return array{
     *     array<string, array{Build, PlanFile}>,
     *     list<array{id: string, name: string, message: string}>,
     *     array<string, string>,
     * } by build id; what cannot be read; and by build id what tells one state of it from another
     */
    private function filesOf(User $user): array
    {
        $files = $unreadable = $stamps = [];
        foreach ($this->plans->all($user) as [$build, $log]) {
            try {
                $files[$build->id] = [$build, new PlanFile($build->head->document, $log)];
                $stamps[$build->id] = implode('.', [$build->version, count($log->entries), count($log->elsewhere)]);
            } catch (UnreadablePlan $bad) {
                $unreadable[] = self::unreadable($build, $bad);
            }
        }

        return [$files, $unreadable, $stamps];
    }

    /** @return array{id: string, name: string, message: string} */
    private static function unreadable(Build $build, UnreadablePlan $bad): array
    {
        return ['id' => $build->id, 'name' => $build->keptText('name'), 'message' => $bad->getMessage()];
    }

    /** @return array{Verdict, array<string, Finding>} and by id: steps that are not laid, each with its stop */
    private function addTo(Workload $work, Build $build, Plan $plan, Log $log, Week $week): array
    {
        $verdict = $this->judge->of($build, $plan, $log);
        $held = HeldBack::of($verdict);
        $due = $plan->build->due;
        $work->add($build->id, $verdict->walk, $due === null ? null : $week->endOfDay($due), $held);

        return [$verdict, $held];
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

    /** @return list<array{build: string, step: string, until: string}> put off to a time that is still to come */
    private function wishes(User $user, int $now): array
    {
        return array_values(
            array_filter(
                BenchSettings::putOff($user),
                static fn (array $wish) => intdiv((int) strtotime($wish['until']), 60) > $now,
            ),
        );
    }

    /**
     * @param  list<array{build: string, step: string, until: string}>  $wishes
     * @return array<string, int> "build step" => Unix minute
     */
    private static function minutesOf(array $wishes): array
    {
        $minutes = [];
        foreach ($wishes as $wish) {
            $minutes["{$wish['build']} {$wish['step']}"] = intdiv((int) strtotime($wish['until']), 60);
        }

        return $minutes;
    }

    private function now(int $inStepsOf): int
    {
        return intdiv(now()->getTimestamp(), 60 * $inStepsOf) * $inStepsOf;
    }

    /**
     * The order that is known if it is worth as much as is asked for; else one that is looked for now, or the one that
     * was good in other hours, if that ends sooner.
     *
     * @param  string  $elsewhere  key of the order that was found last for this work, whatever the hours
     */
    private function best(
        string $key,
        string $elsewhere,
        Workload $work,
        Calendar $calendar,
        int $setup,
        Effort $effort,
    ): Timetable {
        $kept = $this->cache->get($key) ?? ['seconds' => -1.0] + (array) $this->cache->get($elsewhere);
        /** @var list<string> $order */
        $order = is_array($kept) && is_array($kept['order'] ?? null) ? $kept['order'] : [];
        $seconds = is_array($kept) && is_float($kept['seconds'] ?? null) ? $kept['seconds'] : 0.0;
        $known = $order === [] ? null : $this->timetabler->layAgain($work, $calendar, $setup, $order);
        if ($known !== null && $seconds >= $effort->seconds) {
            return $known;
        }
        $found = $this->timetabler->lay($work, $calendar, $setup, $effort->goesOn(...), onBetter: $effort->onBetter);
        $quality = static fn (Timetable $timetable): array => [
            count($timetable->conflicts),
            $timetable->solution->lateness,
            $timetable->solution->makespan,
            $timetable->solution->setups,
        ];
        $better = $known === null || $quality($found) <= $quality($known) ? $found : $known;
        $found = ['order' => $better->order(), 'seconds' => max($effort->worth(), $seconds)];
        $this->cache->put($key, $found, self::KEPT_SECONDS);
        $this->cache->put($elsewhere, $found, self::KEPT_SECONDS);

        return $better;
    }
}
