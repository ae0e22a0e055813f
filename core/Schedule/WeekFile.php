<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\Json;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\SchemaCheck;
use Ulvrach\Stuff\Technique\Pace;

/** Reads when somebody is at the bench from a file of its own; see docs/timetable.md. */
final class WeekFile
{
    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    private const ALWAYS = ['00:00', '24:00'];

    private const LIGHT = ['09:00', '17:00'];

    private const SETUP = 15;

    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): Week
    {
        $document = PlanReader::decode($json);
        $faults = SchemaCheck::faults($document, SchemaCheck::WEEK);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /**
         * @var array{
         *   timeZone?: string,
         *   sessions: array<string, list<array{string, string}>>,
         *   exceptions?: array<string, list<array{string, string}>>,
         *   compressor?: array{string, string},
         *   daylight?: array{string, string},
         *   setupMinutes?: int,
         *   pace?: array{applying?: float|int, cleaning?: float|int},
         * } $data
         */
        $data = Json::toArrays($document);
        $zone = $data['timeZone'] ?? 'UTC';
        if (! in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw new BadPlanFile([new Fault('/timeZone', "Nobody knows the time zone “{$zone}”.")]);
        }
        $sessions = [];
        foreach (self::DAYS as $number => $day) {
            $sessions[$number + 1] = self::hours($data['sessions'][$day] ?? [], "/sessions/{$day}");
        }
        $exceptions = [];
        foreach ($data['exceptions'] ?? [] as $date => $hours) {
            $exceptions[$date] = self::hours($hours, "/exceptions/{$date}");
        }
        [$compressor] = self::hours([$data['compressor'] ?? self::ALWAYS], '/compressor');
        [$daylight] = self::hours([$data['daylight'] ?? self::LIGHT], '/daylight');

        return new Week(
            timeZone: $zone,
            sessions: $sessions,
            exceptions: $exceptions,
            compressor: $compressor,
            daylight: $daylight,
            setup: $data['setupMinutes'] ?? self::SETUP,
            pace: new Pace((float) ($data['pace']['applying'] ?? 1), (float) ($data['pace']['cleaning'] ?? 1)),
        );
    }

    /**
     * @param  list<array{string, string}>  $hours
     * @return list<array{int, int}> minutes of the day
     *
     * @throws BadPlanFile where something ends before it begins
     */
    private static function hours(array $hours, string $path): array
    {
        $minutes = [];
        foreach ($hours as $place => [$from, $to]) {
            [$begins, $ends] = [self::minute($from), self::minute($to)];
            if ($ends <= $begins) {
                throw new BadPlanFile([new Fault("{$path}/{$place}", "{$to} is not later than {$from}.")]);
            }
            $minutes[] = [$begins, $ends];
        }

        return $minutes;
    }

    private static function minute(string $time): int
    {
        [$hour, $minute] = array_map(intval(...), explode(':', $time));

        return 60 * $hour + $minute;
    }
}
