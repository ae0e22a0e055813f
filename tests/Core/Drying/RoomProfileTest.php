<?php

declare(strict_types=1);

use Ulvrach\Drying\OutsideModelRange;
use Ulvrach\Drying\RoomProfile;
use Ulvrach\Drying\Season;

it('knows the season of a month', function (int $month, Season $season) {
    expect(Season::of($month))->toBe($season);
})->with([[1, Season::Winter], [2, Season::Winter], [3, Season::Spring], [5, Season::Spring], [6, Season::Summer], [8, Season::Summer], [9, Season::Autumn], [11, Season::Autumn], [12, Season::Winter]]);

it('reads back what it wrote, and takes the usual where nothing is said', function () {
    $own = RoomProfile::read(['winter' => ['temperatureC' => 16.5, 'humidityPercent' => 35]]);

    expect($own->in(Season::Winter)->temperatureC)->toBe(16.5)->and($own->in(Season::Summer)->temperatureC)->toBe(RoomProfile::usual()->in(Season::Summer)->temperatureC)
        ->and(RoomProfile::read($own->write())->write())->toBe($own->write());
});

it('refuses a room that nothing was measured in', function (float $temperature, float $humidity) {
    RoomProfile::read(['summer' => ['temperatureC' => $temperature, 'humidityPercent' => $humidity]]);
})->with([[2.0, 50.0], [60.0, 50.0], [20.0, 5.0], [20.0, 99.0], [NAN, 50.0]])->throws(OutsideModelRange::class);
