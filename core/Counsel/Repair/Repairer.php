<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Repair;

use Ulvrach\Counsel\Repair\Internal\RepairState;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Material\ProductShelf;

/**
 * Makes a plan sound: a cheapest set of proved remedies after which no stop is left. Uniform-cost search; a state is
 * expanded by the remedies of the stops at its first faulty step, since what is mended early often mends what follows.
 * A remedy costs 1, and far more if it gives up work that was planned: that is for when nothing
 * else helps. Proved remedies bring no stop, so that no repair makes
 * a plan worse. By the greatest gain each time there is an answer at once, which the search tries to undercut; where it
 * gives out, it goes on like that from its best state.
 */
final readonly class Repairer
{
    private const GIVES_UP = 20;

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private RemedyAdvisor $advisor = new RemedyAdvisor(),
        private int $mostStates = 90,
    ) {
    }

    /**
     * @param  Log  $log  what was really done, which no remedy changes
     * @param  ProductShelf|null  $own  the jars that the person owns
     * @param  (\Closure(): bool)|null  $keepGoing  asked from time to time; false ends it with the best so far. Null:
     *   it goes on until it is through
     */
    public function repair(
        Plan $plan,
        Log $log = new Log(),
        ?ProductShelf $own = null,
        ?\Closure $keepGoing = null,
    ): Repair {
        $keepGoing ??= static fn (): bool => true;
        $start = new RepairState($this->evaluator->evaluate($plan, $log), [], 0);
        // A quick answer first, so that there is one when time is up; then a search for a cheaper one.
        $ways = $this->next($start, $own, $keepGoing);
        $quick = $ways === [] ? $start : $this->greedily(self::mostMended($ways), $own, $keepGoing);
        $open = [$start];
        $seen = [];
        $best = $start;
        for ($expanded = 0; $open !== []; $expanded++) {
            $at = $this->cheapest($open);
            $state = $open[$at];
            unset($open[$at]);
            $best = count($state->stops) < count($best->stops) ? $state : $best;
            if ($quick->stops === [] && $quick->cost <= $state->cost) {
                return new Repair($start->verdict, $quick->verdict, $quick->actions, true);
            }
            if ($state->stops === []) {
                return new Repair($start->verdict, $state->verdict, $state->actions, true);
            }
            if ($expanded >= $this->mostStates || ! $keepGoing()) {
                break;
            }
            foreach ($state === $start ? $ways : $this->next($state, $own, $keepGoing) as $next) {
                $key = serialize($next->verdict->plan->steps);
                if (($seen[$key] ?? PHP_INT_MAX) > $next->cost) {
                    $seen[$key] = $next->cost;
                    $open[] = $next;
                }
            }
        }
        $best = $this->greedily($best, $own, $keepGoing);
        $isBetter = [count($best->stops), $best->cost] < [count($quick->stops), $quick->cost];
        $best = $isBetter ? $best : $quick;

        return new Repair($start->verdict, $best->verdict, $best->actions, false);
    }

    /** @param  non-empty-array<int, RepairState>  $open */
    private function cheapest(array $open): int
    {
        $at = array_key_first($open);
        foreach ($open as $place => $state) {
            if ($state->isCheaperThan($open[$at])) {
                $at = $place;
            }
        }

        return $at;
    }

    /** @param  \Closure(): bool  $keepGoing */
    private function greedily(RepairState $state, ?ProductShelf $own, \Closure $keepGoing): RepairState
    {
        while ($state->stops !== [] && ($ways = $this->next($state, $own, $keepGoing)) !== []) {
            $state = self::mostMended($ways);
        }

        return $state;
    }

    /** @param  non-empty-list<RepairState>  $ways */
    private static function mostMended(array $ways): RepairState
    {
        usort(
            $ways,
            static fn (RepairState $a, RepairState $b) => [count($a->stops), $a->cost] <=> [
                count($b->stops),
                $b->cost,
            ],
        );

        return $ways[0];
    }

    /**
     * By the remedies of the first step whose stops can be mended.
     *
     * @param  \Closure(): bool  $keepGoing
     * @return list<RepairState> empty: nothing mends it, or there is no time left
     */
    private function next(RepairState $state, ?ProductShelf $own, \Closure $keepGoing): array
    {
        $next = [];
        $first = null;
        foreach ($state->stops as $finding) {
            if (($first !== null && $finding->stepId !== $first) || ! $keepGoing()) {
                break;
            }
            foreach ($this->advisor->for($finding, $state->verdict, $own) as $proved) {
                $first = $finding->stepId;
                $after = $proved->after;
                $givesUp = $this->work($after->plan) < $this->work($state->verdict->plan);
                $next[] = new RepairState(
                    $after,
                    [...$state->actions, new RepairAction($finding, $proved)],
                    $state->cost + 1 + ($givesUp ? self::GIVES_UP : 0),
                );
            }
        }

        return $next;
    }

    /** Steps on zones. */
    private function work(Plan $plan): int
    {
        return array_sum(array_map(static fn ($step) => count($step->zones), $plan->steps));
    }
}
