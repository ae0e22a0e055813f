<?php

declare(strict_types=1);

use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Drying\OutsideModelRange;
use Ulvrach\Stuff\Drying\RoomCourse;
use Ulvrach\Stuff\Drying\RoomProfile;
use Ulvrach\Stuff\Drying\Season;

it('knows the season of a month', function (int $month, Season $season) {
    expect(Season::of($month))->toBe($season);
})->with([
    [1, Season::Winter],
    [2, Season::Winter],
    [3, Season::Spring],
    [5, Season::Spring],
    [6, Season::Summer],
    [8, Season::Summer],
    [9, Season::Autumn],
    [11, Season::Autumn],
    [12, Season::Winter],
]);

function roomWith(array $changes): array
{
    return array_replace_recursive(RoomProfile::usual()->write(), $changes);
}

it('reads back what it wrote', function () {
    $own = RoomProfile::read(roomWith(['seasons' => ['winter' => ['day' => ['temperatureC' => 16.5]]]]));

    expect($own->byDay(Season::Winter)->temperatureC)
        ->toBe(16.5)
        ->and($own->byDay(Season::Summer)->temperatureC)
        ->toBe(RoomProfile::usual()->byDay(Season::Summer)->temperatureC)
        ->and(RoomProfile::read($own->write())->write())
        ->toBe($own->write());
});

it('refuses a room that nothing was measured in', function (float $temperature, float $humidity) {
    RoomProfile::read(
        roomWith([
            'seasons' => ['summer' => ['night' => ['temperatureC' => $temperature, 'humidityPercent' => $humidity]]],
        ]),
    );
})
    ->with([[2.0, 50.0], [60.0, 50.0], [20.0, 5.0], [20.0, 99.0], [NAN, 50.0]])
    ->throws(OutsideModelRange::class);

it('is cooler at night, also through midnight', function (array $night, int $minute, bool $isNight) {
    $room = RoomProfile::read([...RoomProfile::usual()->write(), 'night' => $night]);
    expect($room->at(Season::Winter, $minute))->toBe(
        $isNight ? $room->byNight(Season::Winter) : $room->byDay(Season::Winter),
    );
})->with([
    'before' => [[1380, 360], 1379, false],
    'as it begins' => [[1380, 360], 1380, true],
    'after midnight' => [[1380, 360], 0, true],
    'as it ends' => [[1380, 360], 360, false],
    'within one day' => [[60, 300], 200, true],
    'outside it' => [[60, 300], 1400, false],
    'no night' => [[0, 0], 0, false],
]);

function unixMinute(string $moment): int
{
    return intdiv((int) strtotime($moment), 60);
}

/** @param  list<array{string, float}>  $measured  moment and temperature */
function courseOf(array $measured = [], string $zone = 'UTC', string $from = '2026-12-01 00:00 UTC'): RoomCourse
{
    $room = RoomProfile::read(
        roomWith([
            'seasons' => [
                'winter' => [
                    'day' => ['temperatureC' => 20, 'humidityPercent' => 50],
                    'night' => ['temperatureC' => 15, 'humidityPercent' => 60],
                ],
                'autumn' => ['day' => ['temperatureC' => 21]],
            ],
        ]),
    );
    $readings = array_map(
        fn (array $reading) => [unixMinute("{$reading[0]} UTC"), Air::at($reading[1], 50)],
        $measured,
    );

    return RoomCourse::of($room, $zone, $readings, unixMinute($from), unixMinute($from) + 30 * 1440);
}

it('follows the hours of the place, and the season', function (string $moment, string $zone, float $temperature) {
    expect(courseOf(zone: $zone, from: '2026-11-20 00:00 UTC')->airAt(unixMinute($moment))->temperatureC)->toBe(
        $temperature,
    );
})->with([
    'evening' => ['2026-12-03 22:59 UTC', 'UTC', 20.0],
    'night' => ['2026-12-03 23:00 UTC', 'UTC', 15.0],
    'morning' => ['2026-12-04 06:00 UTC', 'UTC', 20.0],
    'elsewhere it is night already' => ['2026-12-03 22:30 UTC', 'Europe/Helsinki', 15.0],
    'autumn' => ['2026-11-30 12:00 UTC', 'UTC', 21.0],
    'before all that is known' => [
        '2026-11-01 12:00 UTC',
        'UTC',
        RoomProfile::usual()->byNight(Season::Autumn)->temperatureC,
    ],
    'winter goes on behind the end' => ['2027-03-01 12:00 UTC', 'UTC', 15.0],
]);

it('takes what was measured before what is usual, each reading for an hour at most', function (
    string $moment,
    float $temperature,
) {
    $course = courseOf([['2026-12-03 20:00', 25], ['2026-12-03 20:30', 26], ['2026-12-03 22:50', 24]]);
    expect($course->airAt(unixMinute("2026-12-03 {$moment} UTC"))->temperatureC)->toBe($temperature);
})->with([
    ['19:59', 20.0],
    ['20:00', 25.0],
    ['20:29', 25.0],
    ['20:30', 26.0],
    ['21:29', 26.0],
    ['21:30', 20.0],
    ['22:50', 24.0],
    ['23:49', 24.0],
    ['23:50', 15.0],
]);

it('dries on from where it was as the air changes', function () {
    $around = fn (Air $air): Air => $air;
    $from = unixMinute('2026-12-03 22:00 UTC');
    $night = DryingModel::pace(DryingLaw::Oxygen, Air::at(15, 60));

    expect(courseOf()->through(DryingLaw::Oxygen, 45, $from, $around))
        ->toBe(45)
        ->and(courseOf()->through(DryingLaw::Oxygen, 60 + 420 * $night + 100, $from, $around))
        ->toBe(60 + 420 + 100)
        ->and(courseOf()->through(DryingLaw::None, 3000, $from, $around))
        ->toBe(3000)
        ->and(courseOf()->through(DryingLaw::Oxygen, 45, $from, fn () => Air::at(30, 50)))
        ->toBe(23);
});

it('never dries faster in a room whose nights are colder', function (DryingLaw $law, float $minutes) {
    $around = fn (Air $air): Air => $air;
    $course = fn (float $night): RoomCourse => RoomCourse::of(
        RoomProfile::read(
            roomWith([
                'seasons' => array_fill_keys(
                    ['winter', 'spring', 'summer', 'autumn'],
                    [
                        'day' => ['temperatureC' => 20, 'humidityPercent' => 50],
                        'night' => ['temperatureC' => $night, 'humidityPercent' => 50],
                    ],
                ),
            ]),
        ),
        'UTC',
        [],
        0,
        20 * 1440,
    );
    for ($from = 0; $from < 1440; $from += 97) {
        $times = array_map(fn (float $night) => $course($night)->through($law, $minutes, $from, $around), [
            8.0,
            12.0,
            16.0,
            20.0,
        ]);
        expect($times)
            ->toBe(
                array_reverse(
                    (function (array $sorted) {
                        sort($sorted);

                        return $sorted;
                    })($times),
                ),
            )
            ->and($times[3])
            ->toBe((int) $minutes);
    }
})->with([DryingLaw::Water, DryingLaw::Solvent, DryingLaw::Spirit, DryingLaw::Oxygen], [30.0, 720.0, 5760.0]);
