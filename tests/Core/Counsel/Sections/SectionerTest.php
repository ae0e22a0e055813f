<?php

declare(strict_types=1);

use Ulvrach\Counsel\Sections\Round;
use Ulvrach\Counsel\Sections\Sectioner;
use Ulvrach\Counsel\Sections\WashWindow;

function washWindow(array $case): WashWindow
{
    return new WashWindow(
        (float) $case['applyRate'],
        (float) $case['cleanRate'],
        (float) $case['wMin'],
        (float) $case['wMax'],
    );
}

dataset(
    'worked examples',
    fn () => array_map(
        fn (array $case) => [$case],
        array_column(
            json_decode((string) file_get_contents(__DIR__.'/examples.json'), true)['cases'],
            null,
            'name',
        ),
    ),
);

it('knows the largest section of the worked examples, and cuts as they do', function (array $case) {
    $window = washWindow($case);
    $areas = array_map(floatval(...), $case['areas']);
    [$idle, $sections] = Sectioner::consecutive($areas, $window);
    [$freeIdle, $free] = Sectioner::free($areas, $window);

    expect($window->largestSection())
        ->toEqualWithDelta($case['maxSectionArea'], 0.001)
        ->and($idle)
        ->toEqualWithDelta($case['consecutive']['idle'], 0.001)
        ->and($sections)
        ->toBe($case['consecutive']['sections'])
        ->and($freeIdle)
        ->toEqualWithDelta($case['free']['idle'], 0.001)
        ->and(count($free))
        ->toBe(count($case['free']['sections']));
})->with('worked examples');

it('works on while earlier zones dry, as the worked examples do', function (array $case) {
    [$finish, $rounds] = Sectioner::pipelined(array_map(floatval(...), $case['areas']), washWindow($case)) ?? [
        INF,
        [],
    ];
    $word = implode('', array_map(fn (Round $round) => $round->cleans ? 'C' : 'A', $rounds));

    expect($finish)
        ->toEqualWithDelta($case['pipelined']['finish'], 0.001)
        ->and(strlen((string) preg_replace('/(.)\1*/', '$1', $word)) - 1)
        ->toBe($case['pipelined']['switches']);
})->with('worked examples');

it('keeps every point inside its window', function (array $case) {
    $window = washWindow($case);
    [, $rounds] = Sectioner::pipelined(array_map(floatval(...), $case['areas']), $window) ?? [0, []];
    $applied = array_column(array_filter($rounds, fn (Round $round) => ! $round->cleans), null, 'zone');
    foreach ($rounds as $place => $round) {
        expect($place === 0 || $round->from >= $rounds[$place - 1]->to - 1e-6)->toBeTrue();
        if ($round->cleans) {
            foreach ([0, 0.5, 1] as $share) {
                $waited =
                    $round->from +
                    $share * ($round->to - $round->from) -
                    $applied[$round->zone]->from -
                    $share * ($applied[$round->zone]->to - $applied[$round->zone]->from);
                expect($waited)
                    ->toBeGreaterThanOrEqual($case['wMin'] - 1e-6)
                    ->toBeLessThanOrEqual($case['wMax'] + 1e-6);
            }
        }
    }
})->with('worked examples');

it('cuts a zone beyond the limit into equal pieces', function () {
    $window = new WashWindow(30, 10, 20, 60);
    expect($window->largestSection())
        ->toBe(600.0)
        ->and(Sectioner::pieces([1300.0, 100.0], $window))
        ->toBe([[0, 1300 / 3], [0, 1300 / 3], [0, 1300 / 3], [1, 100.0]])
        ->and(Sectioner::pieces([600.0], $window))
        ->toBe([[0, 600.0]]);
});

it('finds no better cut by trying them all', function () {
    $window = new WashWindow(6, 12, 15, 40);
    $areas = [60.0, 90.0, 45.0, 75.0, 30.0];
    $best = INF;
    for ($cuts = 0; $cuts < 16; $cuts++) {
        $idle = 0.0;
        $section = 0.0;
        foreach ($areas as $zone => $area) {
            $section += $area;
            if ($zone === 4 || (($cuts >> $zone) & 1) === 1) {
                $idle += $section <= $window->largestSection() ? $window->idle($section) : INF;
                $section = 0.0;
            }
        }
        $best = min($best, $idle);
    }
    expect(Sectioner::consecutive($areas, $window)[0])
        ->toEqualWithDelta($best, 1e-6)
        ->and(Sectioner::free($areas, $window)[0])
        ->toBeLessThanOrEqual($best + 1e-6);
});

it('asks for rates and windows that can be', function (array $numbers) {
    new WashWindow(...$numbers);
})
    ->with([[[0, 10, 20, 60]], [[30, -1, 20, 60]], [[30, 10, 60, 20]]])
    ->throws(InvalidArgumentException::class);
