<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Http\Requests\StartBuildRequest;
use App\Http\Resources\BenchCard;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Photos\PhotoStore;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use App\Room\Forecasts;
use App\Vehicles\Measurements;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Stuff\Drying\Season;

final readonly class BuildController
{
    public function __construct(private PlanStore $store, private BuildState $state)
    {
    }

    public function index(Request $request, BenchCard $card, Forecasts $forecasts, LogStore $logs): JsonResponse
    {
        $user = CurrentUser::of($request);
        $forecast = $forecasts->of($user, BenchSettings::of($user), intdiv(now()->getTimestamp(), 60));
        $builds = Build::whole($user->builds()->latest('updated_at')->latest('head_id'));
        $all = $logs->ofAll($user->id, array_values($builds->map(static fn (Build $build) => $build->id)->all()));

        return new JsonResponse([
            'builds' => $builds
                ->map(static fn (Build $build) => $card->of($build, $all[$build->id] ?? new Log(), $forecast))
                ->all(),
        ]);
    }

    public function store(StartBuildRequest $request, Measurements $measurements): JsonResponse
    {
        $user = CurrentUser::of($request);
        $air = BenchSettings::roomOf($user)->byDay(Season::of(now()->month));
        $build = $this->store->create($user, new PlanFile($request->plan($air, $measurements)), 'Start the build');

        return new JsonResponse($this->state->of($build), 201);
    }

    public function import(Request $request): JsonResponse
    {
        $file = PlanReader::read($request->getContent());
        $build = $this->store->create(CurrentUser::of($request), $file, 'Import the plan');

        return new JsonResponse($this->state->of($build), 201);
    }

    public function show(Build $build): JsonResponse
    {
        return new JsonResponse($this->state->of($build));
    }

    public function destroy(
        Request $request,
        Build $build,
        PhotoStore $photos,
        ConnectionInterface $database,
    ): JsonResponse {
        // The row first: what arrives for it meanwhile waits, and then finds that it is gone.
        $database->transaction(static function () use ($request, $build, $photos): void {
            $build->delete();
            $photos->throwAwayUnder(CurrentUser::of($request), $build->photosOf());
        });

        return new JsonResponse(null, 204);
    }
}
