<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Build;
use App\Plans\Judge;
use App\Plans\UnreadablePlan;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Step;
use Ulvrach\Report\CureReport;
use Ulvrach\Report\FinishReport;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A build on the bench: how far it is, what it waits for, and what is still drying. */
final readonly class BenchCard
{
    public function __construct(private Judge $judge)
    {
    }

    /**
     * @param  Forecast  $forecast  of the room that it dries in
     * @return array<string, mixed> where the plan cannot be read or judged: what is known of it all the same
     */
    public function of(Build $build, Log $log, Forecast $forecast): array
    {
        try {
            return $this->judge->alone($build, fn (): array => $this->judged($build, $log, $forecast));
        } catch (UnreadablePlan $unreadable) {
            return self::ofUnreadable($build, $unreadable);
        }
    }

    /** @return array<string, mixed> */
    private function judged(Build $build, Log $log, Forecast $forecast): array
    {
        $plan = $build->head->document;
        $verdict = $this->judge->verdict($build, $log);
        $walk = $verdict->walk;

        return [
            'id' => $build->id,
            'unreadable' => null,
            'name' => $plan->build->name,
            'vehicle' => $plan->build->vehicle,
            'kind' => $plan->build->kind->value,
            'scale' => $plan->build->scale,
            'changedAt' => $build->updated_at->toIso8601ZuluString(),
            'summary' => VerdictReport::summary($verdict),
            'steps' => count($plan->steps),
            'done' => count(array_filter($plan->steps, static fn (Step $step) => $log->isFinished($step->id))),
            'stages' => self::stages($walk),
            'next' => $this->next($walk, $forecast),
            'curing' => $this->curing($walk, $forecast),
            'palette' => $this->palette($walk),
            'form' => $plan->build->form,
            'finish' => FinishReport::present($walk),
        ];
    }

    /**
     * A build whose plan this program cannot read: it says why, and can be taken away as it is.
     *
     * @return array<string, mixed>
     */
    private static function ofUnreadable(Build $build, UnreadablePlan $unreadable): array
    {
        return [
            'id' => $build->id,
            'unreadable' => $unreadable->getMessage(),
            'name' => $build->keptText('name'),
            'vehicle' => $build->keptText('vehicle'),
            'kind' => $build->keptText('kind'),
            'scale' => 0,
            'changedAt' => $build->updated_at->toIso8601ZuluString(),
            'summary' => ['stops' => 0, 'risks' => 0, 'notes' => 0, 'accepted' => 0, 'lastsMinutes' => 0],
            'steps' => 0,
            'done' => 0,
            'stages' => [],
            'next' => null,
            'curing' => [],
            'palette' => [],
            'form' => null,
            'finish' => null,
        ];
    }

    /** @return list<array{part: string, done: int, steps: int}> what belongs to none goes with what comes before it */
    private static function stages(Walk $walk): array
    {
        $stages = [];
        $part = Stage::parts()[0];
        foreach ($walk->plan->steps as $index => $step) {
            $part = TechniqueLibrary::get($step->technique)->stage->part() ?? $part;
            $stages[$part] ??= ['part' => $part, 'done' => 0, 'steps' => 0];
            $stages[$part]['steps']++;
            $stages[$part]['done'] += $walk->isDone($index) ? 1 : 0;
        }

        return array_values(array_filter(
            array_map(static fn (string $one) => $stages[$one] ?? null, Stage::parts()),
            static fn (?array $stage) => $stage !== null,
        ));
    }

    /** @return array<string, mixed>|null the first step that is not done, with clock times once the plan has begun */
    private function next(Walk $walk, Forecast $forecast): ?array
    {
        foreach ($walk->plan->steps as $index => $step) {
            if ($walk->isDone($index)) {
                continue;
            }
            $times = $walk->times[$index];
            $clock = new FilmClock($walk, $forecast);
            [$opens, $closes] = [$clock->opens($index), $clock->closes($index)];

            return [
                'id' => $step->id,
                'number' => $index + 1,
                'technique' => TechniqueLibrary::get($step->technique)->name,
                'product' => $walk->plan->productOf($step)?->name,
                'opensSoonest' => $opens === null ? null : TimetableReport::moment($opens->soonest),
                'opensAt' => $opens === null ? null : TimetableReport::moment($opens->sure),
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

    /** @return list<array<string, mixed>> the films that are there, in the order of work */
    private function curing(Walk $walk, Forecast $forecast): array
    {
        $clock = new FilmClock($walk, $forecast);
        $rows = [];
        foreach ($walk->plan->steps as $index => $step) {
            $cures = $clock->cures($index);
            if ($cures !== null) {
                $rows[] = [
                    'step' => $step->id,
                    'number' => $index + 1,
                    'product' => $walk->plan->productOf($step)?->name,
                    'cures' => CureReport::of($cures),
                ];
            }
        }

        return $rows;
    }

    /** @return list<string> the colours of the finish, in the order of work */
    private function palette(Walk $walk): array
    {
        $colours = [];
        foreach ($walk->layers as $layer) {
            if ($layer?->colour() !== null) {
                $colours[] = $layer->colour()->toHex();
            }
        }

        return array_values(array_unique($colours));
    }
}
