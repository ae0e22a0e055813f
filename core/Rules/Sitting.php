<?php

declare(strict_types=1);

namespace Ulvrach\Rules;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\StepTimes;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;

/**
 * The rules at work on one plan: gathers what they say and puts the same thing on several zones into one finding.
 *
 * @internal to the evaluation
 */
final class Sitting
{
    /** @var array<string, Finding> by what is said of which step */
    private array $said = [];

    /** @var array<string, list<string>> zone ids for each of them */
    private array $zones = [];

    /** @var array<string, array<int, Rule>> by technique kind: the rules that look at it and that the school minds */
    private array $watching = [];

    public function __construct(private readonly RuleBook $book, private readonly School $school)
    {
    }

    /** @param  list<Strata>  $touched */
    public function examine(Situation $situation, array $touched): void
    {
        $this->watching[$situation->kind->value] ??= array_filter(
            $this->book->watching($situation->kind),
            $this->school->minds(...),
        );
        foreach ($this->watching[$situation->kind->value] as $rule) {
            if (! $rule->concerns($situation)) {
                continue;
            }
            foreach ($touched as $strata) {
                $finding = $rule->examine($situation, $strata);
                if ($finding !== null) {
                    $this->note($finding, $strata);
                }
            }
        }
    }

    /**
     * @param  array<string, Strata>  $strata
     * @param  list<StepTimes>  $times
     * @return list<Finding>
     */
    public function findings(Plan $plan, array $strata, array $times): array
    {
        $all = [];
        foreach ($strata as $zone) {
            $all[spl_object_id($zone)] = $zone;
        }
        foreach ($this->book->rules as $rule) {
            if ($rule instanceof JourneyRule) {
                foreach ($all as $zone) {
                    $finding = $rule->conclude($plan, $zone, $times);
                    if ($finding !== null) {
                        $this->note($finding, $zone);
                    }
                }
            }
            if ($rule instanceof PlanRule) {
                foreach ($rule->overall($plan, array_values($all)) as [$finding, $zone]) {
                    $this->note($finding, $zone);
                }
            }
        }
        $place = array_flip(array_map(static fn ($step) => $step->id, $plan->steps));
        $findings = [];
        foreach ($this->said as $key => $finding) {
            $kind = $this->book->rules[$finding->code]->kind();
            $severity = $this->school->severityOf($finding, $kind);
            if ($severity !== null) {
                $zones = array_keys(array_intersect_key($plan->zones, array_flip($this->zones[$key])));
                $findings[] = $this->weighed(
                    $finding->onZones($zones)->withSeverity($severity),
                    $kind,
                    $plan->steps[$place[$finding->stepId]],
                );
            }
        }
        usort(
            $findings,
            static fn (Finding $a, Finding $b) => $place[$a->stepId] <=> $place[$b->stepId] ?:
            $a->severity->rank() <=> $b->severity->rank(),
        );

        return $findings;
    }

    /**
     * What the person says of it: a custom is accepted with a reason or a passed trial, a fact that may go wrong with a
     * passed trial only, a fact that will go wrong never. A failed trial makes it a stop.
     */
    private function weighed(Finding $finding, RuleKind $kind, Step $step): Finding
    {
        foreach ($step->accepted as $acceptance) {
            if ($acceptance->rule !== $finding->code) {
                continue;
            }
            $passed = $acceptance->trial?->passed;

            return match (true) {
                $passed === false => $finding->withSeverity(Severity::Stop),
                $kind === RuleKind::Fact && ($passed !== true || $finding->severity === Severity::Stop) => $finding,
                default => $finding->acceptedWith($acceptance),
            };
        }

        return $finding;
    }

    private function note(Finding $finding, Strata $where): void
    {
        $key = $finding->code.'|'.$finding->stepId.'|'.$finding->happens;
        $this->said[$key] ??= $finding;
        $this->zones[$key] ??= [];
        array_push($this->zones[$key], ...$where->zoneIds);
    }
}
