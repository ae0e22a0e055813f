<?php

declare(strict_types=1);

use Ulvrach\Quantity\Minutes;

it('says lengths of time in at most two units', function (int $minutes, string $said) {
    expect(Minutes::inWords($minutes))->toBe($said);
})->with([
    'nothing' => [0, '0 min'],
    'less than nothing' => [-5, '0 min'],
    'minutes' => [59, '59 min'],
    'an hour' => [60, '1 h'],
    'an hour and a half' => [90, '1 h 30 min'],
    'just short of a day' => [1439, '23 h 59 min'],
    'a day' => [1440, '1 d'],
    'a day and some hours: minutes no longer count' => [1440 + 4 * 60 + 50, '1 d 4 h'],
]);
