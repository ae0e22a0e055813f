<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Chemistry\CureState;
use Ulvrach\Evaluation\Forecast;
use Ulvrach\Evaluation\Layer;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\Plan;
use Ulvrach\Quantity\Moment;
use Ulvrach\Rules\Severity;
use Ulvrach\Rules\Verdict;
use Ulvrach\Schedule\Conflict;
use Ulvrach\Schedule\Job;
use Ulvrach\Schedule\JobPart;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\Reason;
use Ulvrach\Schedule\Shedding;
use Ulvrach\Schedule\Timetable;
use Ulvrach\Schedule\Week;
use Ulvrach\Technique\TechniqueLibrary;

/** A timetable as plain data. Moments are UTC. */
final class TimetableReport
{
    /**
     * @param  array<string, Verdict>  $verdicts  by build
     * @return array<string, mixed>
     */
    public static function of(Timetable $timetable, array $verdicts, Week $week, Forecast $forecast): array
    {
        $solution = $timetable->solution;
        $order = array_keys($solution->starts);
        usort($order, static fn (int $a, int $b) => $solution->starts[$a] <=> $solution->starts[$b]);
        $used = array_flip($solution->sessionOf);
        $last = $solution->sessionOf === [] ? -1 : max($solution->sessionOf) + 2;

        return [
            'ends' => $solution->starts === [] ? null : self::moment($solution->makespan),
            'setups' => $solution->setups,
            'sessionsUsed' => $solution->sessions,
            'isOptimal' => $solution->optimal,
            'stops' => self::count($verdicts, Severity::Stop),
            'risks' => self::count($verdicts, Severity::Risk),
            'builds' => array_map(
                static fn (string $id, Verdict $verdict) => self::build(
                    $timetable,
                    $id,
                    $verdict->plan->build,
                    $week,
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
            'items' => array_map(
                static fn (int $index) => self::item($timetable, $index, $verdicts, $forecast),
                $order,
            ),
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
     * } slack below 0: so much too late
     */
    private static function build(Timetable $timetable, string $id, Build $build, Week $week): array
    {
        $ends = $timetable->endOf($id);
        $slack = $ends === null || $build->due === null ? null : $week->endOfDay($build->due) - $ends;

        return [
            'id' => $id,
            'name' => $build->name,
            'ends' => $ends === null ? null : self::moment($ends),
            'due' => $build->due === null ? null : self::moment($week->endOfDay($build->due)),
            'slackMinutes' => $slack,
        ];
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
            'product' => $product?->name,
            'colour' => $product?->material->colour?->toHex(),
            'part' => self::part($job),
            'from' => self::moment($solution->starts[$index]),
            'to' => self::moment($solution->ends[$index]),
            'minutes' => $timetable->problem->activities[$index]->active,
            'sprays' => $timetable->problem->activities[$index]->spray !== null,
            'reason' => Reason::of($timetable->problem, $solution, $index),
            'closes' => self::closes($timetable->problem, $solution->ends, $index),
            'dries' => self::dries($verdict, $job, $solution->ends[$index], $forecast),
        ];
    }

    private static function part(Job $job): ?string
    {
        return match ($job->part) {
            JobPart::Work => null,
            JobPart::Coat => "coat {$job->number} of {$job->of}",
            JobPart::CleanUp => 'clean-up',
        };
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

    /**
     * @return array{
     *   touchDry: string,
     *   recoatable: string,
     *   solventProof: string|null,
     * }|null what its last part leaves to dry
     */
    private static function dries(Verdict $verdict, Job $job, int $end, Forecast $forecast): ?array
    {
        $layer = $verdict->walk->layers[$job->stepIndex];
        $isLast =
            $job->part === JobPart::CleanUp ||
            ($job->number === $job->of && $verdict->plan->steps[$job->stepIndex]->cleanUp === []);
        if ($layer === null || ! $isLast) {
            return null;
        }

        return self::cures($layer, $verdict->plan->bench, $end, $forecast);
    }

    /**
     * When a film reaches its states.
     *
     * @param  int  $laidAt  Unix minute
     * @return array{touchDry: string, recoatable: string, solventProof: string|null} solvent-proof null: never
     */
    public static function cures(Layer $layer, BenchConditions $bench, int $laidAt, Forecast $forecast): array
    {
        $at = static function (CureState $state) use ($layer, $bench, $laidAt, $forecast): ?string {
            $wait = $layer->waitFor($state);

            return $wait === null ? null : self::moment($laidAt + $forecast->minutes($wait, $bench, $laidAt));
        };

        return [
            'touchDry' => (string) $at(CureState::TouchDry),
            'recoatable' => (string) $at(CureState::Recoatable),
            'solventProof' => $at(CureState::SolventProof),
        ];
    }
}
