<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Stuff\Chemistry\Combination;

/** Asks the rules about one plan, and puts the same thing on several zones into one finding. */
final class Judgement
{
    /** @var array<string, Finding> by what is said of which step */
    private array $said = [];

    /** @var array<string, list<string>> zone ids for each of them */
    private array $zones = [];

    /** @var array<string, array<string, Rule>> by kind of work, by code: the rules that look at it */
    private array $watching = [];

    /** @var array<string, array<string, Rule>> those of them that look around */
    private array $lookingAround = [];

    /** @var array<int, array<string, list<array{Finding, list<string>}>>> as {@see Verdict::$examined} */
    private array $examined = [];

    /** @param  Verdict|null  $like  on a plan that differs in a few steps; null: nothing is known yet */
    public function __construct(
        private readonly RuleBook $book,
        private readonly School $school,
        private readonly ?Verdict $like = null,
    ) {
    }

    /** @return list<Finding> in plan order, the gravest first within a step */
    public function of(Walk $walk, Forecast $forecast): array
    {
        $this->said = $this->zones = $this->examined = [];
        $like = $this->like;
        $isAlike = $like !== null &&
            $like->plan->build === $walk->plan->build &&
            $like->plan->school === $walk->plan->school;
        foreach ($walk->situations as $index => $situation) {
            $own = $isAlike ? $like->walk->situations[$index] ?? null : null;
            $isKnown = $own !== null && $situation->isFrom($own);
            $this->examine($situation, $isKnown ? $like->examined[$index] ?? [] : null);
        }
        $this->conclude($walk, $forecast);

        return $this->weighed($walk);
    }

    /** @return array<int, array<string, list<array{Finding, list<string>}>>> as {@see Verdict::$examined} */
    public function examined(): array
    {
        return $this->examined;
    }

    /** @param  array<string, list<array{Finding, list<string>}>>|null  $known  by code of the rule; null: nothing */
    private function examine(Situation $situation, ?array $known): void
    {
        $kind = $situation->kind->value;
        $watching = $this->watching[$kind] ??= $this->book->watching($situation->kind, $this->school);
        $around = $this->lookingAround[$kind] ??= array_filter(
            $watching,
            static fn (Rule $rule) => $rule instanceof LooksAround,
        );
        $said = $known ?? [];
        foreach ($known === null ? $watching : $around as $code => $rule) {
            $answers = $this->answers($rule, $situation);
            if ($answers !== []) {
                $said[$code] = $answers;
            }
        }
        $examined = array_diff_key($said, $around);
        if ($examined !== []) {
            $this->examined[$situation->index] = $examined;
        }
        // In the order of the book, whatever was known before.
        foreach (count($said) > count($known ?? $said) ? array_intersect_key($watching, $said) : $said as $code => $_) {
            foreach ($said[$code] as [$finding, $zones]) {
                $this->note($finding, $zones);
            }
        }
    }

    /** @return list<array{Finding, non-empty-list<string>}> what a rule has to say of a step, and of which zones */
    private function answers(Rule $rule, Situation $situation): array
    {
        $said = [];
        foreach ($rule->concerns($situation) ? $situation->touched : [] as $touched) {
            foreach ($rule instanceof LooksAtZone ? $touched->apart($situation->plan) : [$touched] as $asked) {
                $finding = $rule->examine($situation, $asked->strata);
                if ($finding !== null) {
                    $said[] = [$finding, $asked->zones];
                }
            }
        }

        return $said;
    }

    /** What can only be said once the last step of a zone, or of the plan, is known. */
    private function conclude(Walk $walk, Forecast $forecast): void
    {
        $finished = $walk->finished();
        $apart = $strata = $zonesOf = [];
        foreach ($finished as $touched) {
            foreach ($touched->apart($walk->plan) as $one) {
                $apart[] = $one;
                $strata[] = $one->strata;
                $zonesOf[spl_object_id($one->strata)] = $one->zones;
            }
        }
        foreach ($this->book->rules as $rule) {
            if ($rule instanceof JourneyRule) {
                foreach ($rule instanceof LooksAtZone ? $apart : $finished as $asked) {
                    $finding = $rule->conclude($walk->plan, $asked->strata, $walk->times);
                    if ($finding !== null) {
                        $this->note($finding, $asked->zones);
                    }
                }
            }
            if ($rule instanceof PlanRule) {
                foreach ($rule->overall($walk->plan, $strata) as [$finding, $zone]) {
                    $this->note($finding, $zonesOf[spl_object_id($zone)]);
                }
            }
            if ($rule instanceof SeenRule && $this->school->minds($rule)) {
                foreach ($rule->foresee($walk, $forecast) as $finding) {
                    $this->note($finding, $finding->zones);
                }
            }
        }
    }

    /** @return list<Finding> as grave as the school holds them, and with what the person says of them */
    private function weighed(Walk $walk): array
    {
        $plan = $walk->plan;
        $place = array_flip(array_map(static fn ($step) => $step->id, $plan->steps));
        $findings = [];
        $tried = $this->combinationsTried($walk->log);
        $trials = $walk->log->trials();
        $isCard = $plan->build->kind === VehicleKind::TestCard;
        foreach ($this->said as $key => $finding) {
            $kind = $this->book->rules[$finding->code]->kind();
            $severity = $this->school->severityOf($finding, $kind);
            if ($severity !== null) {
                $zones = array_keys(array_intersect_key($plan->zones, array_flip($this->zones[$key])));
                $answered = $this->answered(
                    $finding->onZones($zones)->withSeverity($severity),
                    $kind,
                    $plan->steps[$place[$finding->stepId]],
                    $walk->log->trial($finding->stepId, $finding->code) ??
                        ($tried[self::combinationOf($finding)] ?? self::triedLike($finding, $trials)),
                );
                // A card is there to be spoilt.
                $findings[] = $isCard && $answered->severity === Severity::Stop
                    ? $answered->withSeverity(Severity::Risk)
                    : $answered;
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
     * A trial speaks for every step at which the same liquid meets the same film in the same way.
     *
     * @return array<string, Trial> by combination
     */
    private function combinationsTried(Log $log): array
    {
        $tried = [];
        foreach ($log->isEmpty() ? [] : $this->said as $finding) {
            $combination = self::combinationOf($finding);
            $trial = $combination === '' ? null : $log->trial($finding->stepId, $finding->code);
            if ($trial !== null) {
                $tried[$combination] = $trial;
            }
        }

        return $tried;
    }

    /**
     * The last trial, of this build or of another, that says what will come of it; null: none does.
     *
     * @param  list<Trial>  $trials  the oldest first
     */
    private static function triedLike(Finding $finding, array $trials): ?Trial
    {
        $case = $trials === [] ? null : Combination::parse((string) ($finding->facts['tried'] ?? ''));
        if ($case === null) {
            return null;
        }
        $last = null;
        foreach ($trials as $trial) {
            $last = $trial->speaksOf($case) ? $trial : $last;
        }

        return $last;
    }

    /** Empty: nothing that can be tried on another step. */
    private static function combinationOf(Finding $finding): string
    {
        $tried = (string) ($finding->facts['tried'] ?? '');

        return $tried === '' ? '' : "{$finding->code} {$tried}";
    }

    /**
     * What the person says of it: a custom is accepted with a reason or a passed trial, a fact with a passed trial
     * only, and what is certain never. A failed trial makes it a stop.
     */
    private function answered(Finding $finding, RuleKind $kind, Step $step, ?Trial $trial): Finding
    {
        $reason = null;
        foreach ($step->accepted as $acceptance) {
            if ($acceptance->rule === $finding->code) {
                $reason = $acceptance->reason;
            }
        }
        if ($trial === null && $reason === null) {
            return $finding;
        }

        return match (true) {
            $trial?->passed === false => $finding->withSeverity(Severity::Stop),
            $kind === RuleKind::Fact && ($trial === null || $finding->isCertain) => $finding,
            default => $finding->acceptedWith(new Accepted($reason ?? '', $trial)),
        };
    }

    /** @param  list<string>  $zones */
    private function note(Finding $finding, array $zones): void
    {
        $key = $finding->code.'|'.$finding->stepId.'|'.$finding->happens;
        $this->said[$key] ??= $finding;
        $this->zones[$key] ??= [];
        array_push($this->zones[$key], ...$zones);
    }
}
