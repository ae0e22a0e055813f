<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Sitting\Bond;
use Ulvrach\Physics\Sitting\Sitting;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Quantity\Moment;
use Ulvrach\Schedule\Reason;
use Ulvrach\Schedule\Timetable;
use Ulvrach\Schedule\Workload;
use Ulvrach\Stuff\Technique\Pace;

/** What is done together, as plain data. */
final class SittingReport
{
    /**
     * Of a timetable, in the order in which they are begun.
     *
     * @param  array<string, Verdict>  $verdicts  by build
     * @param  array<int, int>  $places  by piece of work: its place among the items
     * @return list<array{
     *   build: string,
     *   from: string,
     *   to: string,
     *   minutes: int,
     *   bond: string|null,
     *   says: string|null,
     *   reason: string,
     *   items: list<int>,
     * }>
     */
    public static function ofTimetable(Timetable $timetable, array $verdicts, array $places): array
    {
        $bonds = array_map(static fn (Verdict $verdict) => self::bonds($verdict->walk), $verdicts);
        $sittings = [];
        foreach (self::inOrder($timetable) as $block) {
            $pieces = $timetable->blocks->members[$block];
            $job = $timetable->jobs[$pieces[0]];
            $bond = count($pieces) > 1 ? $bonds[$job->build][$job->stepIndex] ?? null : null;
            [$from, $to] = [$timetable->laid->starts[$block], $timetable->laid->ends[$block]];
            $sittings[] = [
                'build' => $job->build,
                'from' => Moment::write($from),
                'to' => Moment::write($to),
                'minutes' => $timetable->blocks->problem->activities[$block]->active,
                'bond' => $bond?->value,
                'says' => $bond?->says(),
                'reason' => Reason::of($timetable->blocks->problem, $timetable->laid, $block),
                'items' => array_map(static fn (int $piece) => $places[$piece], $pieces),
            ];
        }

        return $sittings;
    }

    /** @return list<int> blocks */
    public static function inOrder(Timetable $timetable): array
    {
        $starts = $timetable->laid->starts;
        asort($starts);

        return array_keys($starts);
    }

    /**
     * Of a plan: those of several steps.
     *
     * @return list<array{steps: list<string>, bond: string|null, says: string|null, restMinutes: int}>
     */
    public static function ofPlan(Walk $walk): array
    {
        return array_map(
            static fn (Sitting $sitting) => [
                'steps' => array_map(static fn (int $index) => $walk->plan->steps[$index]->id, $sitting->steps),
                'bond' => $sitting->bond?->value,
                'says' => $sitting->bond?->says(),
                'restMinutes' => $sitting->rest,
            ],
            Sittings::ofSeveral($walk),
        );
    }

    /**
     * The sitting that a step belongs to, if it is one of several steps or has to be cleaned up.
     *
     * @param  int|null  $evening  minutes that one is usually at the bench for; null: nobody has said
     * @return array{steps: list<string>, minutes: int|null, sections: int, evening: int|null, restMinutes: int}|null
     */
    public static function ofStep(Walk $walk, int $index, Pace $pace, ?int $evening): ?array
    {
        foreach (Sittings::of($walk) as $sitting) {
            if ($sitting->bond !== null && in_array($index, $sitting->steps, true)) {
                [$minutes, $sections] = Workload::measured($walk, $sitting, $pace, $evening);

                return [
                    'steps' => array_map(static fn (int $step) => $walk->plan->steps[$step]->id, $sitting->steps),
                    'minutes' => $minutes,
                    'sections' => $sections,
                    'evening' => $evening,
                    'restMinutes' => $sitting->rest,
                ];
            }
        }

        return null;
    }

    /** @return array<int, Bond|null> by step */
    private static function bonds(Walk $walk): array
    {
        $bonds = [];
        foreach (Sittings::of($walk) as $sitting) {
            foreach ($sitting->steps as $index) {
                $bonds[$index] = $sitting->bond;
            }
        }

        return $bonds;
    }
}
