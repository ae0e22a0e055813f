<?php

declare(strict_types=1);

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Blocks;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\Solution;

/**
 * @param  list<Activity>  $activities
 * @param  list<Lag>  $lags
 * @param  list<array{int, list<int>}>  $dates
 */
function ofPieces(array $activities, array $lags, array $dates = []): Problem
{
    return new Problem([[0, 600]], [[0, 600]], [[0, 600]], 15, 600, 5, $activities, $lags, $dates);
}

/** A wash on two parts: laid, laid, and each cleaned from 25 to 60 minutes after it was. */
function washOnTwoParts(int $apply = 20, int $latest = 60): Problem
{
    return ofPieces(
        [
            new Activity('left', $apply),
            new Activity('clean left', 15),
            new Activity('right', $apply),
            new Activity('clean right', 15),
        ],
        [new Lag(0, 1, 25, $latest), new Lag(2, 3, 25, $latest)],
    );
}

it('alternates by part: laid, laid, cleaned, cleaned', function () {
    $blocks = Blocks::of(washOnTwoParts(), ['a', 'a', 'a', 'a']);

    expect($blocks->members)->toBe([[0, 2, 1, 3]])
        ->and($blocks->offsets)->toBe([0, 45, 20, 65])
        ->and($blocks->problem->activities[0]->active)->toBe(80);
});

it('cleans the first before it lays the second where that would take too long', function () {
    $blocks = Blocks::of(washOnTwoParts(apply: 40, latest: 35), ['a', 'a', 'a', 'a']);

    expect($blocks->members)->toBe([[0, 1, 2, 3]])
        ->and($blocks->offsets)->toBe([0, 65, 80, 145]);
});

it('is no sitting where hands would rest for long, colours change, or something has to come between', function (
    Problem $problem,
    array $sittings,
) {
    expect(Blocks::of($problem, $sittings)->members)->toBe(array_map(
        static fn (int $piece) => [$piece],
        array_keys($problem->activities),
    ));
})->with([
    'a long rest' => [ofPieces([new Activity('one', 10), new Activity('two', 10)], [new Lag(0, 1, 50)]), ['a', 'a']],
    'two colours' => [ofPieces([new Activity('one', 10, spray: 'x'), new Activity('two', 10, spray: 'y')], []), [
        'a',
        'a',
    ]],
    'something between' => [
        ofPieces(
            [new Activity('one', 10), new Activity('between', 10), new Activity('two', 10)],
            [new Lag(0, 1, 0), new Lag(1, 2, 0)],
        ),
        ['a', 'b', 'a'],
    ],
    'one that sets before' => [
        ofPieces([new Activity('one', 10), new Activity('two', 10)], [new Lag(0, 1, 12, 12)]),
        ['a', 'a'],
    ],
]);

it('counts waits from the pieces, not from the ends of the sitting', function () {
    $problem = ofPieces(
        [
            new Activity('before', 10),
            new Activity('lay', 20, notBefore: 100, notAfter: 200),
            new Activity('clean', 15, notBefore: 150),
            new Activity('after', 10),
        ],
        [new Lag(1, 2, 25), new Lag(0, 2, 100, 200), new Lag(1, 3, 300, 400)],
    );
    $blocks = Blocks::of($problem, ['x', 'a', 'a', 'y']);
    $sitting = $blocks->problem->activities[1];

    expect([$sitting->active, $sitting->notBefore, $sitting->notAfter])->toBe([60, 105, 200])
        // "clean" begins 45 minutes into it, "lay" ends 40 minutes before it does.
        ->and($blocks->problem->lags)->toEqual([new Lag(0, 1, 55, 155), new Lag(1, 2, 260, 360)])
        ->and($blocks->between($blocks->problem->lags[1]))->toBe($problem->lags[2]);
});

it('says when every piece starts and ends, and what shall be done by a date', function () {
    $problem = ofPieces(
        [...washOnTwoParts()->activities, new Activity('chips', 40, split: true)],
        washOnTwoParts()->lags,
        [[500, [0, 1, 4]]],
    );
    $blocks = Blocks::of($problem, ['a', 'a', 'a', 'a', 'b']);
    $solution = $blocks->expanded(new Solution([100, 200], [180, 900], [0, 1], 900, 0, 2, 300, false));

    expect($solution->starts)->toBe([100, 145, 120, 165, 200])
        ->and($solution->ends)->toBe([120, 160, 140, 180, 900])
        ->and($solution->sessionOf)->toBe([0, 0, 0, 0, 1])
        ->and($blocks->problem->dates)->toBe([[500, [0, 1]]])
        ->and($blocks->holding([4, 3, 0]))->toBe([1, 0])
        ->and($blocks->piecesOf([1, 0]))->toBe([4, 0, 2, 1, 3]);
});
