<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Drying\CureTimes;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;

/** Walks a plan once, from the bare parts to the last coat. */
final class Walker
{
    /** Minutes from the last stroke; docs/sources.md, "merging". */
    private const OIL_STAYS_OPEN = 300;

    /** Of the time until it is touch-dry, the share in which waterborne paint can be blended; the same page. */
    private const WATER_STAYS_OPEN = 0.4;

    /** @var array<string, array<string, CureTimes>> by bench and by film: a plan has few, asked for at every edit */
    private array $cures = [];

    /** The bench of the plan that is walked through. */
    private string $bench = '';

    public function __construct(private readonly StepLiquids $liquids = new StepLiquids())
    {
    }

    /**
     * @param  Walk|null  $like  through a plan that differs in a few steps: what comes to the same is taken over
     */
    public function walk(Plan $plan, Log $log = new Log(), ?Walk $like = null): Walk
    {
        $air = BenchAir::of($plan->bench);
        $this->bench = serialize($plan->bench);
        $windows = new Windows($air, BenchAir::around($plan->bench));
        $works = [];
        foreach ($plan->steps as $index => $_) {
            $works[] = new Work($plan, $index, $this->liquids);
        }
        $clockZero = $this->clockZero($works, $log, $air);
        $like = $like?->isOnTheGroundOf($plan, $log, $clockZero) === true ? $like : null;
        $strata = $like?->bare() ?? self::bareStrata($plan);
        $history = [$strata];
        $situations = $times = $layers = [];
        /** @var array<string, array{int, Wait, int}> $resting by product: index and end of what prepared it */
        $resting = [];
        $clock = 0;
        foreach ($works as $index => $work) {
            $rest = $resting[(string) $work->step->product] ?? null;
            $same = $like?->sameStep($work, $strata, $clock, $rest);
            if ($same !== null) {
                [$situation, $layer] = [$same->again($work), $like->layers[$index]];
                foreach ($work->step->zones as $zone) {
                    $strata[$zone] = $like->after($index, $zone);
                }
            } else {
                $touched = self::together($strata, $work->step->zones);
                $waiting = $this->waitingOf($work, $touched, $windows, $clock, $clockZero, $log, $air);
                $begins = $this->timesOf($work, $touched, $waiting, $windows, $clock, $clockZero, $log, $air, $rest);
                $attack = Attack::of($work, $touched, $waiting->spared($begins->start), $begins->start);
                $situation = new Situation($work, $touched, $begins, $waiting, $windows, $attack);
                $layer = $this->layerOf($work, $begins, $air);
                $fixer = $work->kind->is(Nature::FixPigment) ? $this->filmOf($work, $begins, $air) : null;
                foreach ($touched as $one) {
                    $after = $one->strata->after($work, $layer ?? $fixer, $begins->end, $waiting->into);
                    foreach ($one->zones as $zone) {
                        $strata[$zone] = $after;
                    }
                }
            }
            $clock = $situation->times->end;
            if ($work->kind->is(Nature::Prepare) && $work->product !== null) {
                $rested = new Wait($work->technique->restMinutes, DryingLaw::None);
                $resting[$work->product->id] = [$index, $rested, $clock];
            }
            $situations[] = $situation;
            $history[] = $strata;
            $times[] = $situation->times;
            $layers[] = $layer;
        }

        return new Walk(
            plan: $plan,
            log: $log,
            situations: $situations,
            times: $times,
            layers: $layers,
            history: $history,
            clockZero: $clockZero,
        );
    }

    /**
     * @param  array<string, Strata>  $strata  by zone id
     * @param  list<string>  $zones
     * @return list<Touched> those in the same state together
     */
    public static function together(array $strata, array $zones): array
    {
        $together = [];
        foreach ($zones as $zone) {
            $together[spl_object_id($strata[$zone])][] = $zone;
        }

        return array_values(
            array_map(static fn (array $alike) => new Touched($strata[$alike[0]], $alike), $together),
        );
    }

    /** @return array<string, Strata> by zone id */
    private static function bareStrata(Plan $plan): array
    {
        $bare = $strata = [];
        foreach ($plan->zones as $id => $zone) {
            $panels = array_column($zone->panels, 'id');
            $strata[$id] = $bare[implode(' ', $panels)] ??= Strata::bare($panels);
        }

        return $strata;
    }

    /**
     * Minute 0 is when the first step that is done began; what was done is where it was, whatever was planned.
     *
     * @param  list<Work>  $works
     */
    private function clockZero(array $works, Log $log, Air $air): ?int
    {
        $zero = null;
        foreach ($works as $work) {
            $finished = $log->finishedAt($work->step->id);
            if ($finished !== null) {
                $began = $log->begunAt($work->step->id) ?? $finished - $this->spanOf($work, $air)[0];
                $zero = $zero === null ? $began : min($zero, $began);
            }
        }

        return $zero;
    }

    /**
     * @param  list<Touched>  $touched
     * @param  int  $clock  minute at which the step before ends
     */
    private function waitingOf(
        Work $work,
        array $touched,
        Windows $windows,
        int $clock,
        ?int $clockZero,
        Log $log,
        Air $air,
    ): Waiting {
        $finished = $clockZero === null ? null : $log->finishedAt($work->step->id);
        if ($finished !== null) {
            $began = $log->begunAt($work->step->id) ?? $finished - $this->spanOf($work, $air)[0];

            return Waiting::of($work, $touched, $windows, $this->liquids, $began - $clockZero, true);
        }
        $asked = $work->step->waitMinutes;

        return Waiting::of($work, $touched, $windows, $this->liquids, $clock + ($asked ?? 0), $asked !== null);
    }

    /**
     * @param  list<Touched>  $touched
     * @param  int  $clock  minute at which the step before ends
     * @param  array{int, Wait, int}|null  $rest  what prepared its product, how long that rests, and from when
     */
    private function timesOf(
        Work $work,
        array $touched,
        Waiting $waiting,
        Windows $windows,
        int $clock,
        ?int $clockZero,
        Log $log,
        Air $air,
        ?array $rest,
    ): StepTimes {
        [$span, $handsOn] = $this->spanOf($work, $air);
        $rested = $rest === null ? null : $rest[2] + $rest[1]->minutes;
        $ready = max($waiting->longest->until ?? 0, $rested ?? 0);
        $pause = $work->index === 0 ? 0 : $work->technique->pauseMinutes;
        $planned = $work->step->waitMinutes === null
            ? max($clock + $pause, $ready)
            : $clock + $work->step->waitMinutes;
        $finished = $clockZero === null ? null : $log->finishedAt($work->step->id);
        [$start, $end] = [$planned, $planned + $span];
        if ($finished !== null) {
            $end = $finished - $clockZero;
            $start = ($log->begunAt($work->step->id) ?? $finished - $span) - $clockZero;
        }

        $applied = $this->appliedAt($work, $start, $end, $clockZero, $log);

        return new StepTimes(
            ready: $ready,
            start: min($start, $applied),
            end: $end,
            handsOn: $handsOn,
            applied: $applied,
            closes: $windows->closes($work, $touched, $waiting->into),
            hold: $waiting->longest,
            waits: $rest === null ? $waiting->waits : $waiting->waits + [$rest[0] => $rest[1]],
            window: $windows->opener($work, $touched, $waiting->into),
            planned: $planned,
            rested: $rested,
        );
    }

    /** @return array{int, int} minutes from the first touch to the last, and how many of them the hands are busy */
    private function spanOf(Work $work, Air $air): array
    {
        $step = $work->step;
        $waits = 0;
        if ($step->coats > 1 && $work->product !== null) {
            $waits += ($step->coats - 1) * $this->cureOf($work, $air)->recoatable[1];
        }
        $cleanedAfter = $step->cleanedAfter();
        if ($cleanedAfter !== null) {
            $waits += $cleanedAfter;
        }
        $isCleaned = $cleanedAfter !== null;
        $handsOn = (new Pace())->handsOn($work->technique, $step->coats, $work->area(), $isCleaned);

        return [$handsOn + $waits, $handsOn];
    }

    /** When the last stroke was on: as somebody has said, else as long before the end as its clean-up takes. */
    private function appliedAt(Work $work, int $start, int $end, ?int $clockZero, Log $log): int
    {
        $said = $work->step->cleanUp === [] || $clockZero === null ? null : $log->lastStrokeAt($work->step->id);

        return $said === null
            ? max($start, $end - $this->cleaningOf($work))
            : max($log->begunAt($work->step->id) ?? $said, $said) - $clockZero;
    }

    /** Minutes from when it was all on to the end of its clean-up; 0: nothing is cleaned up. */
    private function cleaningOf(Work $work): int
    {
        $after = $work->step->cleanedAfter();

        return $after === null ? 0 : $after + (int) ceil(($work->technique->cleanMinutes * $work->area()) / 100);
    }

    /** The drying table at the plan's bench, with the product's own times where somebody knows them better. */
    private function cureOf(Work $work, Air $air): CureTimes
    {
        $material = $work->product->material
            ?? throw new \LogicException('Only a step with a product leaves something that dries.');
        $row = CureTable::for($material->family, $work->kind, $work->loadThatDries());
        $thickness = max(1.0, $work->step->coats / $work->technique->coats);
        $isRetarded = ($work->step->thinner ?? $material->carrier) === Carrier::WettedWater;
        if ($material->times !== null) {
            return $row->withOwn($material->times)->at($air, $thickness, $isRetarded);
        }
        $key = "{$row->name} {$work->loadThatDries()->value} {$thickness} {$isRetarded}";

        return $this->cures[$this->bench][$key] ??= $row->at($air, $thickness, $isRetarded);
    }

    private function layerOf(Work $work, StepTimes $times, Air $air): ?Layer
    {
        return $work->kind->is(Nature::LeavesFilm) ? $this->filmOf($work, $times, $air) : null;
    }

    /** What the product of a step becomes where it is left; null: it has none. */
    private function filmOf(Work $work, StepTimes $times, Air $air): ?Layer
    {
        if ($work->product === null) {
            return null;
        }
        $cure = $this->cureOf($work, $air);
        $laidAt = $times->applied;
        $material = $work->product->material;
        $openUntil = $this->openUntil($work, $times, $laidAt + $cure->touchDry[1]);

        return new Layer(
            stepIndex: $work->index,
            stepId: $work->step->id,
            technique: $work->technique,
            kind: $work->kind,
            product: $work->product,
            film: $material->family,
            coverage: $work->technique->coverage,
            sheen: $material->sheen,
            coats: $work->step->coats,
            laidAt: $laidAt,
            load: $work->loadThatDries(),
            behavesAs: $material->behavesAs(),
            isSpot: $work->isSpot,
            extent: $work->step->extent,
            soonest: [
                max($times->end, $laidAt + $cure->touchDry[0]),
                max($times->end, $laidAt + $cure->recoatable[0]),
                $cure->solventProof === null ? null : max($times->end, $laidAt + $cure->solventProof[0]),
            ],
            openUntil: $openUntil,
            touchDryAt: max($times->end, $laidAt + $cure->touchDry[1]),
            recoatableAt: max($times->end, $laidAt + $cure->recoatable[1]),
            solventProofAt: $cure->solventProof === null
                ? null
                : max($times->end, $laidAt + $cure->solventProof[1]),
            laws: $cure->laws,
        );
    }

    /**
     * Until when more of the same goes into it: enamel until it is dull and for half an hour after it was cleaned, oil
     * all evening, blended or not, waterborne paint for minutes. Clay and loose grains never set: null.
     */
    private function openUntil(Work $work, StepTimes $times, int $dull): ?int
    {
        $family = $work->product?->material->family;

        return match (true) {
            $family === BinderFamily::ClayWash, $family === BinderFamily::DryPigment => null,
            $family === BinderFamily::ArtistOil => max(
                $dull,
                $times->applied + self::OIL_STAYS_OPEN,
                $work->step->cleanUp === [] ? 0 : $times->end + Layer::SET_AFTER_CLEANING,
            ),
            $work->step->cleanUp !== [] => $times->end + Layer::SET_AFTER_CLEANING,
            $family === BinderFamily::WaterborneAcrylic, $family === BinderFamily::AlcoholAcrylic => $times->applied +
                (int) round(self::WATER_STAYS_OPEN * ($dull - $times->applied)),
            default => $dull,
        };
    }
}
