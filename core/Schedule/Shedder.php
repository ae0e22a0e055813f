<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Looks for the steps that a build can do without, so that it is finished by a date. Dust and wear go first, markings
 * last; ground, colours and the last coat always stay, and so does any step whose absence would bring a stop. The
 * search leaves out as many steps as the date takes, then puts back, one by one, those that it turns out to have time
 * for. Builds whose dates come first are laid into the same hours.
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

    /** First orders that each timetable tries: some dozens of timetables are laid, so each has to be quick. */
    private const TRIES = 8;

    /** Times that each timetable's search may ask whether to go on. */
    private const PATIENCE = 20;

    private const LAST_COAT = 'final-coat';

    /** Leaving a step out can make others impossible, and those again others: so many times they are taken along. */
    private const ROUNDS = 4;

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private Timetabler $timetabler = new Timetabler(new Scheduler(self::TRIES)),
    ) {
    }

    /**
     * @param  Log  $log  what was done already, which cannot go
     * @param  int  $due  Unix minute by which it shall be finished
     * @param  int  $setup  minutes of an airbrush change
     * @param  Workload  $others  the work that does not give way for it, perhaps none
     * @param  (\Closure(): bool)|null  $keepGoing  asked before every timetable; false ends it with the best so far
     *
     * @throws NoSchedule if there is no session at all
     */
    public function shed(
        Plan $plan,
        Log $log,
        int $due,
        Calendar $calendar,
        int $setup,
        Workload $others,
        ?\Closure $keepGoing = null,
    ): Shedding {
        $keepGoing ??= static fn (): bool => true;
        /** @var \Closure(): bool $keepGoing */
        $endsWithout = fn (string ...$gone): int => $this->endOf(
            $this->without($plan, array_values($gone)),
            $log,
            $due,
            $calendar,
            $setup,
            $others,
        );
        $end = $endsWithout();
        $gone = [];
        $candidates = $end <= $due ? [] : $this->candidates($plan, $log);
        // Halving finds the fewest from the front of the list that are enough, since leaving out more steps does not
        // make a build end later (a search that was unlucky may say so; then one step too many goes, and comes back).
        [$low, $high] = [1, count($candidates)];
        while ($low <= $high && $keepGoing()) {
            $middle = intdiv($low + $high, 2);
            $fewer = $this->closed($plan, $log, array_slice($candidates, 0, $middle));
            $endThen = $endsWithout(...$fewer);
            if ($endThen <= $due || $end > $due) {
                [$gone, $end] = [$fewer, $endThen];
            }
            [$low, $high] = $endThen <= $due ? [$low, $middle - 1] : [$middle + 1, $high];
        }
        // Steps that the date has time for after all come back.
        foreach ($end <= $due ? array_reverse($gone) : [] as $step) {
            $fewer = $this->closed($plan, $log, array_values(array_diff($gone, [$step])));
            if (count($fewer) >= count($gone) || ! $keepGoing()) {
                continue;
            }
            $endThen = $endsWithout(...$fewer);
            [$gone, $end] = $endThen <= $due ? [$fewer, $endThen] : [$gone, $end];
        }
        $inOrder = array_filter($plan->steps, static fn (Step $step) => in_array($step->id, $gone, true));

        return new Shedding(
            steps: array_values(array_map(static fn (Step $step) => $step->id, $inOrder)),
            ends: $end,
            isEnough: $end <= $due,
            isCutShort: ! $keepGoing(),
        );
    }

    /** @return list<string> ids of steps that may go, the first to go first */
    private function candidates(Plan $plan, Log $log): array
    {
        $ids = [];
        foreach (self::ORDER as $stage) {
            foreach (array_reverse($plan->steps) as $step) {
                if (
                    $this->mayGo($step, $log) &&
                    TechniqueLibrary::get($step->technique)->stage === $stage &&
                    $this->closed($plan, $log, [$step->id]) !== []
                ) {
                    $ids[] = $step->id;
                }
            }
        }

        return $ids;
    }

    /**
     * These steps and those that cannot stay without them, as a lift-off cannot without its chipping film.
     *
     * @param  list<string>  $ids
     * @return list<string> empty: they cannot go without a new stop
     */
    private function closed(Plan $plan, Log $log, array $ids): array
    {
        $stops = $this->stops($this->evaluator->evaluate($plan, $log));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $new = array_diff_key(
                $this->stops($this->evaluator->evaluate($this->without($plan, $ids), $log)),
                $stops,
            );
            if ($new === []) {
                return $ids;
            }
            foreach ($plan->steps as $step) {
                if (in_array($step->id, $new, true) && ! $this->mayGo($step, $log)) {
                    return [];
                }
            }
            $ids = array_values(array_unique([...$ids, ...array_values($new)]));
        }

        return [];
    }

    /** A finish does without much, but not without its last coat. */
    private function mayGo(Step $step, Log $log): bool
    {
        return ! $log->isFinished($step->id) &&
            $step->technique !== self::LAST_COAT &&
            in_array(TechniqueLibrary::get($step->technique)->stage, self::ORDER, true);
    }

    /** @return array<string, string> "step code" => step id */
    private function stops(Verdict $verdict): array
    {
        $stops = [];
        foreach ($verdict->findings as $finding) {
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

    private function endOf(
        Plan $plan,
        Log $log,
        int $due,
        Calendar $calendar,
        int $setup,
        Workload $others,
    ): int {
        $work = clone $others;
        $work->add('', $this->evaluator->evaluate($plan, $log)->walk, $due);
        $asked = 0;
        $timetable = $this->timetabler->lay($work, $calendar, $setup, static function () use (&$asked): bool {
            return ++$asked < self::PATIENCE;
        });

        return $timetable->endOf('') ?? $calendar->from;
    }
}
