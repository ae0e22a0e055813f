<?php

declare(strict_types=1);

namespace Ulvrach\Draft\Internal;

use Ulvrach\Material\ProductShelf;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Rules\Evaluator;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Rules\Severity;
use Ulvrach\Rules\Verdict;
use Ulvrach\Technique\TechniqueLibrary;

/**
 * What a draft still has against it is mended by proved remedies, the first finding first; a step that nothing mends is
 * given up, and it is said why: a draft that is handed over has neither stop nor risk.
 */
final readonly class Mending
{
    /** Findings that are mended at most; a draft with more is no draft. */
    private const MOST = 12;

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private RemedyAdvisor $advisor = new RemedyAdvisor(),
    ) {
    }

    /** @param  list<string>  $kept  ids of steps that are somebody's own: they are neither given up nor judged */
    public function mend(Laying $laying, ?ProductShelf $own, array $kept = []): Verdict
    {
        $verdict = $this->evaluator->evaluate($laying->plan);
        $givenUp = [];
        for ($round = 0; $round < self::MOST; $round++) {
            $finding = $this->first($verdict, $kept);
            if ($finding === null) {
                break;
            }
            $plan = $this->mended($finding, $verdict, $own, $kept, $givenUp);
            if ($plan === null) {
                $step = $laying->plan->steps[$laying->plan->indexOf($finding->stepId) ?? 0];
                $name = TechniqueLibrary::get($step->technique)->name;
                $laying->left[] = "{$name}: {$finding->happens}";
                $givenUp[] = $step->technique;
                $zones = array_values(array_diff($step->zones, $finding->zones));
                $edit = $zones === []
                    ? new RemoveStep($step->id)
                    : new ReplaceStep($step->with(['zones' => $zones]));
                $plan = $edit->applyTo($laying->plan);
            }
            $steps = [];
            foreach ($plan->steps as $step) {
                $isNew = ! isset($laying->reasons[$step->id]);
                $laying->reasons[$step->id] ??= "Without it: {$finding->happens}";
                $steps[] = $isNew ? $step->with(['note' => $laying->reasons[$step->id]]) : $step;
            }
            $plan = $plan->with(steps: $steps);
            $laying->plan = $plan;
            $verdict = $this->evaluator->evaluate($plan);
        }

        return $verdict;
    }

    /**
     * @param  list<string>  $kept
     * @param  list<string>  $givenUp  techniques that nothing mends: no remedy brings them back
     * @return Plan|null after the best remedy that leaves less to be mended; null: there is none
     */
    private function mended(Finding $finding, Verdict $verdict, ?ProductShelf $own, array $kept, array $givenUp): ?Plan
    {
        foreach ($this->advisor->for($finding, $verdict, $own) as $proved) {
            $plan = $verdict->plan;
            foreach ($proved->remedy->edits as $edit) {
                $plan = $edit->applyTo($plan);
            }
            $after = array_column($plan->steps, null, 'id');
            $isKept = array_diff($kept, array_keys($after)) === [] && self::keepsLocked($verdict->plan, $after);
            $ids = array_diff(array_column($plan->steps, 'id'), array_column($verdict->plan->steps, 'id'));
            $new = array_map(static fn (string $id) => $plan->steps[$plan->indexOf($id) ?? 0]->technique, $ids);
            if (! $isKept || array_intersect($new, $givenUp) !== []) {
                continue;
            }
            if ($this->weight($this->evaluator->evaluate($plan)) < $this->weight($verdict)) {
                return $plan;
            }
        }

        return null;
    }

    /** @param  array<string, Step>  $after  by id */
    private static function keepsLocked(Plan $before, array $after): bool
    {
        foreach ($before->steps as $step) {
            if ($step->locked && ($after[$step->id] ?? null) != $step) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $kept */
    private function first(Verdict $verdict, array $kept): ?Finding
    {
        foreach ([Severity::Stop, Severity::Risk] as $severity) {
            foreach ($verdict->findings as $finding) {
                $isOwn = in_array($finding->stepId, $kept, true);
                if ($finding->severity === $severity && $finding->accepted === null && ! $isOwn) {
                    return $finding;
                }
            }
        }

        return null;
    }

    private function weight(Verdict $verdict): int
    {
        return 100 * $verdict->count(Severity::Stop) + $verdict->count(Severity::Risk);
    }
}
