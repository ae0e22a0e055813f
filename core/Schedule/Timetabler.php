<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/**
 * Always gives a timetable: where something cannot be kept in the hours there are (a window that closes before the next
 * session, a job longer than any session), it is let go and named, and the rest is laid.
 */
final class Timetabler
{
    /** Things let go before it is given up. */
    private const MOST_CONFLICTS = 40;

    public function __construct(private readonly Scheduler $scheduler = new Scheduler())
    {
    }

    /**
     * @param  \Closure(): bool  $keepGoing
     * @param  (\Closure(Solution): void)|null  $onBetter  told of the first answer and of every better one
     *
     * @throws NoSchedule if there is no session at all, or the lags run in a circle
     */
    public function lay(
        Workload $work,
        Calendar $calendar,
        int $setup,
        \Closure $keepGoing,
        int $seed = 1,
        ?\Closure $onBetter = null,
    ): Timetable {
        $problem = $work->problem($calendar, $setup);

        return $this->loosened(
            $work,
            $problem,
            fn (Problem $problem) => $this->scheduler->lay($problem, $keepGoing, $seed, $onBetter),
        );
    }

    /**
     * Work laid in an order that was found before, at an earlier moment.
     *
     * @param  list<string>  $order  keys of jobs
     * @return Timetable|null null: the work is not the same any more, or the order does not hold any more
     *
     * @throws NoSchedule if there is no session at all
     */
    public function layAgain(Workload $work, Calendar $calendar, int $setup, array $order): ?Timetable
    {
        $problem = $work->problem($calendar, $setup);
        $place = array_flip(array_map(static fn (Job $job) => $job->key(), $work->jobs));
        $indexes = [];
        foreach ($order as $key) {
            if (! isset($place[$key])) {
                return null;
            }
            $indexes[] = $place[$key];
        }
        if (count($indexes) !== count($work->jobs) || count($indexes) <= Scheduler::EXACT_UP_TO) {
            return null;
        }
        try {
            return $this->loosened(
                $work,
                $problem,
                fn (Problem $problem) => $this->scheduler->inOrder($problem, $indexes) ?? throw NoSchedule::circle(),
            );
        } catch (NoSchedule) {
            return null;
        }
    }

    /**
     * Lets go what cannot be kept, one after the other, until there is a solution.
     *
     * @param  \Closure(Problem): Solution  $solve
     *
     * @throws NoSchedule if nothing is left to let go
     */
    private function loosened(Workload $work, Problem $problem, \Closure $solve): Timetable
    {
        $conflicts = [];
        while (true) {
            try {
                $solution = $solve($problem);
                foreach ($solution->missed as $lag) {
                    $none = NoSchedule::windowsNotKept($problem, [$lag]);
                    $conflicts[] = new Conflict($none->getMessage(), [$lag->from, $lag->to]);
                    $problem = $problem->withoutWindows([$lag]);
                }

                return new Timetable($problem, $work->jobs, $solution, $conflicts);
            } catch (NoSchedule $none) {
                if ($none->activities === [] || count($conflicts) >= self::MOST_CONFLICTS) {
                    throw $none;
                }
                $conflicts[] = new Conflict($none->getMessage(), $none->activities);
                $problem = $this->without($problem, $none->activities);
            }
        }
    }

    /** The same timetable with what fits before a minute brought forward. */
    public function bringForward(Timetable $timetable, int $until): Timetable
    {
        return new Timetable(
            $timetable->problem,
            $timetable->jobs,
            $this->scheduler->bringForward($timetable->problem, $timetable->solution, $until),
            $timetable->conflicts,
        );
    }

    /** @param  list<int>  $activities */
    private function without(Problem $problem, array $activities): Problem
    {
        $loosened = [];
        foreach ($problem->activities as $index => $activity) {
            $isMeant = in_array($index, $activities, true);
            $isTooLong = $isMeant && count($activities) === 1 && $activity->notAfter === null;
            $loosened[] = ! $isMeant
                ? $activity
                : new Activity(
                    name: $activity->name,
                    active: $activity->active,
                    split: $activity->split || $isTooLong,
                    spray: $isTooLong ? null : $activity->spray,
                    daylight: $activity->daylight && ! $isTooLong,
                    notBefore: $activity->notBefore,
                );
        }
        $lags = array_map(
            static fn (Lag $lag) => in_array($lag->from, $activities, true) && in_array($lag->to, $activities, true)
                ? new Lag($lag->from, $lag->to, $lag->min)
                : $lag,
            $problem->lags,
        );

        return $problem->with(activities: $loosened, lags: $lags);
    }
}
