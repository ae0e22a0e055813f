<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Wait;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Drying\RoomCourse;
use Ulvrach\Stuff\Drying\RoomProfile;

function walked(string $plan): Walk
{
    return PlanKit::walk($plan);
}

const EVENING = 29_500_000;

/** A room of one air by day and by night. @param  list<int>  $moments */
function roomOf(float $temperature, float $humidity, array $moments = [], ?float $night = null): Forecast
{
    $day = ['temperatureC' => $temperature, 'humidityPercent' => $humidity];
    $seasons = array_fill_keys(
        ['winter', 'spring', 'summer', 'autumn'],
        ['day' => $day, 'night' => [...$day, 'temperatureC' => $night ?? $temperature]],
    );

    return Forecast::in(
        RoomCourse::of(
            RoomProfile::read(['seasons' => $seasons, 'night' => [1380, 360]]),
            'UTC',
            [],
            EVENING,
            EVENING + 40 * 1440,
        ),
        $moments,
    );
}

it('lasts as long as the plan says in the plan’s own air', function (DryingLaw $law, int $minutes) {
    $wait = new Wait($minutes, $law);
    $bench = new BenchConditions(23.0, 40.0);

    expect(roomOf(23.0, 40.0)->minutes($wait, $bench, EVENING))
        ->toBe($minutes)
        ->and(Forecast::asPlanned()->minutes($wait, $bench, EVENING))
        ->toBe($minutes)
        ->and(Forecast::asPlanned()->longest($wait, $bench))
        ->toBe($minutes)
        ->and(roomOf(5.0, 90.0)->longest($wait, $bench))
        ->toBe($minutes);
})->with(DryingLaw::cases(), [1, 30, 1440, 4000]);

it('goes by the room in place of the plan’s air, with the plan’s fan and cabinet', function () {
    $wait = new Wait(1000, DryingLaw::Water);
    $cold = Air::at(15.0, 50.0);
    $expected = fn (Air $planned, Air $real): int => (int) ceil(
        (1000 * DryingModel::pace(DryingLaw::Water, $planned)) / DryingModel::pace(DryingLaw::Water, $real) - 1e-9,
    );
    $room = roomOf(15.0, 50.0);

    expect($room->minutes($wait, new BenchConditions(), EVENING))
        ->toBe($expected(Air::reference(), $cold))
        ->toBeGreaterThan(1000)
        ->and($room->minutes($wait, new BenchConditions(20.0, 50.0, true), EVENING))
        ->toBe($expected(Air::at(20, 50, true), Air::at(15, 50, true)))
        ->and($room->minutes($wait, new BenchConditions(20.0, 50.0, false, 40.0), EVENING))
        ->toBe($expected(Air::reference()->warmedTo(40.0), $cold->warmedTo(40.0)));
});

it('does not take a cabinet for a cooler', function () {
    expect(
        roomOf(35.0, 50.0)->minutes(
            new Wait(100, DryingLaw::Oxygen),
            new BenchConditions(20.0, 50.0, false, 30.0),
            EVENING,
        ),
    )->toBeLessThan(100);
});

it('is long enough, and a window short enough, whenever work ends', function () {
    $day = intdiv(EVENING, 1440) * 1440;
    $moments = [$day + 600, $day + 1320, $day + 1370];
    $forecast = roomOf(20.0, 50.0, $moments, night: 12.0);
    $wait = new Wait(120, DryingLaw::Oxygen);
    $all = array_map(fn (int $moment) => $forecast->minutes($wait, new BenchConditions(), $moment), $moments);

    expect($all[0])
        ->toBe(120)
        ->and($all[1])
        ->toBeGreaterThan(120)
        ->and($all[2])
        ->toBeGreaterThan($all[1])
        ->and($forecast->longest($wait, new BenchConditions()))
        ->toBe($all[2])
        ->and($forecast->shortest($wait, new BenchConditions()))
        ->toBe(120);
});

it('tells what each wait of a plan is for', function (string $plan, int $index, array $waits, ?array $window) {
    $times = walked($plan)->times[$index];
    expect(array_map(fn (Wait $wait) => [$wait->minutes, $wait->law], $times->waits))
        ->toBe($waits)
        ->and(
            $times->window === null ? null : [$times->window[0], $times->window[1]->minutes, $times->window[1]->law],
        )
        ->toBe($window);
})->with([
    'a colour over primer' => [
        "prime primer on hull\nspray-colour acrylic on hull",
        1,
        [0 => [30, DryingLaw::Solvent]],
        null,
    ],
    'a wash over its clear coat' => [
        "prime primer on hull\nclear-coat gloss on hull\nenamel-wash wash on hull",
        2,
        [1 => [720, DryingLaw::Water]],
        null,
    ],
    'lifting chips' => [
        "prime primer on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on hull, 1 coat\nlift-off on hull",
        3,
        [2 => [20, DryingLaw::Water], 0 => [10, DryingLaw::Solvent]],
        [2, 360, DryingLaw::Water],
    ],
    'the colour over the film' => [
        "prime primer on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on hull, 1 coat",
        2,
        [1 => [20, DryingLaw::Water]],
        [1, 1440, DryingLaw::None],
    ],
    'taking a mask off' => [
        "prime primer on hull\nmask on hull\nspray-colour acrylic on hull\nunmask on hull",
        3,
        [2 => [20, DryingLaw::Water]],
        [1, 1440, DryingLaw::None],
    ],
]);

it('bounds a step by the films that are there already', function () {
    $walk = walked(
        "prime primer on hull, done 2026-11-23T10:00\nchipping-fluid fluid on hull, done "
            ."2026-11-23T11:00\nspray-colour acrylic on hull, 1 coat, done 2026-11-23T12:00\nlift-off on "
            ."hull\nclear-coat matte on hull",
    );
    $noon = intdiv((int) strtotime('2026-11-23T12:00Z'), 60);
    $bounds = static function (Forecast $forecast, int $index) use ($walk): array {
        $clock = new FilmClock($walk, $forecast);

        return [$clock->notBefore($index), $clock->closes($index)];
    };
    [$notBefore, $notAfter] = $bounds(Forecast::asPlanned(), 3);
    [$warmBefore, $warmAfter] = $bounds(roomOf(30.0, 30.0), 3);

    expect($notAfter)
        ->toBe($noon + 360)
        ->and($warmAfter)
        ->toBeLessThan($noon + 200)
        ->and($warmBefore)
        ->toBeLessThan($notBefore)
        ->and($bounds(Forecast::asPlanned(), 4))
        ->toBe([$noon + 30, null]);
});

it('says of each film what its states take', function () {
    $layer = walked('prime primer on hull')->layers[0];
    expect($layer->waitFor(CureState::Wet)->minutes)
        ->toBe(0)
        ->and($layer->waitFor(CureState::TouchDry)->minutes)
        ->toBe(10)
        ->and($layer->waitFor(CureState::SolventProof)->law)
        ->toBe(DryingLaw::Solvent)
        ->and(
            walked("prime primer on hull\nchipping-fluid fluid on hull")->layers[1]->waitFor(
                CureState::SolventProof,
            ),
        )
        ->toBeNull();
});
