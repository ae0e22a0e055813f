<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Judgement\Safety\Safety;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Moment;
use Ulvrach\Schedule\Conflict;
use Ulvrach\Schedule\Job;
use Ulvrach\Schedule\JobPart;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\Reason;
use Ulvrach\Schedule\Shedding;
use Ulvrach\Schedule\Timetable;
use Ulvrach\Schedule\Week;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A timetable as plain data. Moments are UTC. */
final class TimetableReport
{
    /**
     * @param  array<string, Verdict>  $verdicts  by build
     * @param  array<string, array<string, Finding>>  $held  by build and step: the stop that it is held back by
     * @return array<string, mixed>
     */
    public static function of(
        Timetable $timetable,
        array $verdicts,
        Week $week,
        Forecast $forecast,
        array $held = [],
    ): array {
        $solution = $timetable->solution;
        $order = array_keys($solution->starts);
        usort($order, static fn (int $a, int $b) => $solution->starts[$a] <=> $solution->starts[$b]);
        $sittings = SittingReport::ofTimetable($timetable, $verdicts, array_flip($order));
        $sittingOf = [];
        foreach ($sittings as $number => $sitting) {
            $sittingOf += array_fill_keys($sitting['items'], $number);
        }
        $used = array_flip($solution->sessionOf);
        $last = $solution->sessionOf === [] ? -1 : max($solution->sessionOf) + 2;

        return [
            'ends' => $solution->starts === [] ? null : self::moment($solution->makespan),
            'setups' => $solution->setups,
            'sessionsUsed' => $solution->sessions,
            'isOptimal' => $solution->optimal,
            'bound' => $solution->starts === [] ? null : self::moment($solution->lowerBound),
            'stops' => self::count($verdicts, Severity::Stop),
            'risks' => self::count($verdicts, Severity::Risk),
            'builds' => array_map(
                static fn (string $id, Verdict $verdict) => self::build(
                    $timetable,
                    $id,
                    $verdict,
                    $week,
                    count($held[$id] ?? []),
                ),
                array_keys($verdicts),
                array_values($verdicts),
            ),
            'sessions' => array_map(
                static fn (array $session, int $index) => [
                    'from' => self::moment($session[0]),
                    'to' => self::moment($session[1]),
                    'isUsed' => isset($used[$index]),
                ],
                array_slice($timetable->problem->sessions, 0, $last + 1),
                array_keys(array_slice($timetable->problem->sessions, 0, $last + 1)),
            ),
            'next' => self::next($timetable, $verdicts),
            'items' => array_map(
                static fn (int $index, int $place) => [
                    ...self::item($timetable, $index, $verdicts, $forecast),
                    'sitting' => $sittingOf[$place],
                ],
                $order,
                array_keys($order),
            ),
            'sittings' => $sittings,
            'held' => self::held($held, $verdicts),
            'conflicts' => array_map(
                static fn (Conflict $conflict) => [
                    'message' => $conflict->message,
                    'steps' => array_map(
                        static fn (int $index) => [
                            'build' => $timetable->jobs[$index]->build,
                            'step' => $timetable->jobs[$index]->stepId,
                        ],
                        $conflict->activities,
                    ),
                ],
                $timetable->conflicts,
            ),
        ];
    }

    /**
     * @return array{
     *   id: string,
     *   name: string,
     *   ends: string|null,
     *   due: string|null,
     *   slackMinutes: int|null,
     *   held: int,
     *   kind: string,
     *   form: array<string, int>|null,
     *   belongs: list<array{kind: string, zone: string|null}>,
     * } slack below 0: so much too late; of what is held back no end is known
     */
    private static function build(Timetable $timetable, string $id, Verdict $verdict, Week $week, int $held): array
    {
        $build = $verdict->plan->build;
        $ends = $timetable->endOf($id);
        $slack = $ends === null || $build->due === null ? null : $week->endOfDay($build->due) - $ends;

        return [
            'id' => $id,
            'name' => $build->name,
            'ends' => $ends === null ? null : self::moment($ends),
            'due' => $build->due === null ? null : self::moment($week->endOfDay($build->due)),
            'slackMinutes' => $held > 0 ? null : $slack,
            'held' => $held,
            'kind' => $build->kind->value,
            'form' => $build->form,
            'belongs' => FinishReport::belongs($verdict->plan),
        ];
    }

    /**
     * Each stop that something is held back by, with the steps that wait for it.
     *
     * @param  array<string, array<string, Finding>>  $held
     * @param  array<string, Verdict>  $verdicts
     * @return list<array{build: string, step: string, number: int, says: string, steps: list<int>}>
     */
    private static function held(array $held, array $verdicts): array
    {
        $stops = [];
        foreach ($held as $build => $steps) {
            $plan = $verdicts[$build]->plan;
            foreach ($steps as $step => $finding) {
                $key = "{$build} {$finding->key()}";
                $stops[$key] ??= [
                    'build' => $build,
                    'step' => $finding->stepId,
                    'number' => (int) $plan->indexOf($finding->stepId) + 1,
                    'says' => $finding->happens,
                    'steps' => [],
                ];
                $stops[$key]['steps'][] = (int) $plan->indexOf($step) + 1;
            }
        }

        return array_values($stops);
    }

    /** The gravest thing that is open of a step; null: nothing but notes. */
    private static function worst(Verdict $verdict, string $stepId): ?string
    {
        $worst = null;
        foreach ($verdict->findings as $finding) {
            if ($finding->stepId === $stepId && $finding->isOpen() && $finding->severity !== Severity::Note) {
                $worst = $finding->severity === Severity::Stop ? Severity::Stop : $worst ?? Severity::Risk;
            }
        }

        return $worst?->value;
    }

    /**
     * The hours that it is worked at: more than one piece where it is put down at the end of a session.
     *
     * @return list<array{from: string, to: string}>
     */
    private static function pieces(Timetable $timetable, int $index): array
    {
        $solution = $timetable->solution;
        $pieces = [];
        $sessions = $timetable->problem->sessions;
        // Half a year has hundreds of sessions, and a piece of work lies in one or two of them.
        [$place, $after] = [0, count($sessions)];
        while ($place < $after) {
            $middle = intdiv($place + $after, 2);
            if ($sessions[$middle][1] > $solution->starts[$index]) {
                $after = $middle;
            } else {
                $place = $middle + 1;
            }
        }
        for (; $place < count($sessions) && $sessions[$place][0] < $solution->ends[$index]; $place++) {
            [$from, $to] = $sessions[$place];
            $begins = max($from, $solution->starts[$index]);
            $ends = min($to, $solution->ends[$index]);
            if ($begins < $ends) {
                $pieces[] = ['from' => self::moment($begins), 'to' => self::moment($ends)];
            }
        }

        return $pieces;
    }

    /**
     * "tyres", "hull top and turret", "5 zones": where it goes, as short as it can be said.
     *
     * @param  list<string>  $zones
     */
    private static function where(Plan $plan, array $zones): string
    {
        $count = count($zones);
        if ($count > 1 && $count === count($plan->zones)) {
            return 'everything';
        }

        return $count > 2
            ? "{$count} zones"
            : implode(
                ' and ',
                array_map(static fn (string $zone) => mb_strtolower($plan->zones[$zone]->name), $zones),
            );
    }

    /** @param  array<string, Verdict>  $verdicts */
    private static function count(array $verdicts, Severity $severity): int
    {
        return array_sum(array_map(static fn (Verdict $verdict) => $verdict->count($severity), $verdicts));
    }

    /**
     * @return array{steps: list<array{id: string, number: int, technique: string}>, ends: string, isEnough: bool,
     *   isCutShort: bool}
     */
    public static function shedding(Shedding $shedding, Plan $plan): array
    {
        return [
            'steps' => array_map(static function (string $id) use ($plan): array {
                $index = (int) $plan->indexOf($id);

                return [
                    'id' => $id,
                    'number' => $index + 1,
                    'technique' => TechniqueLibrary::get($plan->steps[$index]->technique)->name,
                ];
            }, $shedding->steps),
            'ends' => self::moment($shedding->ends),
            'isEnough' => $shedding->isEnough,
            'isCutShort' => $shedding->isCutShort,
        ];
    }

    /**
     * The session in which work goes on: which steps, how long the hands are on them, what to guard against.
     *
     * @param  array<string, Verdict>  $verdicts
     * @return array<string, mixed>|null null: nothing is laid
     */
    private static function next(Timetable $timetable, array $verdicts): ?array
    {
        $solution = $timetable->solution;
        $first = $solution->sessionOf === [] ? null : min($solution->sessionOf);
        if ($first === null) {
            return null;
        }
        [$from, $to] = $timetable->problem->sessions[$first];
        $minutes = 0;
        $steps = $indexes = [];
        foreach (array_keys($solution->starts) as $activity) {
            foreach (self::pieces($timetable, $activity) as $piece) {
                $start = Moment::read($piece['from']);
                if ($start < $from || $start >= $to) {
                    continue;
                }
                $job = $timetable->jobs[$activity];
                $minutes += Moment::read($piece['to']) - $start;
                $steps["{$job->build} {$job->stepId}"] = ['build' => $job->build, 'step' => $job->stepId];
                $indexes[$job->build][] = $job->stepIndex;
            }
        }
        $hazards = [];
        foreach ($indexes as $build => $of) {
            foreach (Safety::gather($verdicts[$build]->plan, $of) as $hazard) {
                $hazards[$hazard->value] = KnowledgeReport::hazard($hazard);
            }
        }

        return [
            'from' => self::moment($from),
            'to' => self::moment($to),
            'minutes' => $minutes,
            'steps' => array_values($steps),
            'hazards' => array_values($hazards),
        ];
    }

    public static function moment(int $minute): string
    {
        return Moment::write($minute);
    }

    /**
     * @param  array<string, Verdict>  $verdicts
     * @return array<string, mixed>
     */
    private static function item(Timetable $timetable, int $index, array $verdicts, Forecast $forecast): array
    {
        $job = $timetable->jobs[$index];
        $verdict = $verdicts[$job->build];
        $step = $verdict->plan->steps[$job->stepIndex];
        $product = $verdict->plan->productOf($step);
        $solution = $timetable->solution;

        return [
            'build' => $job->build,
            'step' => $job->stepId,
            'number' => $job->stepIndex + 1,
            'technique' => TechniqueLibrary::get($step->technique)->name,
            'kind' => TechniqueLibrary::get($step->technique)->kind->value,
            'product' => $product?->name,
            'where' => self::where($verdict->plan, $job->zones === [] ? $step->zones : $job->zones),
            'zones' => $job->zones === [] ? $step->zones : $job->zones,
            'worst' => self::worst($verdict, $job->stepId),
            'colour' => $product?->material->colour?->toHex(),
            'part' => self::part($job),
            'from' => self::moment($solution->starts[$index]),
            'to' => self::moment($solution->ends[$index]),
            'pieces' => self::pieces($timetable, $index),
            'minutes' => $timetable->problem->activities[$index]->active,
            'sprays' => $timetable->problem->activities[$index]->spray !== null,
            'finishes' => self::isLast($verdict, $job),
            'reason' => self::reason($timetable, $index).self::light($timetable, $step, $index),
            'opens' => self::opens($timetable->problem, $solution->ends, $index),
            'closes' => self::closes($timetable->problem, $solution->ends, $index),
            'dries' => self::dries($timetable, $index, $verdict, $forecast),
        ];
    }

    /** Why it stands where it stands: as what it is done together with does. */
    private static function reason(Timetable $timetable, int $index): string
    {
        $block = $timetable->blocks->blockOf[$index];
        $first = $timetable->blocks->members[$block][0];

        return $first === $index
            ? Reason::of($timetable->blocks->problem, $timetable->laid, $block)
            : "It belongs to the sitting that begins with {$timetable->problem->activities[$first]->name}.";
    }

    /** Whether the step is done with it. */
    private static function isLast(Verdict $verdict, Job $job): bool
    {
        if ($job->section < $job->sections) {
            return false;
        }
        $step = $verdict->plan->steps[$job->stepIndex];
        $isCleaned = $step->cleanUp !== [] &&
            ! TechniqueLibrary::get($step->technique)->kind->is(Nature::CleanUp);

        return $job->part === JobPart::CleanUp || ($job->number === $job->of && ! $isCleaned);
    }

    /** What helps where a look has to do without daylight; empty: it has it, or needs none. */
    private static function light(Timetable $timetable, Step $step, int $index): string
    {
        $from = $timetable->solution->starts[$index];
        foreach ($timetable->problem->daylight as [$dawn, $dusk]) {
            if ($from >= $dawn && $timetable->solution->ends[$index] <= $dusk) {
                return '';
            }
        }

        return TechniqueLibrary::get($step->technique)->pauseMinutes > 0
            ? ' There is no daylight in these hours: take a second lamp from the side, and a photograph.'
            : '';
    }

    private static function part(Job $job): ?string
    {
        $part = match ($job->part) {
            JobPart::Work => null,
            JobPart::Coat => "coat {$job->number} of {$job->of}",
            JobPart::CleanUp => 'clean-up',
        };
        $section = $job->sections > 1 ? "section {$job->section} of {$job->sections}" : null;

        return $part === null || $section === null ? $part ?? $section : "{$part}, {$section}";
    }

    /**
     * When the window for it opens; null: it has none, or what opens it is done already.
     *
     * @param  list<int>  $ends
     */
    private static function opens(Problem $problem, array $ends, int $index): ?string
    {
        $opens = null;
        foreach ($problem->lags as $lag) {
            if ($lag->to === $index && $lag->max !== null) {
                $opens = max($opens ?? 0, $ends[$lag->from] + $lag->min);
            }
        }

        return $opens === null ? null : self::moment($opens);
    }

    /**
     * When the window for it closes; null: it stays open.
     *
     * @param  list<int>  $ends
     */
    private static function closes(Problem $problem, array $ends, int $index): ?string
    {
        $closes = $problem->activities[$index]->notAfter;
        foreach ($problem->lags as $lag) {
            if ($lag->to === $index && $lag->max !== null) {
                $closes = min($closes ?? PHP_INT_MAX, $ends[$lag->from] + $lag->max);
            }
        }

        return $closes === null ? null : self::moment($closes);
    }

    /** @return array<string, mixed>|null what its last part leaves to dry, from the last stroke on */
    private static function dries(Timetable $timetable, int $index, Verdict $verdict, Forecast $forecast): ?array
    {
        $job = $timetable->jobs[$index];
        $layer = $verdict->walk->layers[$job->stepIndex];
        if ($layer === null || ! self::isLast($verdict, $job)) {
            return null;
        }
        $laidAt = $timetable->solution->ends[$index];
        foreach ($timetable->jobs as $other => $one) {
            $isStroke =
                $one->build === $job->build &&
                $one->stepIndex === $job->stepIndex &&
                $one->section === $job->section &&
                $other !== $index;
            if ($job->part === JobPart::CleanUp && $isStroke) {
                $laidAt = $timetable->solution->ends[$other];
            }
        }

        return CureReport::of((new FilmClock($verdict->walk, $forecast))->curesFrom($layer, $laidAt));
    }
}
