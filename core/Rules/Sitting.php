<?php

declare(strict_types=1);

namespace Ulvrach\Rules;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\StepTimes;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Plan;

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

    /** @var array<string, list<Rule>> by technique kind */
    private array $watching = [];

    /** @param  array<string, Rule>  $rules */
    public function __construct(private readonly array $rules, private readonly School $school)
    {
    }

    /** @param  list<Strata>  $touched */
    public function examine(Situation $situation, array $touched): void
    {
        foreach ($this->rulesFor($situation) as $rule) {
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
        foreach ($this->rules as $rule) {
            if ($rule instanceof JourneyRule) {
                foreach ($all as $zone) {
                    $finding = $rule->conclude($plan, $zone, $times);
                    if ($finding !== null) {
                        $this->note($finding, $zone);
                    }
                }
            }
        }
        $place = array_flip(array_map(static fn ($step) => $step->id, $plan->steps));
        $findings = [];
        foreach ($this->said as $key => $finding) {
            $severity = $this->school->severityOf($finding, $this->rules[$finding->code]->kind());
            if ($severity !== null) {
                $findings[] = $finding->onZones(array_values(array_intersect(array_keys($plan->zones), $this->zones[$key])))->withSeverity($severity);
            }
        }
        usort($findings, static fn (Finding $a, Finding $b) => [$place[$a->stepId], $a->severity->rank()] <=> [$place[$b->stepId], $b->severity->rank()]);

        return $findings;
    }

    private function note(Finding $finding, Strata $where): void
    {
        $key = $finding->code.'|'.$finding->stepId.'|'.$finding->happens;
        $this->said[$key] ??= $finding;
        $this->zones[$key] ??= [];
        array_push($this->zones[$key], ...$where->zoneIds);
    }

    /** @return list<Rule> */
    private function rulesFor(Situation $situation): array
    {
        return $this->watching[$situation->kind->value] ??= array_values(array_filter(
            $this->rules,
            static fn (Rule $rule) => $rule->watches() === [] || in_array($situation->kind, $rule->watches(), true),
        ));
    }
}
