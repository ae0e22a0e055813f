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
        return $this->loosened(
            $work,
            $work->problem($calendar, $setup),
            fn (Blocks $blocks) => $this->scheduler->lay(
                $blocks->problem,
                $keepGoing,
                $seed,
                $onBetter === null ? null : static fn (Solution $better) => $onBetter($blocks->expanded($better)),
            ),
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
        $place = array_flip(array_map(static fn (Job $job) => $job->key(), $work->jobs()));
        $pieces = [];
        foreach ($order as $key) {
            if (! isset($place[$key])) {
                return null;
            }
            $pieces[] = $place[$key];
        }
        if (count($pieces) !== count($place)) {
            return null;
        }
        try {
            return $this->loosened(
                $work,
                $work->problem($calendar, $setup),
                function (Blocks $blocks) use ($pieces): Solution {
                    $order = $blocks->holding($pieces);
                    // What can be searched through anew in no time is not done as it was before.
                    $again = count($order) <= Scheduler::EXACT_UP_TO
                        ? null
                        : $this->scheduler->inOrder($blocks->problem, $order);

                    return $again ?? throw NoSchedule::circle();
                },
            );
        } catch (NoSchedule) {
            return null;
        }
    }

    /**
     * Lets go what cannot be kept, one after the other, until there is a solution.
     *
     * @param  \Closure(Blocks): Solution  $solve
     *
     * @throws NoSchedule if nothing is left to let go
     */
    private function loosened(Workload $work, Problem $pieces, \Closure $solve): Timetable
    {
        $conflicts = [];
        $sittings = $work->sittingOfPieces();
        while (true) {
            $blocks = Blocks::of($pieces, $sittings);
            try {
                $laid = $solve($blocks);
                $missed = $laid->missed === [] ? [] : $blocks->missedBy($laid);
                foreach ($missed as $lag) {
                    $none = NoSchedule::windowsNotKept($pieces, [$lag]);
                    $conflicts[] = new Conflict($none->getMessage(), [$lag->from, $lag->to]);
                }
                $kept = $missed === [] ? $blocks : Blocks::of($pieces->withoutWindows($missed), $sittings);

                return new Timetable($kept, $laid, $work->jobs(), $conflicts);
            } catch (NoSchedule $none) {
                if ($none->activities === [] || count($conflicts) >= self::MOST_CONFLICTS) {
                    throw $none;
                }
                $concerned = $blocks->piecesOf($none->activities);
                $conflicts[] = new Conflict($none->getMessage().self::otherMedium($work, $concerned), $concerned);
                if (count($none->activities) === 1 && count($concerned) > 1 && $none->cause !== Cause::TooLate) {
                    // A sitting that fits nowhere is done in its pieces, each when there is time.
                    foreach ($concerned as $piece) {
                        $sittings[$piece] .= " {$piece}";
                    }

                    continue;
                }
                $pieces = $this->without($pieces, $concerned);
            }
        }
    }

    /** @param  list<int>  $pieces  for which there is no time */
    private static function otherMedium(Workload $work, array $pieces): string
    {
        $media = array_map(static fn (int $piece) => $work->jobs()[$piece]->otherMedium, $pieces);

        return implode('', array_map(
            static fn (string $sentence) => " {$sentence}",
            array_unique(array_filter($media, static fn (?string $medium) => $medium !== null)),
        ));
    }

    /** The same timetable with what fits before a minute brought forward. */
    public function bringForward(Timetable $timetable, int $until): Timetable
    {
        $blocks = $timetable->blocks;

        return new Timetable(
            $blocks,
            $this->scheduler->bringForward($blocks->problem, $timetable->laid, $until),
            $timetable->jobs,
            $timetable->conflicts,
        );
    }

    /** @param  list<int>  $activities  pieces of work that stand in each other's way */
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
                    leastPart: $activity->leastPart,
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
