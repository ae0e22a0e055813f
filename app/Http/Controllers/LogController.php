<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogRequest;
use App\Http\Requests\PlanEditRequest;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\LogStore;
use Illuminate\Http\JsonResponse;
use Ulvrach\PlanFile\BadPlanFile;
use Ulvrach\PlanFile\LogCodec;

/** What was really done on a build: read, and added to. */
final readonly class LogController
{
    public function __construct(private LogStore $logs, private BuildState $state)
    {
    }

    public function index(Build $build): JsonResponse
    {
        return new JsonResponse(['log' => array_map(LogCodec::write(...), $this->logs->of($build)->entries)]);
    }

    public function store(LogRequest $request, Build $build): JsonResponse
    {
        $entries = $request->entries();
        try {
            $this->logs->append($build, $build->head->document, $entries);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::under('/entries', $bad);
        }
        $build->touch();

        return new JsonResponse($this->state->of($build), 201);
    }
}
