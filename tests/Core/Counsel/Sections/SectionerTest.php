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

/**
 * The finish of every order of applying and cleaning, each as early as it can be.
 *
 * @param  list<float>  $areas
 * @return array<string, float> by order; those that keep all windows
 */
function allOrders(array $areas, WashWindow $window, string $word = ''): array
{
    $applied = substr_count($word, 'A');
    $cleaned = strlen($word) - $applied;
    if ($cleaned === count($areas)) {
        $starts = array_fill(0, count($areas), 0.0);
        // Starts only ever move later, so that passes over the order come to an end or out of all bounds.
        for ($pass = 0, $moved = true; $moved && $pass < 3000; $pass++) {
            [$moved, $free, $a, $c] = [false, 0.0, 0, 0];
            foreach (str_split($word) as $letter) {
                if ($letter === 'A') {
                    $starts[$a] = max($starts[$a], $free);
                    $free = $starts[$a] + $areas[$a++] / $window->applyRate;

                    continue;
                }
                $start = max($free, $starts[$c] + $window->leastGap($areas[$c]));
                if ($start - $starts[$c] > $window->mostGap($areas[$c]) + 1e-9) {
                    $starts[$c] = $start - $window->mostGap($areas[$c]);
                    $moved = true;
                    break;
                }
                $free = $start + $areas[$c++] / $window->cleanRate;
            }
        }

        return $moved ? [] : [$word => $free];
    }

    return ($applied < count($areas) ? allOrders($areas, $window, "{$word}A") : []) +
        ($cleaned < $applied ? allOrders($areas, $window, "{$word}C") : []);
}

it('finds the soonest order of work, as trying them all does', function (int $seed) {
    mt_srand($seed);
    $window = new WashWindow(mt_rand(4, 14), mt_rand(2, 9), mt_rand(5, 25), mt_rand(40, 120));
    $areas = [];
    for ($zone = 0, $zones = mt_rand(2, 5); $zone < $zones; $zone++) {
        $areas[] = min($window->largestSection(), (float) mt_rand(15, 90));
    }
    $all = allOrders($areas, $window);
    $found = Sectioner::pipelined($areas, $window);

    expect($found === null)->toBe($all === []);
    if ($found !== null) {
        expect($found[0])->toEqualWithDelta(min($all), 1e-6);
    }
})->with(range(1, 60));

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
