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
use App\Room\Forecasts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Drying\Season;
use Ulvrach\PlanFile\PlanReader;

final readonly class BuildController
{
    public function __construct(private PlanStore $store, private BuildState $state)
    {
    }

    public function index(Request $request, BenchCard $card, Forecasts $forecasts): JsonResponse
    {
        $user = CurrentUser::of($request);
        $forecast = $forecasts->of($user, BenchSettings::of($user), intdiv(now()->getTimestamp(), 60));
        $builds = $user->builds()->with('head')->latest('updated_at')->latest('head_id')->get();

        return new JsonResponse([
            'builds' => $builds->map(static fn (Build $build) => $card->of($build, $forecast))->all(),
        ]);
    }

    public function store(StartBuildRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $air = BenchSettings::roomOf($user)->byDay(Season::of(now()->month));
        $build = $this->store->create($user, $request->plan($air), 'Start the build');

        return new JsonResponse($this->state->of($build), 201);
    }

    public function import(Request $request): JsonResponse
    {
        $build = $this->store->create(
            CurrentUser::of($request),
            PlanReader::fromJson($request->getContent()),
            'Import the plan',
        );

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
