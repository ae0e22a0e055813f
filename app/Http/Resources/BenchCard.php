<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Build;
use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\Evaluation\Forecast;
use Ulvrach\Plan\Step;
use Ulvrach\Report\KnowledgeReport;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Safety\Safety;
use Ulvrach\Technique\TechniqueLibrary;

/** A build on the bench: how far it is, what it waits for, and what is still drying. */
final readonly class BenchCard
{
    /** Minutes of waiting after which nobody stays at the bench. */
    private const LONG_WAIT = 360;

    public function __construct(private Evaluator $evaluator)
    {
    }

    /**
     * @param  Forecast  $forecast  of the room that it dries in
     * @return array<string, mixed>
     */
    public function of(Build $build, Forecast $forecast): array
    {
        $plan = $build->head->document;
        $evaluation = $this->evaluator->evaluate($plan);

        return [
            'id' => $build->id,
            'name' => $plan->build->name,
            'vehicle' => $plan->build->vehicle,
            'kind' => $plan->build->kind->value,
            'scale' => $plan->build->scale,
            'changedAt' => $build->updated_at->toIso8601ZuluString(),
            'summary' => VerdictReport::summary($evaluation),
            'steps' => count($plan->steps),
            'done' => count(array_filter($plan->steps, static fn (Step $step) => $step->doneAt !== null)),
            'next' => $this->next($evaluation, $forecast),
            'hazards' => array_map(
                KnowledgeReport::hazard(...),
                Safety::gather($plan, $this->nextSession($evaluation)),
            ),
            'curing' => $this->curing($evaluation, $forecast),
            'palette' => $this->palette($evaluation),
        ];
    }

    /** @return array<string, mixed>|null the first step that is not done, with clock times once the plan has begun */
    private function next(Evaluation $evaluation, Forecast $forecast): ?array
    {
        foreach ($evaluation->plan->steps as $index => $step) {
            if ($step->doneAt !== null) {
                continue;
            }
            $times = $evaluation->times[$index];
            $closes = $forecast->bounds($evaluation, $index)[1];

            return [
                'id' => $step->id,
                'number' => $index + 1,
                'technique' => TechniqueLibrary::get($step->technique)->name,
                'product' => $evaluation->plan->productOf($step)?->name,
                'startsAt' => $this->startOf($evaluation, $index, $forecast),
                'closesAt' => $closes === null ? null : TimetableReport::moment($closes),
                'handsOn' => $times->handsOn,
                'waitsFor' => $times->hold === null
                        ? null
                        : "{$times->hold->layer->film->label()} of step ".
                            ($times->hold->layer->stepIndex + 1).
                            " to be {$times->hold->needs->label()}",
            ];
        }

        return null;
    }

    /** By the clock; null: nothing is begun yet. */
    private function startOf(Evaluation $evaluation, int $index, Forecast $forecast): ?string
    {
        if ($evaluation->clockZero === null) {
            return null;
        }
        $before = $evaluation->times[$index - 1]->end ?? 0;
        $start = $evaluation->plan->steps[$index]->waitMinutes === null ? $before : $evaluation->times[$index]->start;

        return TimetableReport::moment(
            max($evaluation->clockZero + $start, $forecast->bounds($evaluation, $index)[0] ?? 0),
        );
    }

    /** @return list<int> the steps still to do up to the next long wait: what one sits down for */
    private function nextSession(Evaluation $evaluation): array
    {
        $session = [];
        $end = null;
        foreach ($evaluation->plan->steps as $index => $step) {
            if ($step->doneAt !== null) {
                continue;
            }
            if ($end !== null && $evaluation->times[$index]->start - $end >= self::LONG_WAIT) {
                break;
            }
            $session[] = $index;
            $end = $evaluation->times[$index]->end;
        }

        return $session;
    }

    /**
     * @return list<array{
     *   step: string,
     *   number: int,
     *   product: string,
     *   touchDryAt: string,
     *   recoatableAt: string,
     *   solventProofAt: string|null,
     * }>
     */
    private function curing(Evaluation $evaluation, Forecast $forecast): array
    {
        $rows = [];
        foreach ($evaluation->plan->steps as $index => $step) {
            $layer = $evaluation->layers[$index];
            if ($layer === null || $step->doneAt === null) {
                continue;
            }
            $cures = TimetableReport::cures($layer, $evaluation->plan->bench, $step->doneAt, $forecast);
            $rows[] = [
                'step' => $step->id,
                'number' => $index + 1,
                'product' => $layer->product->name,
                'touchDryAt' => $cures['touchDry'],
                'recoatableAt' => $cures['recoatable'],
                'solventProofAt' => $cures['solventProof'],
            ];
        }

        return $rows;
    }

    /** @return list<string> the colours of the finish, in the order of work */
    private function palette(Evaluation $evaluation): array
    {
        $colours = [];
        foreach ($evaluation->layers as $layer) {
            if ($layer?->product->colour !== null) {
                $colours[] = $layer->product->colour;
            }
        }

        return array_values(array_unique($colours));
    }
}
