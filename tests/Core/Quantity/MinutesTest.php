<?php

declare(strict_types=1);

use Ulvrach\Quantity\Minutes;
use Ulvrach\Quantity\Span;

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

it('says a time that nobody knows to the minute by both its ends, as the screens do', function () {
    // The same list is held to the words of the screens.
    $said = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/spans.json'), true, 4, JSON_THROW_ON_ERROR);
    foreach ($said as ['soonest' => $soonest, 'sure' => $sure, 'words' => $words]) {
        expect((new Span($soonest, $sure))->inWords())->toBe($words);
    }

    $later = (new Span(10, 20))->and(new Span(5, 30));
    expect([$later->soonest, $later->sure])->toBe([10, 30])
        ->and((new Span(10, 20))->since(4)->inWords())->toBe('6–16 min');
});
