<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\User;
use Ulvrach\Schedule\Week;
use Ulvrach\Stuff\Drying\RoomProfile;
use Ulvrach\Stuff\Technique\Pace;

/**
 * The week and the room of a person, as rows keep them and as JSON says them.
 *
 * @phpstan-type WeekData array{
 *   timeZone: string,
 *   sessions: array<int, list<array{int, int}>>,
 *   exceptions: array<string, list<array{int, int}>>,
 *   compressor: array{int, int},
 *   daylight: array{int, int},
 *   setup: int,
 *   pace?: array{
 *     applying: float|int,
 *     cleaning: float|int,
 *     techniques?: array<string, float|int>|\stdClass,
 *   },
 * }
 */
final class BenchSettings
{
    public static function of(User $user): Week
    {
        $document = $user->bench?->document;

        return $document === null ? Week::usual() : self::read($document);
    }

    public static function roomOf(User $user): RoomProfile
    {
        $room = $user->bench?->room;

        return $room === null ? RoomProfile::usual() : RoomProfile::read($room);
    }

    /** @return list<array{build: string, step: string, until: string}> work that shall be done later, and from when */
    public static function putOff(User $user): array
    {
        return $user->bench->put_off ?? [];
    }

    /** @param  list<array{build: string, step: string, until: string}>  $wishes */
    public static function keepPutOff(User $user, array $wishes): void
    {
        $user->keepBench(['put_off' => $wishes]);
    }

    public static function hasRoom(User $user): bool
    {
        return $user->bench?->room !== null;
    }

    /**
     * Whether clock and bench count with the room, as measured and by the hour; otherwise with the air that each plan
     * names.
     */
    public static function countsWithRoom(User $user): bool
    {
        return $user->bench->room['counts'] ?? false;
    }

    public static function keepRoom(User $user, RoomProfile $room, bool $counts): void
    {
        $user->keepBench(['room' => [...$room->write(), 'counts' => $counts]]);
    }

    public static function keep(User $user, Week $week): void
    {
        $user->keepBench(['document' => self::write($week)]);
    }

    /** @param  WeekData  $data */
    public static function read(array $data): Week
    {
        /** @var array<string, float|int> $own */
        $own = (array) ($data['pace']['techniques'] ?? []);

        return new Week(
            timeZone: $data['timeZone'],
            sessions: $data['sessions'],
            exceptions: $data['exceptions'],
            compressor: $data['compressor'],
            daylight: $data['daylight'],
            setup: $data['setup'],
            pace: new Pace(
                (float) ($data['pace']['applying'] ?? 1),
                (float) ($data['pace']['cleaning'] ?? 1),
                array_map(static fn (float|int $share) => (float) $share, $own),
            ),
        );
    }

    /** @return WeekData */
    public static function write(Week $week): array
    {
        return [
            'timeZone' => $week->timeZone,
            'sessions' => $week->sessions,
            'exceptions' => $week->exceptions,
            'compressor' => $week->compressor,
            'daylight' => $week->daylight,
            'setup' => $week->setup,
            'pace' => [
                'applying' => $week->pace->applying,
                'cleaning' => $week->pace->cleaning,
                'techniques' => (object) $week->pace->techniques,
            ],
        ];
    }
}
