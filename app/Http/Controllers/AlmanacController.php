<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Models\User;
use App\Room\Thermometer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Report\AlmanacReport;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\Season;

/** Techniques, materials, rules and schools, to be read: the times in the air of the reader's own room. */
final readonly class AlmanacController
{
    public function __construct(private Thermometer $thermometer)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse(AlmanacReport::whole($user instanceof User ? $this->airOf($user) : null));
    }

    /** As it is measured, else as the room is by day in this season; null: nobody has described it. */
    private function airOf(User $user): ?Air
    {
        $reading = $this->thermometer->read();

        return match (true) {
            $reading !== null && Air::isInRange($reading->temperatureC, $reading->humidityPercent) => Air::at(
                $reading->temperatureC,
                $reading->humidityPercent,
            ),
            BenchSettings::hasRoom($user) => BenchSettings::roomOf($user)->byDay(Season::of(now()->month)),
            default => null,
        };
    }
}
