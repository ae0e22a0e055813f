<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Schedule\Internal\Beam;
use Ulvrach\Schedule\Internal\Bench;
use Ulvrach\Schedule\Internal\Bound;
use Ulvrach\Schedule\Internal\Chance;
use Ulvrach\Schedule\Internal\Dispatch;
use Ulvrach\Schedule\Internal\Exact;
use Ulvrach\Schedule\Internal\FirstOrder;
use Ulvrach\Schedule\Internal\LocalSearch;
use Ulvrach\Schedule\Internal\Sweep;

/**
 * Lays work into hours: dates met as far as they can be, then the earliest end, then fewest airbrush changes, then
 * fewest sessions. Up to fourteen activities are searched exactly; more are searched locally from a first sound answer.
 * The same seed and number of moves give the same answer.
 */
final class Scheduler
{
    public const EXACT_UP_TO = 14;

    /** Orders that are grown side by side at first, and at the most. */
    private const NARROW = 4;

    private const WIDEST = 512;

    /** So often with as many, led elsewhere by chance, before it is twice as many. */
    private const ALIKE = 4;

    /** @param  int  $firstTries  different first orders that are tried before the best of them is improved */
    public function __construct(private readonly int $firstTries = 40)
    {
    }

    /**
     * @param  \Closure(): bool  $keepGoing  asked from time to time; false ends the search with the best so far
     *
     * @throws NoSchedule if something never fits, or no order was found that keeps all windows
     */
    public function solve(Problem $problem, \Closure $keepGoing, int $seed = 1): Solution
    {
        $solution = $this->lay($problem, $keepGoing, $seed);

        return $solution->missed === [] ? $solution : throw NoSchedule::windowsNotKept($problem, $solution->missed);
    }

    /**
     * The same, but where no order is found that keeps all windows, some are missed, by as little as can be.
     *
     * @param  \Closure(): bool  $keepGoing  asked from time to time; false ends the search with the best so far
     * @param  (\Closure(Solution): void)|null  $onBetter  told of the first answer and of every better one
     *
     * @throws NoSchedule if something never fits
     */
    public function lay(Problem $problem, \Closure $keepGoing, int $seed = 1, ?\Closure $onBetter = null): Solution
    {
        $bench = new Bench($problem);
        if ($bench->count === 0) {
            return new Solution(
                starts: [],
                ends: [],
                sessionOf: [],
                makespan: 0,
                setups: 0,
                sessions: 0,
                lowerBound: 0,
                optimal: true,
            );
        }
        $this->mustFit($bench);
        $bound = (new Bound($bench))->ofAll();
        $chance = new Chance($seed);
        $dispatch = new Dispatch($bench);
        if ($bench->count <= self::EXACT_UP_TO) {
            $first = (new FirstOrder($bench, $chance, $dispatch))->find($this->firstTries);
            [$best, $complete] = (new Exact($bench, $keepGoing))->search($first);

            return $best === null
                ? $this->lay($this->freed($problem, $chance), $keepGoing, $seed, $onBetter)
                : $this->solution($best, $bench, $complete ? $best->makespan() : $bound, $complete);
        }
        $tell = function (Sweep $sweep) use ($onBetter, $bench, $bound): void {
            if ($onBetter !== null) {
                $onBetter($this->solution($sweep, $bench, $bound, self::isBest($sweep, $bound)));
            }
        };
        // One order that keeps all windows is enough to begin with: growing many side by side finds better ones.
        $first = (new FirstOrder($bench, $chance, $dispatch))->find(
            $this->firstTries,
            static fn (?Sweep $best): bool => $best === null,
        );
        $first ??= (new Beam($bench, $chance))->search(self::NARROW, PHP_INT_MAX, static fn (): bool => true);
        if ($first === null) {
            return $this->lay($this->freed($problem, $chance), $keepGoing, $seed, $onBetter);
        }
        $tell($first);
        $best = $this->improved($first, $bench, $chance, $keepGoing, $tell);

        return $this->solution($best, $bench, $bound, self::isBest($best, $bound));
    }

    /**
     * Orders grown side by side, ever more of them, and between them the best one changed piece by piece, for about as
     * long: the one finds how sessions go together, the other what is left to be mended in them.
     *
     * @param  \Closure(): bool  $keepGoing
     * @param  \Closure(Sweep): void  $tell
     */
    private function improved(
        Sweep $best,
        Bench $bench,
        Chance $chance,
        \Closure $keepGoing,
        \Closure $tell,
    ): Sweep {
        $beam = new Beam($bench, $chance);
        $local = new LocalSearch($bench, $chance);
        $width = self::NARROW;
        for ($round = 0; $keepGoing(); $round++) {
            // Half of them begin as the best does, and are the more the fewer pieces are left to them.
            $kept = $round % 2 === 0 ? 0 : $chance->below($bench->count);
            $grown = $beam->search(
                intdiv($width * $bench->count, $bench->count - $kept),
                $best->makespan(),
                $keepGoing,
                $round % self::ALIKE > 0,
                array_slice($best->order, 0, $kept),
            );
            if ($grown !== null && $grown->quality() < $best->quality()) {
                $best = $grown;
                $tell($best);
            }
            $bundles = 1 + intdiv($width * $bench->count, LocalSearch::BUNDLE);
            $best = $local->improve(
                $best,
                self::forSoLong($bundles, $keepGoing),
                $tell,
            );
            $width = $round % self::ALIKE === self::ALIKE - 1 ? min(self::WIDEST, 2 * $width) : $width;
        }

        return $best;
    }

    /**
     * @param  \Closure(): bool  $keepGoing
     * @return \Closure(): bool  the same, but no more than so often
     */
    private static function forSoLong(int $times, \Closure $keepGoing): \Closure
    {
        return static function () use (&$times, $keepGoing): bool {
            $times--;

            return $times >= 0 && $keepGoing();
        };
    }

    private static function isBest(Sweep $sweep, int $bound): bool
    {
        return $sweep->makespan() === $bound && $sweep->lateness() === 0;
    }

    /**
     * Brings forward what fits before a moment, in the order in which it was to be done, as long as all windows hold
     * and nothing ends later for it. An earliest end alone leaves open what is done first.
     *
     * @param  int  $until  minute; only what can be split may go on after it
     */
    public function bringForward(Problem $problem, Solution $solution, int $until): Solution
    {
        $bench = new Bench($problem);
        $order = array_keys($solution->starts);
        usort($order, static fn (int $a, int $b) => $solution->starts[$a] <=> $solution->starts[$b]);
        $best = new Sweep($bench);
        if (! $best->run($order) || $best->makespan() > $solution->makespan) {
            return $solution;
        }
        $forward = [];
        foreach ($this->inSpareTime($problem, $solution, $order) as [$index, $mayBreakOff]) {
            if (
                in_array($index, $forward, true) ||
                array_diff(array_column($bench->before[$index], 0), $forward) !== []
            ) {
                continue;
            }
            $sweep = new Sweep($bench);
            $next = [...$forward, $index];
            if (
                $sweep->run([...$next, ...array_values(array_diff($best->order, $next))]) &&
                $sweep->makespan() <= $solution->makespan &&
                $sweep->lateness() <= $best->lateness() &&
                ($mayBreakOff ? $sweep->start[$index] : $sweep->end[$index] - 1) < $until
            ) {
                [$best, $forward] = [$sweep, $next];
            }
        }

        return $this->solution($best, $bench, $solution->lowerBound, $solution->optimal);
    }

    /**
     * What is tried in minutes to spare: first what has to be begun soon, then what fits whole, then what may be put
     * down again. Twice over, since the second may wait for something that the first round has let in.
     *
     * @param  list<int>  $order  by the starts so far
     * @return list<array{int, bool}> activity, and whether it may be begun and put down
     */
    private function inSpareTime(Problem $problem, Solution $solution, array $order): array
    {
        $closes = [];
        foreach ($problem->lags as $lag) {
            if ($lag->max !== null) {
                $closes[$lag->to] = min($closes[$lag->to] ?? PHP_INT_MAX, $solution->ends[$lag->from] + $lag->max);
            }
        }
        foreach ($problem->activities as $index => $activity) {
            if ($activity->notAfter !== null) {
                $closes[$index] = min($closes[$index] ?? PHP_INT_MAX, $activity->notAfter);
            }
        }
        asort($closes);
        $whole = array_map(static fn (int $index) => [$index, false], [...array_keys($closes), ...$order]);
        $parts = array_map(
            static fn (int $index) => [$index, true],
            array_values(array_filter($order, static fn (int $index) => $problem->activities[$index]->split)),
        );

        return [...$whole, ...$whole, ...$parts];
    }

    /** @throws NoSchedule naming the work that stands in its own way */
    private function mustFit(Bench $bench): void
    {
        $problem = $bench->problem;
        foreach ($problem->activities as $index => $activity) {
            $found = $bench->earliest($index, $activity->notBefore, 0, Bench::NO_SESSION);
            if ($found === null) {
                throw $this->neverFits($bench, $index);
            }
            if ($activity->notAfter !== null && $found[0] > $activity->notAfter) {
                throw NoSchedule::tooLate($index, $activity);
            }
        }
        foreach ($problem->lags as $lag) {
            if ($lag->max !== null && ! $this->windowFits($bench, $lag)) {
                throw NoSchedule::windowNeverFits(
                    $lag->from,
                    $lag->to,
                    $problem->activities[$lag->from],
                    $problem->activities[$lag->to],
                    $lag->max,
                );
            }
        }
    }

    /**
     * The earliest times for an order that is known from before.
     *
     * @param  list<int>  $order  of all activities, each after what it waits for
     * @return Solution|null null: it does not keep all windows any more
     *
     * @throws NoSchedule if something never fits
     */
    public function inOrder(Problem $problem, array $order): ?Solution
    {
        $bench = new Bench($problem);
        $this->mustFit($bench);
        $bound = (new Bound($bench))->ofAll();
        $sweep = new Sweep($bench);

        return $sweep->run($order)
            ? $this->solution($sweep, $bench, $bound, $sweep->makespan() === $bound && $sweep->lateness() === 0)
            : null;
    }

    /** @throws NoSchedule if no order is found even without windows */
    private function freed(Problem $problem, Chance $chance): Problem
    {
        $lags = FirstOrder::toFree($problem, $chance);

        return $lags === [] ? throw NoSchedule::windowsNotKept($problem, []) : $problem->withoutWindows($lags);
    }

    /** What it is that the work does not fit into: asked by leaving one thing out after the other. */
    private function neverFits(Bench $bench, int $index): NoSchedule
    {
        $problem = $bench->problem;
        $activity = $problem->activities[$index];
        $fits = static function (Activity $changed) use ($problem, $index): bool {
            $bench = new Bench($problem->withActivity($index, $changed));

            return $bench->earliest($index, $changed->notBefore, 0, Bench::NO_SESSION) !== null;
        };

        $anyTime = $activity->loosened(anyTime: true);
        $needsCompressor = $activity->spray !== null && $fits($anyTime->loosened(withoutAirbrush: true));
        $needsDaylight = $activity->daylight && $fits($anyTime->loosened(anyLight: true));

        return match (true) {
            $problem->sessions === [] => NoSchedule::noSessions(),
            $fits($anyTime) => NoSchedule::calendarEnds($activity),
            $needsCompressor => NoSchedule::compressorQuiet($index, $activity),
            $needsDaylight => NoSchedule::noDaylight($index, $activity),
            $activity->split => NoSchedule::calendarEnds($activity),
            default => NoSchedule::neverFits(
                $index,
                $activity,
                max(array_map(static fn (array $session) => $session[1] - $session[0], $problem->sessions)),
            ),
        };
    }

    /** Whether the two fit together at any time, whatever else there is to do. */
    private function windowFits(Bench $bench, Lag $lag): bool
    {
        foreach ($bench->problem->sessions as [$from, $to]) {
            for ($minute = $from; $minute < $to; $minute += $bench->problem->granularity) {
                $first = $bench->earliest($lag->from, $minute, $minute, Bench::ANY_SESSION);
                $then =
                    $first === null
                        ? null
                        : $bench->earliest($lag->to, $first[1] + $lag->min, $first[1], Bench::ANY_SESSION);
                if ($first !== null && $then !== null && $lag->max >= $then[$lag->maxToEnd ? 1 : 0] - $first[1]) {
                    return true;
                }
            }
        }

        return false;
    }

    private function solution(Sweep $sweep, Bench $bench, int $bound, bool $optimal): Solution
    {
        $starts = $ends = $sessions = [];
        for ($index = 0; $index < $bench->count; $index++) {
            $starts[] = $sweep->start[$index];
            $ends[] = $sweep->end[$index];
            $sessions[] = $sweep->session[$index];
        }

        $missed = [];
        foreach ($bench->missed($sweep->start, $sweep->end) as $wish => $minutes) {
            if ($minutes > 0) {
                $missed[] = $bench->problem->wishes[$wish];
            }
        }

        return new Solution(
            starts: $starts,
            ends: $ends,
            sessionOf: $sessions,
            makespan: $sweep->makespan(),
            setups: $sweep->countSetups(),
            sessions: $sweep->countSessions(),
            lowerBound: $bound,
            optimal: $optimal,
            lateness: $sweep->lateness(),
            missed: $missed,
        );
    }
}
