<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Http\Requests\StartBuildRequest;
use App\Http\Resources\BenchCard;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\PlanStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Drying\Season;
use Ulvrach\PlanFile\PlanReader;

final readonly class BuildController
{
    public function __construct(private PlanStore $store, private BuildState $state)
    {
    }

    public function index(Request $request, BenchCard $card): JsonResponse
    {
        $builds = CurrentUser::of($request)->builds()->with('head')->latest('updated_at')->latest('head_id')->get();

        return new JsonResponse(['builds' => $builds->map($card->of(...))->all()]);
    }

    public function store(StartBuildRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $air = BenchSettings::roomOf($user)->in(Season::of(now()->month));
        $build = $this->store->create($user, $request->plan($air), 'Start the build');

        return new JsonResponse($this->state->of($build), 201);
    }

    public function import(Request $request): JsonResponse
    {
        $build = $this->store->create(CurrentUser::of($request), PlanReader::fromJson($request->getContent()), 'Import the plan');

        return new JsonResponse($this->state->of($build), 201);
    }

    public function show(Build $build): JsonResponse
    {
        return new JsonResponse($this->state->of($build));
    }

    public function destroy(Build $build): JsonResponse
    {
        $build->delete();

        return new JsonResponse(null, 204);
    }
}
