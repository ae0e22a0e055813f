<?php

declare(strict_types=1);

namespace Ulvrach\Repair;

use Ulvrach\Evaluation\Evaluator;
use Ulvrach\Plan\Plan;
use Ulvrach\Repair\Internal\RepairState;
use Ulvrach\Rules\Remedy\Remedy;
use Ulvrach\Rules\Remedy\RemedyAdvisor;

/**
 * Makes a plan sound: a cheapest set of proved remedies after which no stop is left. Uniform-cost search; a state is
 * expanded by the remedies of the stops at its first faulty step, since what is mended early often mends what follows.
 * A remedy costs 1, and 3 if it gives up work that was planned. Proved remedies bring no stop, so that no repair makes
 * a plan worse; where the search gives out, it goes on from the best state by the greatest gain.
 */
final readonly class Repairer
{
    private const GIVES_UP = 2;

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private RemedyAdvisor $advisor = new RemedyAdvisor(),
        private int $mostStates = 90,
    ) {
    }

    public function repair(Plan $plan): Repair
    {
        $start = new RepairState($this->evaluator->evaluate($plan), [], 0);
        $open = [$start];
        $seen = [];
        $best = $start;
        for ($expanded = 0; $open !== []; $expanded++) {
            $at = $this->cheapest($open);
            $state = $open[$at];
            unset($open[$at]);
            $best = count($state->stops) < count($best->stops) ? $state : $best;
            if ($state->stops === []) {
                return new Repair($start->evaluation, $state->evaluation, $state->actions, true);
            }
            if ($expanded >= $this->mostStates) {
                break;
            }
            foreach ($this->next($state) as $next) {
                $key = serialize($next->evaluation->plan->steps);
                if (($seen[$key] ?? PHP_INT_MAX) > $next->cost) {
                    $seen[$key] = $next->cost;
                    $open[] = $next;
                }
            }
        }
        $best = $this->greedily($best);

        return new Repair($start->evaluation, $best->evaluation, $best->actions, false);
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

    private function greedily(RepairState $state): RepairState
    {
        while ($state->stops !== [] && ($ways = $this->next($state)) !== []) {
            usort(
                $ways,
                static fn (RepairState $a, RepairState $b) => [count($a->stops), $a->cost] <=> [
                    count($b->stops),
                    $b->cost,
                ],
            );
            $state = $ways[0];
        }

        return $state;
    }

    /** @return list<RepairState> by the remedies of the first step whose stops can be mended */
    private function next(RepairState $state): array
    {
        $next = [];
        $first = null;
        foreach ($state->stops as $finding) {
            if ($first !== null && $finding->stepId !== $first) {
                break;
            }
            foreach ($this->advisor->for($finding, $state->evaluation) as $proved) {
                $first = $finding->stepId;
                $after = $this->evaluator->evaluate($this->applied($proved->remedy, $state->evaluation->plan));
                $price = 1 + ($this->work($after->plan) < $this->work($state->evaluation->plan) ? self::GIVES_UP : 0);
                $next[] = new RepairState(
                    $after,
                    [...$state->actions, new RepairAction($finding, $proved)],
                    $state->cost + $price,
                );
            }
        }

        return $next;
    }

    private function applied(Remedy $remedy, Plan $plan): Plan
    {
        foreach ($remedy->edits as $edit) {
            $plan = $edit->applyTo($plan);
        }

        return $plan;
    }

    /** Steps on zones. */
    private function work(Plan $plan): int
    {
        return array_sum(array_map(static fn ($step) => count($step->zones), $plan->steps));
    }
}
