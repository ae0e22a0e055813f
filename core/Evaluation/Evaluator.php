<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\Carrier;
use Ulvrach\Drying\CureTable;
use Ulvrach\Drying\CureTimes;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\Step;
use Ulvrach\Rules\RuleBook;
use Ulvrach\Rules\School;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\TechniqueKind;
use Ulvrach\Technique\TechniqueLibrary;

/** Walks a plan once, from the bare parts to the last coat, and asks the rules at every step. */
final class Evaluator
{
    /** @var array<string, CureTimes> a plan has few of them, asked for again at every edit */
    private array $cures = [];

    public function __construct(
        private readonly RuleBook $rules = new RuleBook(),
        private readonly StepLiquids $liquids = new StepLiquids(),
    ) {
    }

    public function evaluate(Plan $plan): Evaluation
    {
        $strata = $this->bareStrata($plan);
        $judge = $this->rules->sitting(School::of($plan->school));
        $clockZero = $this->clockZero($plan);
        $air = BenchAir::of($plan->bench);
        $times = [];
        $layers = [];
        $clock = 0;
        foreach ($plan->steps as $index => $step) {
            $situation = new Situation(
                plan: $plan,
                index: $index,
                step: $step,
                technique: TechniqueLibrary::get($step->technique),
                product: $plan->productOf($step),
                air: $air,
                known: $this->liquids,
            );
            $touched = [];
            foreach ($step->zones as $zoneId) {
                $touched[spl_object_id($strata[$zoneId])] = $strata[$zoneId];
            }
            $touched = array_values($touched);
            $stepTimes = $this->timesOf($situation, $touched, $clock, $clockZero);
            $situation->begin($stepTimes->start, $stepTimes->ready, $touched);
            $judge->examine($situation, $touched);
            $layer = $this->layerOf($situation, $stepTimes);
            $this->lay($situation, $touched, $layer, $stepTimes);
            $times[] = $stepTimes;
            $layers[] = $layer;
            $clock = $stepTimes->end;
        }

        return new Evaluation(
            plan: $plan,
            times: $times,
            layers: $layers,
            strata: $strata,
            findings: $judge->findings($plan, $strata, $times),
            clockZero: $clockZero,
        );
    }

    /** @return array<string, Strata> by zone id */
    private function bareStrata(Plan $plan): array
    {
        $journeys = array_fill_keys(array_keys($plan->zones), []);
        foreach ($plan->steps as $index => $step) {
            foreach ($step->zones as $zoneId) {
                $journeys[$zoneId][] = $index;
            }
        }
        $alike = [];
        foreach ($plan->zones as $id => $zone) {
            $alike[
                "{$zone->substrate->value} {$zone->depicts->value} {$zone->kind->role()} {$zone->traffic->value} "
                    ."{$zone->sheltered} ".
                    implode(',', $journeys[$id])
            ][] = $id;
        }
        $strata = [];
        foreach ($alike as $ids) {
            $strata += array_fill_keys($ids, new Strata($plan->zones[$ids[0]], $ids, $journeys[$ids[0]]));
        }

        return $strata;
    }

    /** Minute 0 is when the first step that is done began; what was done is where it was, whatever was planned. */
    private function clockZero(Plan $plan): ?int
    {
        $zero = null;
        foreach ($plan->steps as $step) {
            if ($step->doneAt !== null) {
                $began = $step->doneAt - $this->spanOf($step, $plan)[0];
                $zero = $zero === null ? $began : min($zero, $began);
            }
        }

        return $zero;
    }

    /** @param  list<Strata>  $touched */
    private function timesOf(Situation $situation, array $touched, int $clock, ?int $clockZero): StepTimes
    {
        $hold = null;
        $closes = null;
        foreach ($touched as $strata) {
            $onZone = $situation->holdOn($strata);
            if ($onZone !== null && ($hold === null || $onZone->until > $hold->until)) {
                $hold = $onZone;
            }
            $closesHere = $situation->closesOn($strata);
            $closes = $closesHere === null ? $closes : min($closes ?? $closesHere, $closesHere);
        }
        $step = $situation->step;
        [$span, $handsOn] = $this->spanOf($step, $situation->plan);
        $ready = $hold->until ?? 0;
        $start = match (true) {
            $step->doneAt !== null && $clockZero !== null => $step->doneAt - $clockZero - $span,
            $step->waitMinutes !== null => $clock + $step->waitMinutes,
            default => max($clock, $ready),
        };

        return new StepTimes(
            ready: $ready,
            start: $start,
            end: $start + $span,
            handsOn: $handsOn,
            closes: $closes,
            hold: $hold,
            waits: $situation->waits(),
            window: $situation->window($touched),
        );
    }

    /** @return array{int, int} minutes from the first touch to the last, and how many of them the hands are busy */
    private function spanOf(Step $step, Plan $plan): array
    {
        $technique = TechniqueLibrary::get($step->technique);
        $area = 0.0;
        foreach ($step->zones as $zoneId) {
            $area += $plan->zones[$zoneId]->areaCm2;
        }
        $handsOn = $technique->setUpMinutes + (int) ceil(($step->coats * $technique->applyMinutes * $area) / 100);
        $waits = 0;
        if ($step->coats > 1 && ($product = $plan->productOf($step)) !== null) {
            $cure = $this->cureOf($step, $product, $technique->kind, $plan);
            $waits += ($step->coats - 1) * $cure->recoatable[1];
        }
        if ($step->cleanUp !== null) {
            $waits += $step->cleanUp->afterMinutes;
            $handsOn += (int) ceil(($technique->cleanMinutes * $area) / 100);
        }

        return [$handsOn + $waits, $handsOn];
    }

    /** The drying table at the plan's bench. */
    private function cureOf(Step $step, Product $product, TechniqueKind $kind, Plan $plan): CureTimes
    {
        $row = CureTable::for($product->family, $kind, $step->application === Application::Airbrush);
        $bench = $plan->bench;
        $thickness = max(1.0, $step->coats / TechniqueLibrary::get($step->technique)->coats);
        $retarded = ($step->thinner ?? $product->carrier) === Carrier::WettedWater;
        $key = "{$row->name} {$thickness} {$retarded} {$bench->temperatureC} {$bench->humidityPercent} "
            ."{$bench->movingAir} {$bench->cabinetC}";

        return $this->cures[$key] ??= $row->at(BenchAir::of($bench), $thickness, $retarded);
    }

    private function layerOf(Situation $situation, StepTimes $times): ?Layer
    {
        if (! $situation->kind->leavesFilm() || $situation->product === null) {
            return null;
        }
        $step = $situation->step;
        $film = $situation->product->family;
        $cure = $this->cureOf($step, $situation->product, $situation->kind, $situation->plan);
        $laidAt = $times->end;
        $sheen = $situation->product->sheen;

        return new Layer(
            stepIndex: $situation->index,
            stepId: $step->id,
            technique: $situation->technique,
            kind: $situation->kind,
            product: $situation->product,
            film: $film,
            coverage: $situation->technique->coverage,
            sheen: $sheen,
            coats: $step->coats,
            laidAt: $laidAt,
            touchDryAt: $laidAt + $cure->touchDry[1],
            recoatableAt: $laidAt + $cure->recoatable[1],
            solventProofAt: $cure->solventProof === null ? null : $laidAt + $cure->solventProof[1],
            laws: $cure->laws,
        );
    }

    /** @param  list<Strata>  $touched */
    private function lay(Situation $situation, array $touched, ?Layer $layer, StepTimes $times): void
    {
        foreach ($touched as $strata) {
            $strata->note($situation->kind, $situation->index);
            if ($situation->technique->closesOff) {
                $strata->closedBy ??= $situation->index;
            }
            if ($layer !== null) {
                $strata->put($layer);
            } elseif ($situation->kind === TechniqueKind::LiftOff) {
                $strata->liftOff();
            } elseif ($situation->kind === TechniqueKind::Abrade) {
                $strata->rubThrough();
            } elseif ($situation->kind === TechniqueKind::Mask) {
                $strata->maskedBy = $situation->index;
                $strata->maskedAt = $times->end;
            } elseif ($situation->kind === TechniqueKind::Unmask) {
                $strata->maskedBy = null;
                $strata->maskedAt = null;
            }
        }
    }
}
