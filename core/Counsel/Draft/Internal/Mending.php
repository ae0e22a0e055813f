<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Judgement\Rules\Cure\ColdAcrylic;
use Ulvrach\Judgement\Rules\Cure\DampAir;
use Ulvrach\Judgement\Rules\Cure\SprayDriesInTheAir;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What a draft still has against it is mended by proved remedies, the first finding first; a step that nothing mends is
 * given up, and it is said why. A draft that is handed over has neither stop nor risk, or says which.
 */
final readonly class Mending
{
    /** Findings that are mended at most: enough for a vehicle of which every part is too large for one go. */
    private const MOST = 40;

    /** What is the fault of the air: one change of it mends them on all steps. */
    private const OF_THE_ROOM = [ColdAcrylic::CODE, DampAir::CODE, SprayDriesInTheAir::CODE];

    public function __construct(
        private Evaluator $evaluator = new Evaluator(),
        private RemedyAdvisor $advisor = new RemedyAdvisor(),
        private int $most = self::MOST,
    ) {
    }

    /** @param  list<string>  $kept  ids of steps that are somebody's own: they are neither given up nor judged */
    public function mend(Laying $laying, ?ProductShelf $own, array $kept = []): Verdict
    {
        $verdict = $this->inKinderAir($laying, $own, $kept);
        $givenUp = $reasons = [];
        for ($round = 0; $round < $this->most; $round++) {
            $finding = $this->first($verdict, $kept);
            if ($finding === null) {
                break;
            }
            $plan = $this->mended($finding, $verdict, $own, $kept, $givenUp);
            if ($plan === null) {
                $step = $laying->plan->steps[$laying->plan->indexOf($finding->stepId) ?? 0];
                $reasons["{$step->technique} {$finding->code}"] ??= [$step->technique, $finding->happens, []];
                array_push($reasons["{$step->technique} {$finding->code}"][2], ...$finding->zones);
                $givenUp[] = $step->technique;
                $zones = array_values(array_diff($step->zones, $finding->zones));
                $edit = $zones === []
                    ? new RemoveStep($step->id)
                    : new ReplaceStep($step->with(zones: $zones));
                $plan = $edit->applyTo($laying->plan);
            }
            $steps = [];
            foreach ($plan->steps as $step) {
                $isNew = ! isset($laying->reasons[$step->id]);
                $laying->reasons[$step->id] ??= "Without it: {$finding->happens}";
                $steps[] = $isNew ? $step->with(note: $laying->reasons[$step->id]) : $step;
            }
            $plan = $plan->with(steps: $steps);
            $laying->plan = $plan;
            $verdict = $this->evaluator->evaluate($plan, like: $verdict);
        }
        foreach ($reasons as [$technique, $happens, $zones]) {
            $names = array_map(static fn (string $id) => $laying->plan->zones[$id]->name, array_unique($zones));
            $on = $names === [] ? '' : ' on '.implode(', ', $names);
            $laying->left[] = TechniqueLibrary::get($technique)->name."{$on}: {$happens}";
        }
        $laying->remains = $this->remaining($verdict, $kept);

        return $verdict;
    }

    /**
     * What the room makes impossible would be said at every step, and would cost the draft half of its work: it is said
     * once, and drafted for the nearest air in which it is no matter.
     *
     * @param  list<string>  $kept
     */
    private function inKinderAir(Laying $laying, ?ProductShelf $own, array $kept): Verdict
    {
        $verdict = $this->evaluator->evaluate($laying->plan);
        foreach (self::OF_THE_ROOM as $code) {
            $finding = $this->first($verdict, $kept, $code);
            if ($finding === null) {
                continue;
            }
            foreach ($this->advisor->for($finding, $verdict, $own) as $proved) {
                $edit = $proved->remedy->edits[0];
                if ($edit instanceof SetBench) {
                    $laying->room[] = $finding->happens;
                    $laying->plan = $edit->applyTo($laying->plan);
                    $verdict = $this->evaluator->evaluate($laying->plan);
                    break;
                }
            }
        }

        return $verdict;
    }

    /**
     * @param  list<string>  $kept
     * @return list<string> each cause once, with the number of its first step
     */
    private function remaining(Verdict $verdict, array $kept): array
    {
        $said = [];
        foreach ($verdict->findings as $finding) {
            if ($this->isGrave($finding, $kept)) {
                $number = ($verdict->plan->indexOf($finding->stepId) ?? 0) + 1;
                $said[$finding->code] ??= "Step {$number}: {$finding->happens}";
            }
        }

        return array_values($said);
    }

    /**
     * @param  list<string>  $kept
     * @param  list<string>  $givenUp  techniques that nothing mends: no remedy brings them back
     * @return Plan|null after the best remedy that leaves less to be mended; null: there is none
     */
    private function mended(Finding $finding, Verdict $verdict, ?ProductShelf $own, array $kept, array $givenUp): ?Plan
    {
        foreach ($this->advisor->for($finding, $verdict, $own) as $proved) {
            $plan = $proved->after->plan;
            $after = array_column($plan->steps, null, 'id');
            $isKept = array_diff($kept, array_keys($after)) === [] && self::keepsLocked($verdict->plan, $after);
            $ids = array_diff(array_column($plan->steps, 'id'), array_column($verdict->plan->steps, 'id'));
            $new = array_map(static fn (string $id) => $plan->steps[$plan->indexOf($id) ?? 0]->technique, $ids);
            if (! $isKept || array_intersect($new, $givenUp) !== []) {
                continue;
            }
            if ($this->weight($proved->after) < $this->weight($verdict)) {
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

    /**
     * @param  list<string>  $kept
     * @param  string|null  $code  of the one rule that is asked for; null: of any
     */
    private function first(Verdict $verdict, array $kept, ?string $code = null): ?Finding
    {
        foreach ([Severity::Stop, Severity::Risk] as $severity) {
            foreach ($verdict->findings as $finding) {
                $isAskedFor = $finding->severity === $severity && ($code === null || $finding->code === $code);
                if ($isAskedFor && $this->isGrave($finding, $kept)) {
                    return $finding;
                }
            }
        }

        return null;
    }

    /** @param  list<string>  $kept */
    private function isGrave(Finding $finding, array $kept): bool
    {
        return $finding->severity !== Severity::Note &&
            $finding->accepted === null &&
            ! in_array($finding->stepId, $kept, true);
    }

    private function weight(Verdict $verdict): int
    {
        return 100 * $verdict->count(Severity::Stop) + $verdict->count(Severity::Risk);
    }
}
