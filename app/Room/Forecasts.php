<?php

declare(strict_types=1);

namespace App\Room;

use App\Clock\BenchSettings;
use App\Models\User;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Schedule\Calendar;
use Ulvrach\Schedule\Week;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\RoomCourse;

/** What a person's films will do: in their room as it was measured and as it usually is, or as their plans say. */
final readonly class Forecasts
{
    /**
     * Days that a film may have been drying for already, and days after which the room is taken to stay as it is then.
     */
    private const PAST = 14;

    private const AHEAD = 45;

    /** Days whose sessions stand for all that come. */
    private const SAMPLED = 14;

    private const DAY = 1440;

    public function __construct(private Thermometer $thermometer)
    {
    }

    /**
     * @param  int  $now  Unix minute
     * @param  Calendar|null  $calendar  hours in which work may end; null: only films that are there already are asked
     *   about
     */
    public function of(User $user, Week $week, int $now, ?Calendar $calendar = null): Forecast
    {
        if (! BenchSettings::countsWithRoom($user)) {
            return Forecast::asPlanned();
        }
        $course = RoomCourse::of(
            BenchSettings::roomOf($user),
            $week->timeZone,
            $this->measured($now),
            $now - self::PAST * self::DAY,
            $now + self::AHEAD * self::DAY,
        );

        return Forecast::in($course, $calendar?->momentsUntil($now + self::SAMPLED * self::DAY) ?? []);
    }

    /** @return list<array{int, Air}> Unix minute and air */
    private function measured(int $now): array
    {
        $measured = [];
        foreach ($this->thermometer->log() as $reading) {
            $minute = intdiv((int) strtotime($reading->at), 60);
            // Where nothing is known of drying, nothing can be said of it.
            if ($minute <= $now && Air::isInRange($reading->temperatureC, $reading->humidityPercent)) {
                $measured[] = [$minute, Air::at($reading->temperatureC, $reading->humidityPercent)];
            }
        }

        return $measured;
    }
}
