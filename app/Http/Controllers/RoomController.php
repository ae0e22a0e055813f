<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Room\Thermometer;
use Illuminate\Http\JsonResponse;

/** The room as it is measured now. */
final readonly class RoomController
{
    public function __construct(private Thermometer $thermometer)
    {
    }

    public function __invoke(): JsonResponse
    {
        $reading = $this->thermometer->read();

        return new JsonResponse(['reading' => $reading === null ? null : [
            'temperatureC' => $reading->temperatureC,
            'humidityPercent' => $reading->humidityPercent,
            'at' => $reading->at,
            'simulated' => $reading->simulated,
        ]]);
    }
}
