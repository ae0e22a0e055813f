<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\TechniqueLibrary;

/**
 * Looks for what a build can do without, so that it is finished by a date: from dust and wear back to markings, never
 * its ground, its colours and its last coat, and nothing whose absence would bring a stop. First as many as it takes,
 * then all that can be had back again. What else is to be done meanwhile is laid with it.
 */
final readonly class Shedder
{
    /** What goes first; what is not here stays. */
    private const ORDER = [
        Stage::Dust,
        Stage::Wear,
        Stage::Tracks,
        Stage::Chipping,
        Stage::Tint,
        Stage::Detail,
        Stage::Markings,
        Stage::Seal,
    ];

    /**
     * A timetable is asked for some dozens of times, so that a quick one has to do: first orders tried, questions
     * whether to go on.
     */
    private const TRIES = 8;

    private const PATIENCE = 20;

    private const LAST_COAT = 'final-coat';

    /** Steps that leaving others out may take along, round after round. */
    private const ROUNDS = 4;

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private Timetabler $timetabler = new Timetabler(new Scheduler(self::TRIES)),
    ) {
    }

    /**
     * @param  int  $due  Unix minute by which it shall be finished
     * @param  int  $setup  minutes of an airbrush change
     * @param  Workload  $others  the work that does not give way for it, perhaps none
     *
     * @throws NoSchedule if there is no session at all
     */
    public function shed(Plan $plan, int $due, Calendar $calendar, int $setup, Workload $others): Shedding
    {
        $ends = fn (string ...$gone): int => $this->endOf(
            $this->without($plan, array_values($gone)),
            $due,
            $calendar,
            $setup,
            $others,
        );
        $candidates = $ends() <= $due ? [] : $this->candidates($plan);
        // The fewest from the front of the list that are enough: more of them never end later, but for the search's
        // luck.
        [$low, $high] = [0, count($candidates)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($ends(...$this->closed($plan, array_slice($candidates, 0, $middle))) <= $due) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        $gone = $this->closed($plan, array_slice($candidates, 0, $low));
        if ($ends(...$gone) <= $due) {
            foreach (array_reverse($gone) as $step) {
                $fewer = $this->closed($plan, array_values(array_diff($gone, [$step])));
                if (count($fewer) < count($gone) && $ends(...$fewer) <= $due) {
                    $gone = $fewer;
                }
            }
        }
        $end = $ends(...$gone);
        $inOrder = array_filter($plan->steps, static fn (Step $step) => in_array($step->id, $gone, true));

        return new Shedding(
            array_values(array_map(static fn (Step $step) => $step->id, $inOrder)),
            $end,
            $end <= $due,
        );
    }

    /** @return list<string> ids of steps that may go, the first to go first */
    private function candidates(Plan $plan): array
    {
        $ids = [];
        foreach (self::ORDER as $stage) {
            foreach (array_reverse($plan->steps) as $step) {
                if (
                    $this->mayGo($step) &&
                    TechniqueLibrary::get($step->technique)->stage === $stage &&
                    $this->closed($plan, [$step->id]) !== []
                ) {
                    $ids[] = $step->id;
                }
            }
        }

        return $ids;
    }

    /**
     * Together with what cannot stay without them, as a lift-off without its film.
     *
     * @param  list<string>  $ids
     * @return list<string> empty: they cannot go without a new stop
     */
    private function closed(Plan $plan, array $ids): array
    {
        $stops = $this->stops($this->evaluator->evaluate($plan));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $new = array_diff_key($this->stops($this->evaluator->evaluate($this->without($plan, $ids))), $stops);
            if ($new === []) {
                return $ids;
            }
            foreach ($plan->steps as $step) {
                if (in_array($step->id, $new, true) && ! $this->mayGo($step)) {
                    return [];
                }
            }
            $ids = array_values(array_unique([...$ids, ...array_values($new)]));
        }

        return [];
    }

    /** A finish does without much, but not without its last coat. */
    private function mayGo(Step $step): bool
    {
        return $step->doneAt === null &&
            $step->technique !== self::LAST_COAT &&
            in_array(TechniqueLibrary::get($step->technique)->stage, self::ORDER, true);
    }

    /** @return array<string, string> "step code" => step id */
    private function stops(Evaluation $evaluation): array
    {
        $stops = [];
        foreach ($evaluation->findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                $stops["{$finding->stepId} {$finding->code}"] = $finding->stepId;
            }
        }

        return $stops;
    }

    /** @param  list<string>  $ids */
    private function without(Plan $plan, array $ids): Plan
    {
        return $plan->with(
            steps: array_values(array_filter($plan->steps, static fn ($step) => ! in_array($step->id, $ids, true))),
        );
    }

    private function endOf(Plan $plan, int $due, Calendar $calendar, int $setup, Workload $others): int
    {
        $work = clone $others;
        $work->add('', $this->evaluator->evaluate($plan), $due);
        $asked = 0;
        $timetable = $this->timetabler->lay($work, $calendar, $setup, static function () use (&$asked): bool {
            return ++$asked < self::PATIENCE;
        });

        return $timetable->endOf('') ?? $calendar->from;
    }
}
