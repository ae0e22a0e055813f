<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogRequest;
use App\Http\Requests\PlanEditRequest;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\LogStore;
use App\Room\Thermometer;
use Illuminate\Http\JsonResponse;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Trial\Tried;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\Measurement;

/** What was really done on a build: read, and added to. */
final readonly class LogController
{
    /** Minutes for which the air at the bench tells of what was done there. */
    private const SAME_AIR = 15;

    public function __construct(
        private LogStore $logs,
        private BuildState $state,
        private Evaluator $evaluator,
        private Thermometer $thermometer,
    ) {
    }

    public function index(Build $build): JsonResponse
    {
        return new JsonResponse(['log' => array_map(LogCodec::write(...), $this->logs->of($build)->entries)]);
    }

    public function store(LogRequest $request, Build $build): JsonResponse
    {
        $entries = array_map($this->inAir(...), $this->whatWasTried($build, $request->entries()));
        try {
            $this->logs->append($build, $build->head->document, $entries);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::under('/entries', $bad);
        }
        $build->touch();

        return new JsonResponse($this->state->of($build), 201);
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Entry> trials with the films that their liquids have met
     */
    private function whatWasTried(Build $build, array $entries): array
    {
        $verdict = null;
        foreach ($entries as $place => $entry) {
            $index = $entry->stepId === null ? null : $build->head->document->indexOf($entry->stepId);
            if ($entry->trial !== null && $index !== null) {
                $verdict ??= $this->evaluator->evaluate(
                    $build->head->document,
                    $this->logs->of($build)->with(...array_slice($entries, 0, $place)),
                );
                $entries[$place] = $entry->tried($entry->trial->of(Tried::by($entry->trial, $verdict, $index)));
            }
        }

        return $entries;
    }

    /** With the air of the thermometer, where something has happened just now and nobody has said another. */
    private function inAir(Entry $entry): Entry
    {
        $age = intdiv(now()->getTimestamp(), 60) - $entry->at;
        $reading = $entry->air !== null || $entry->corrects !== null || abs($age) > self::SAME_AIR
            ? null
            : $this->thermometer->read();

        return $reading === null
            ? $entry
            : $entry->in(new Measurement($reading->temperatureC, $reading->humidityPercent));
    }
}
