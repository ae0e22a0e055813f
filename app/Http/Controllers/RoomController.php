<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Http\Requests\RoomRequest;
use App\Room\Thermometer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Stuff\Drying\Season;

/** The room as it is measured now, and as it is through the year. */
final readonly class RoomController
{
    public function __construct(private Thermometer $thermometer)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $reading = $this->thermometer->read();
        $user = CurrentUser::of($request);

        return new JsonResponse([
            'reading' => $reading === null
                    ? null
                    : [
                        'temperatureC' => $reading->temperatureC,
                        'humidityPercent' => $reading->humidityPercent,
                        'at' => $reading->at,
                        'simulated' => $reading->simulated,
                    ],
            'season' => Season::of(now()->month)->value,
            'isKept' => BenchSettings::hasRoom($user),
            'profile' => [...BenchSettings::roomOf($user)->write(), 'counts' => BenchSettings::countsWithRoom($user)],
        ]);
    }

    public function keep(RoomRequest $request): JsonResponse
    {
        BenchSettings::keepRoom(CurrentUser::of($request), $request->profile(), $request->boolean('counts'));

        return $this->show($request);
    }
}
