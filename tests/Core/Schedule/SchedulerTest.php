<?php

declare(strict_types=1);

use Bench\LargeBench;
use Tests\Core\Schedule\Benches;
use Tests\Core\Schedule\BruteForce;
use Tests\Core\Schedule\Generated;
use Tests\Core\Schedule\Solvable;
use Tests\Core\Schedule\Verifier;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Internal\Bench;
use Ulvrach\Schedule\Internal\Bound;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Loss;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\ProblemFile;
use Ulvrach\Schedule\Scheduler;
use Ulvrach\Schedule\Solution;

function solved(string $name): Problem
{
    return ProblemFile::read((string) file_get_contents(__DIR__."/problems/{$name}.json"));
}

/** So many questions whether to go on are answered with yes: a length of search that is the same on every machine. */
function moves(int $count): Closure
{
    return static function () use (&$count): bool {
        return $count-- > 0;
    };
}

it('proves the earliest end of the solved problems', function (string $name, array $answer) {
    $problem = solved($name);
    $solution = (new Scheduler())->solve($problem, static fn () => true);

    expect(Verifier::faults($problem, $solution->starts))
        ->toBe([])
        ->and($solution->makespan)
        ->toBe($answer['makespan'])
        ->and($solution->optimal)
        ->toBeTrue()
        ->and($solution->setups)
        ->toBe($answer['leastSetups']);
})->with(
    fn () => array_filter(
        array_map(
            static fn (string $name, array $answer) => [$name, $answer],
            array_keys($answers = json_decode((string) file_get_contents(__DIR__.'/problems/answers.json'), true)),
            $answers,
        ),
        static fn (array $row) => isset($row[1]['makespan']),
    ),
);

it('comes near the best known of a large problem, and tells of better answers on the way', function () {
    $problem = solved('L02');
    $told = [];
    $solution = (new Scheduler())->lay($problem, moves(200), 2, function ($better) use (&$told) {
        $told[] = $better->makespan;
    });
    $sorted = $told;
    rsort($sorted);

    expect(Verifier::faults($problem, $solution->starts))
        ->toBe([])
        ->and($solution->makespan)
        ->toBeLessThanOrEqual((int) (31_495 * 1.06))
        ->and($solution->makespan)
        ->toBeGreaterThanOrEqual($solution->lowerBound)
        ->and($told)
        ->toBe($sorted)
        ->and($told[count($told) - 1])
        ->toBe($solution->makespan);
});

it('gives the same answer for the same seed and search', function () {
    $one = (new Scheduler())->solve(solved('L02'), moves(20), 5);
    $other = (new Scheduler())->solve(solved('L02'), moves(20), 5);

    expect($one->starts)->toBe($other->starts);
});

it('keeps every constraint of a generated problem', function (int $seed) {
    $problem = Generated::problem($seed);
    $solution = (new Scheduler())->solve($problem, moves(30), $seed);

    expect(Verifier::faults($problem, $solution->starts))
        ->toBe([])
        ->and($solution->makespan)
        ->toBe(max($solution->ends));
})->with(range(1, 200));

it('brings forward what fits before a moment, and nothing ends later for it', function (int $seed) {
    $problem = Generated::problem($seed);
    $late = (new Scheduler())->solve($problem, moves(1), $seed);
    $until = $problem->sessions[0][0] + 45;
    $early = (new Scheduler())->bringForward($problem, $late, $until);

    expect(Verifier::faults($problem, $early->starts))
        ->toBe([])
        ->and($early->makespan)
        ->toBeLessThanOrEqual($late->makespan);
})->with(range(1, 60));

it('fills minutes before a long job with a short one that was to follow it', function () {
    $problem = new Problem(
        sessions: [[0, 40], [600, 800]],
        sprayWindows: [],
        daylight: [],
        setup: 0,
        horizon: 9999,
        granularity: 5,
        activities: [new Activity('Lift', 50), new Activity('Tyres', 30), new Activity('Tools', 30)],
        lags: [],
    );
    $solution = (new Scheduler())->solve($problem, static fn () => true);
    $early = (new Scheduler())->bringForward(
        $problem,
        new Solution(
            starts: [600, 650, 680],
            ends: [650, 680, 710],
            sessionOf: [1, 1, 1],
            makespan: 710,
            setups: 0,
            sessions: 1,
            lowerBound: 0,
            optimal: false,
        ),
        40,
    );

    expect($early->starts[1])
        ->toBe(0)
        ->and($early->starts[0])
        ->toBe(600)
        ->and($early->starts[2])
        ->toBeGreaterThanOrEqual(600)
        ->and($early->makespan)
        ->toBeLessThanOrEqual(710)
        ->and($solution->makespan)
        ->toBe(680);
});

it('finds nothing earlier by trying every order', function (int $seed) {
    $problem = Generated::problem($seed);
    $problem = new Problem(
        sessions: $problem->sessions,
        sprayWindows: $problem->sprayWindows,
        daylight: $problem->daylight,
        setup: $problem->setup,
        horizon: $problem->horizon,
        granularity: $problem->granularity,
        activities: array_slice($problem->activities, 0, 5),
        lags: array_values(array_filter($problem->lags, static fn (Lag $lag) => $lag->to < 5)),
    );
    $bench = new Ulvrach\Schedule\Internal\Bench($problem);
    $best = PHP_INT_MAX;
    $try = function (array $order, array $left) use (&$try, &$best, $bench): void {
        if ($left === []) {
            $sweep = new Ulvrach\Schedule\Internal\Sweep($bench);
            $best = $sweep->run($order) ? min($best, $sweep->makespan()) : $best;
        }
        foreach ($left as $index) {
            if (array_intersect(array_column($bench->before[$index], 0), $left) === []) {
                $try([...$order, $index], array_values(array_diff($left, [$index])));
            }
        }
    };
    $try([], array_keys($problem->activities));

    expect((new Scheduler())->solve($problem, static fn () => true)->makespan)->toBe($best);
})->with(range(1, 30));

/** What is said of work that does not fit. @param  list<Activity>  $activities @param  list<Lag>  $lags */
function refusal(array $activities, array $lags = [], array $hours = []): string
{
    try {
        (new Scheduler())->solve(
            new Problem(
                sessions: $hours['sessions'] ?? [[0, 60], [1440, 1500]],
                sprayWindows: $hours['compressor'] ?? [[0, 9999]],
                daylight: $hours['daylight'] ?? [[0, 9999]],
                setup: 15,
                horizon: 9999,
                granularity: 5,
                activities: $activities,
                lags: $lags,
            ),
            static fn () => true,
        );
    } catch (NoSchedule $none) {
        return $none->getMessage();
    }

    return 'It was scheduled.';
}

it('says what it is that work does not fit into', function (string $said, string $says) {
    expect($said)->toContain($says);
})->with([
    'longer than any session' => [refusal([new Activity('Decals', 90)]), 'A session of 30 min more'],
    'no session at all' => [refusal([new Activity('Decals', 90)], hours: ['sessions' => []]), 'has no session'],
    'a compressor that has to be quiet' => [
        refusal([new Activity('Coat', 30, spray: 'grey')], hours: ['compressor' => [[100, 900]]]),
        'the compressor may never run that long',
    ],
    'evenings without daylight' => [
        refusal([new Activity('Look', 30, daylight: true)], hours: ['daylight' => [[100, 900]]]),
        'there is never that much of it',
    ],
    'a calendar that ends' => [refusal([new Activity('Coat', 30, notBefore: 2000)]), 'before the calendar ends'],
    'split work beyond the calendar' => [
        refusal([new Activity('Decals', 200, split: true)]),
        'before the calendar ends',
    ],
    'a window that no evening holds' => [
        refusal([new Activity('Coat', 40), new Activity('Lift', 30)], [new Lag(0, 1, 15, 120)]),
        'no time at the bench in which both fit',
    ],
    'work that waits for itself' => [
        refusal([new Activity('a', 5), new Activity('b', 5)], [new Lag(0, 1, 0), new Lag(1, 0, 0)]),
        'wait for itself',
    ],
    'two windows of which each fits and both do not' => [
        refusal(
            [new Activity('Coat', 20), new Activity('Other', 20), new Activity('Lift', 20)],
            [new Lag(0, 1, 0, 15), new Lag(0, 2, 0, 15)],
        ),
        'no order keeps: “',
    ],
]);

it('finds a window that fits exactly, to the granule', function () {
    expect(refusal([new Activity('Coat', 35), new Activity('Lift', 20)], [new Lag(0, 1, 5, 5)]))->toBe(
        'It was scheduled.',
    );
});

it('proves what trying every order and every start comes to', function (int $seed) {
    $problem = BruteForce::problem($seed);
    try {
        $solution = (new Scheduler())->solve($problem, static fn () => true);
        $end = $solution->makespan;
        expect($solution->optimal)->toBeTrue();
    } catch (NoSchedule) {
        $end = null;
    }

    expect($end)->toBe(BruteForce::makespan($problem));
})->with([...range(1, 14), 180, 228, 340]);

it('keeps every window of a large problem that is known to have an answer', function (int $seed) {
    $problem = Solvable::problem($seed);
    $solution = (new Scheduler())->solve($problem, moves(200));

    expect(Verifier::faults($problem, $solution->starts))->toBe([]);
})->with([2, 5, 178, 183]);

it('misses as few windows as it can where not all can be kept, and names them', function () {
    // Sixteen pairs, of which two have to follow the same coat within the same quarter of an hour.
    $activities = $lags = [];
    for ($pair = 0; $pair < 16; $pair++) {
        $activities[] = new Activity("Coat {$pair}", 20);
        $activities[] = new Activity("Lift {$pair}", 20);
        $lags[] = new Lag(2 * $pair, 2 * $pair + 1, 0, 15);
    }
    $activities[] = new Activity('Second lift', 20);
    $lags[] = new Lag(0, 32, 0, 15);
    $sessions = array_map(static fn (int $day) => [$day * 1440, $day * 1440 + 120], range(0, 30));
    $problem = new Problem($sessions, [], [], 15, 50_000, 5, $activities, $lags);
    $solution = (new Scheduler())->lay($problem, moves(40));

    expect($solution->missed)
        ->toHaveCount(1)
        ->and($solution->missed[0]->from)
        ->toBe(0)
        ->and(array_filter($solution->starts, static fn (int $start) => $start > 24 * 1440))
        ->toBe([]);
});

it('gives up the window whose loss costs least', function (Loss $first, Loss $second, int $size, int $givenUp) {
    // Two steps have to follow the same coat within the same half hour; filler makes it too large to search exactly.
    $activities = [new Activity('Coat', 20), new Activity('One', 20), new Activity('Other', 20)];
    for ($filler = 0; $filler < $size; $filler++) {
        $activities[] = new Activity("Filler {$filler}", 20);
    }
    $sessions = array_map(static fn (int $day) => [$day * 1440, $day * 1440 + 60], range(0, 60));
    $lags = [new Lag(0, 1, 0, 15, loss: $first), new Lag(0, 2, 0, 10, loss: $second)];
    $solution = (new Scheduler())->lay(new Problem($sessions, [], [], 0, 90_000, 5, $activities, $lags), moves(20));

    expect($solution->missed)->toHaveCount(1)->and($solution->missed[0]->to)->toBe($givenUp);
})->with([
    'a wish before an effect, though it is shorter' => [Loss::Effect, Loss::Wish, 3, 2],
    'a merge before a clean-up' => [Loss::CleanUp, Loss::Merge, 3, 2],
    'a clean-up before an effect' => [Loss::CleanUp, Loss::Effect, 3, 1],
    'the longer one where both cost the same' => [Loss::Merge, Loss::Merge, 3, 1],
    'also where there is much to do' => [Loss::Effect, Loss::Merge, 24, 2],
]);

it('names the two steps whose window never fits', function () {
    try {
        (new Scheduler())->solve(
            new Problem(
                sessions: [[0, 60], [1440, 1500]],
                sprayWindows: [],
                daylight: [],
                setup: 0,
                horizon: 9999,
                granularity: 5,
                activities: [new Activity('Coat', 40), new Activity('Lift', 30)],
                lags: [new Lag(0, 1, 15, 120)],
            ),
            static fn () => true,
        );
    } catch (NoSchedule $none) {
        expect($none->activities)
            ->toBe([0, 1])
            ->and($none->getMessage())
            ->toBe(
                '“Lift” has to follow “Coat” within 120 minutes, and there is no time at the bench in which '.
                    'both fit.',
            );

        return;
    }
    $this->fail('It was scheduled.');
});

it('lays split work over several sessions, and nothing in between', function () {
    $solution = (new Scheduler())->solve(
        new Problem(
            sessions: [[0, 60], [100, 160], [200, 260]],
            sprayWindows: [],
            daylight: [],
            setup: 0,
            horizon: 999,
            granularity: 5,
            activities: [new Activity('stowage', 90, true), new Activity('other', 20)],
            lags: [new Lag(0, 1, 0)],
        ),
        static fn () => true,
    );

    expect($solution->starts)
        ->toBe([0, 130])
        ->and($solution->ends)
        ->toBe([130, 150])
        ->and($solution->sessions)
        ->toBe(2);
});

it('has nothing to lay where nothing is to be done', function () {
    expect(
        (new Scheduler())->solve(
            new Problem(
                sessions: [],
                sprayWindows: [],
                daylight: [],
                setup: 0,
                horizon: 0,
                granularity: 5,
                activities: [],
                lags: [],
            ),
            static fn () => true,
        )->makespan,
    )->toBe(0);
});

it('names the faults of a schedule file', function (string $json, string $path) {
    try {
        ProblemFile::read($json);
    } catch (BadPlanFile $bad) {
        expect(array_column($bad->faults, 'path'))->toContain($path);

        return;
    }
    $this->fail('It was read.');
})->with([
    ['{}', '/sessions'],
    ['[]', ''],
    [
        '{"sessions":[[0]],"sprayWindows":[],"daylight":[],"setup":0,"horizon":0,"granularity":5,'.
        '"activities":[],"lags":[]}',
        '/sessions/0',
    ],
    [
        '{"sessions":[[0,9]],"sprayWindows":[],"daylight":[],"setup":0,"horizon":0,"granularity":0,'.
        '"activities":[],"lags":[]}',
        '/granularity',
    ],
    [
        '{"sessions":[[0,9]],"sprayWindows":[],"daylight":[],"setup":0,"horizon":9,"granularity":5,'.
        '"activities":[{"id":0,"active":5}],"lags":[{"from":0,"to":3,"min":0}]}',
        '/lags/0/to',
    ],
    [
        '{"sessions":[[0,9]],"sprayWindows":[],"daylight":[],"setup":0,"horizon":9,"granularity":5,'.
        '"activities":[{"id":4,"active":5}],"lags":[]}',
        '/activities/0/id',
    ],
]);

it('bounds the end of all never above where it can be', function () {
    $closest = 0;
    for ($seed = 1; $seed <= 150; $seed++) {
        $problem = Generated::problem($seed);
        if (count($problem->activities) > 9) {
            continue;
        }
        $best = (new Scheduler())->lay($problem, static fn () => true);
        $bound = (new Bound(new Bench($problem)))->ofAll();

        expect($best->optimal)->toBeTrue()->and($bound)->toBeLessThanOrEqual($best->makespan, "seed {$seed}");
        $closest += $bound === $best->makespan ? 1 : 0;
    }

    expect($closest)->toBeGreaterThan(10);
});

it('lays benches of many builds soundly from the first answer on, and better and better', function (int $seed) {
    $problem = Benches::problem($seed, 45);
    $told = [];
    $solution = (new Scheduler())->lay($problem, moves(500), 1, function (Solution $better) use (&$told): void {
        $told[] = $better;
    });

    expect(count($told))->toBeGreaterThan(1)
        ->and(end($told)->starts)->toBe($solution->starts);
    foreach ($told as $place => $answer) {
        expect(Verifier::faults($problem, $answer->starts))->toBe([])
            ->and($answer->makespan)->toBeGreaterThanOrEqual($answer->lowerBound)
            ->and($answer->makespan)->toBeLessThanOrEqual($told[max(0, $place - 1)]->makespan);
    }
})->with([1, 2, 3]);

it(
    'grows better orders from the first, the same for the same seed, and keeps everything that has to hold',
    function () {
        $problem = LargeBench::problem();
        $search = static function (int $asked, int $seed) use ($problem): Solution {
            return (new Scheduler())->solve(
                $problem,
                static function () use (&$asked): bool {
                    return --$asked > 0;
                },
                $seed,
            );
        };
        $first = $search(0, 7);
        $better = $search(300, 7);

        expect(Verifier::faults($problem, $first->starts))
            ->toBe([])
            ->and(Verifier::faults($problem, $better->starts))
            ->toBe([])
            ->and($better->makespan)
            ->toBeLessThan($first->makespan)
            ->and($search(300, 7)->starts)
            ->toBe($better->starts);
    },
);

/** Half an hour a day; two long ways, and short work that has a date. @param  list<array{int, list<int>}>  $dates */
function dated(array $dates, int $ways = 1): Problem
{
    $activities = $lags = [];
    for ($way = 0; $way < $ways; $way++) {
        $lags[] = new Lag(2 * $way, 2 * $way + 1, 4000);
        array_push($activities, new Activity("Coat {$way}", 30), new Activity("Seal {$way}", 30));
    }
    array_push($activities, new Activity('Decals', 30), new Activity('Tools', 30));

    return new Problem(
        sessions: array_map(static fn (int $day) => [1440 * $day, 1440 * $day + 30], range(0, 40)),
        sprayWindows: [],
        daylight: [],
        setup: 0,
        horizon: 60_000,
        granularity: 5,
        activities: $activities,
        lags: $lags,
        dates: $dates,
    );
}

it('meets a date before it ends all early', function (int $ways) {
    $solve = function (array $dates) use ($ways) {
        $left = 60;

        return (new Scheduler())->solve(dated($dates, $ways), function () use (&$left) {
            return $left-- > 0;
        });
    };
    $decals = 2 * $ways;
    $free = $solve([]);
    $held = $solve([[30, [$decals]]]);
    $both = $solve([[30, [$decals + 1]], [1500, [$decals]]]);

    expect($free->starts[$decals])
        ->toBeGreaterThan(0)
        ->and($free->lateness)
        ->toBe(0)
        ->and($held->starts[$decals])
        ->toBe(0)
        ->and($held->lateness)
        ->toBe(0)
        ->and($held->makespan)
        ->toBeGreaterThanOrEqual($free->makespan)
        ->and([$both->starts[$decals + 1], $both->starts[$decals]])
        ->toBe([0, 1440])
        ->and(Verifier::faults(dated([], $ways), $held->starts))
        ->toBe([]);
})->with(['few enough to try all' => 1, 'too many to try all' => 8]);

it('misses dates by as little as it can', function () {
    $solution = (new Scheduler())->solve(dated([[30, [2]], [30, [3]]]), static fn () => true);
    expect($solution->lateness)
        ->toBe(1440)
        ->and($solution->starts[2] + $solution->starts[3])
        ->toBe(1440);
});
