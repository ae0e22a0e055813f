<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Judgement\Rules\Chemistry\HotSolventOverSoftFilm;
use Ulvrach\Judgement\Rules\Chemistry\SpiritOnYoungVarnish;
use Ulvrach\Judgement\Rules\Chemistry\WakesLayerBelow;
use Ulvrach\Judgement\Rules\Cure\MaskOnSoftPaint;
use Ulvrach\Judgement\Rules\Cure\TooEarly;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Edit\EditRefused;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Log\Past;
use Ulvrach\Stuff\Material\ProductShelf;

/**
 * Offers only remedies that work: each candidate of a rule is applied to a copy of the plan, which is evaluated again.
 * One counts as working if the finding is gone from every zone and no stop stands where none stood before.
 */
final readonly class RemedyAdvisor
{
    /** Steps that a remedy may make wait longer besides; more would be another plan. */
    private const MOST_LATER_WAITS = 3;

    /** Rules whose stops a longer wait may lift. */
    private const A_MATTER_OF_TIME = [
        TooEarly::CODE,
        MaskOnSoftPaint::CODE,
        HotSolventOverSoftFilm::CODE,
        SpiritOnYoungVarnish::CODE,
        WakesLayerBelow::CODE,
    ];

    public function __construct(private Evaluator $evaluator = new Evaluator())
    {
    }

    /**
     * @param  ProductShelf|null  $own  the jars that the person owns; null: nobody has said
     * @return list<ProvedRemedy> first what changes least of what the modeller meant, among equals what mends most; the
     *   same edits are offered once
     */
    public function for(Finding $finding, Verdict $before, ?ProductShelf $own = null): array
    {
        $proved = [];
        $rule = RuleBook::ofAll()->rules[$finding->code];
        foreach (array_filter($rule->remedies($finding, new Workbench($before, $own))) as $remedy) {
            $after = $this->after($remedy, $before);
            if ($after !== null && $this->isTooSoon($after, $before)) {
                [$remedy, $after] = $this->withLaterWaits($remedy, $after, $before);
            }
            if (
                $after === null ||
                $this->isStillThere($finding, $after) ||
                $this->stops($after, $before) !== [] ||
                ! Sense::isKept($before, $after)
            ) {
                continue;
            }
            $key = serialize($remedy->edits);
            $proved[$key] ??= $this->outcome($remedy, $before, $after);
        }

        $proved = array_values($proved);
        usort(
            $proved,
            static fn (ProvedRemedy $a, ProvedRemedy $b) => [
                $a->remedy->weight($before->plan),
                $a->brings - $a->clears,
                $a->delayMinutes,
            ] <=> [$b->remedy->weight($before->plan), $b->brings - $b->clears, $b->delayMinutes],
        );

        return $proved;
    }

    /**
     * A wait that was right for the plan as it stands may be too short once steps before it have changed: then those
     * steps are done as soon as what lies below them allows.
     *
     * @return array{Remedy, Verdict}
     */
    private function withLaterWaits(Remedy $remedy, Verdict $after, Verdict $before): array
    {
        $waiting = [];
        for ($round = 0; $round < self::MOST_LATER_WAITS; $round++) {
            $early = $this->firstTooSoon($after, $before);
            $step = $early === null ? null : $after->plan->steps[$early];
            if ($step === null || $step->waitMinutes === null || $before->walk->log->isFinished($step->id)) {
                break;
            }
            $waiting[] = $early + 1;
            $longer = $step->with(waitMinutes: null);
            $remedy = new Remedy($remedy->label, [...$remedy->edits, new ReplaceStep($longer)]);
            $plan = (new ReplaceStep($longer))->applyTo($after->plan);
            $after = $this->evaluator->evaluate($plan, $before->walk->log, $after);
        }
        $steps = count($waiting) === 1 ? 'step' : 'steps';

        return [
            $waiting === []
                ? $remedy
                : new Remedy(
                    "{$remedy->label}; wait longer before {$steps} ".implode(', ', $waiting),
                    $remedy->edits,
                ),
            $after,
        ];
    }

    /** Whether the remedy leaves something too soon that was not. */
    private function isTooSoon(Verdict $after, Verdict $before): bool
    {
        return $this->firstTooSoon($after, $before) !== null;
    }

    /** @return int|null index of the first step that is newly too soon, by a stop or a risk */
    private function firstTooSoon(Verdict $after, Verdict $before): ?int
    {
        $known = [
            Severity::Stop->value => $this->spots($before, Severity::Stop),
            Severity::Risk->value => $this->spots($before, Severity::Risk),
        ];
        foreach ($after->findings as $finding) {
            if (
                in_array($finding->code, self::A_MATTER_OF_TIME, true) &&
                $finding->severity !== Severity::Note &&
                ! isset($known[$finding->severity->value]["{$finding->stepId}|{$finding->code}|{$finding->zones[0]}"])
            ) {
                return $after->plan->indexOf($finding->stepId);
            }
        }

        return null;
    }

    /** The plan with the remedy; null: it cannot be applied, or would change what was done already. */
    private function after(Remedy $remedy, Verdict $before): ?Verdict
    {
        $plan = $before->plan;
        try {
            foreach ($remedy->edits as $edit) {
                $plan = $edit->applyTo($plan);
            }
        } catch (EditRefused) {
            return null;
        }

        return Past::isKept($before->plan, $plan, $before->walk->log)
            ? $this->evaluator->evaluate($plan, $before->walk->log, $before)
            : null;
    }

    private function isStillThere(Finding $finding, Verdict $after): bool
    {
        foreach ($after->findings as $other) {
            if (
                $other->code === $finding->code &&
                $other->stepId === $finding->stepId &&
                array_intersect($other->zones, $finding->zones) !== []
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> stops that the plan did not have, one a step, code and zone */
    private function stops(Verdict $after, Verdict $before): array
    {
        return array_diff_key($this->spots($after, Severity::Stop), $this->spots($before, Severity::Stop));
    }

    private function outcome(Remedy $remedy, Verdict $before, Verdict $after): ProvedRemedy
    {
        $was = $this->spots($before, Severity::Note);
        $is = $this->spots($after, Severity::Note);
        $findings = static fn (array $spots): int => count(
            array_unique(
                array_map(static fn (string $spot) => substr($spot, 0, (int) strrpos($spot, '|')), array_keys($spots)),
            ),
        );

        return new ProvedRemedy(
            remedy: $remedy,
            after: $after,
            clears: $findings(array_diff_key($was, $is)),
            brings: $findings(array_diff_key($is, $was)),
            brought: $this->titles($after, array_diff_key($is, $was)),
            delayMinutes: $after->walk->lasts() - $before->walk->lasts(),
            workMinutes: $after->walk->handsOn() - $before->walk->handsOn(),
        );
    }

    /**
     * @param  array<string, true>  $spots
     * @return list<string> what the findings at these spots say, each once, the gravest first
     */
    private function titles(Verdict $verdict, array $spots): array
    {
        $titles = [];
        foreach ($verdict->findings as $finding) {
            foreach ($finding->zones as $zone) {
                if (isset($spots["{$finding->stepId}|{$finding->code}|{$zone}"])) {
                    $titles[RuleBook::ofAll()->rules[$finding->code]->title()] ??= $finding->severity->rank();
                }
            }
        }
        asort($titles);

        return array_keys($titles);
    }

    /**
     * @param  Severity  $least  what is less grave does not count
     * @return array<string, true>
     */
    private function spots(Verdict $verdict, Severity $least): array
    {
        $spots = [];
        foreach ($verdict->findings as $finding) {
            if ($finding->severity->rank() > $least->rank()) {
                continue;
            }
            foreach ($finding->zones as $zone) {
                $spots["{$finding->stepId}|{$finding->code}|{$zone}"] = true;
            }
        }

        return $spots;
    }
}
