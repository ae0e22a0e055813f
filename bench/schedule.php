<?php

declare(strict_types=1);

// Times the scheduler on the solved examples of its tests and on generated weeks; prints one JSON object.

use Tests\Core\Schedule\Benches;
use Tests\Core\Schedule\Generated;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\ProblemFile;
use Ulvrach\Schedule\Scheduler;

require __DIR__.'/../vendor/autoload.php';

/** Problems from seeds, each searched for two seconds at most. */
const GENERATED = 40;

/** Seeds that the gap of the solved large problem is the mean of: one seed alone tells of its luck. */
const SEEDS = [1, 2];

/**
 * By about how many pieces of work: minutes that the best known timetables of some benches last, by seed. Searches of a
 * minute found them, on more than one machine; none since a better one.
 */
const BEST = [
    50 => [1 => 17_045, 32_875],
    80 => [1 => 35_780, 43_045],
    120 => [1 => 64_625, 93_380],
];

/** About how many pieces of work of which only the first answer is timed. */
const MANY = [200, 300];

/** @return array{float, int, bool, int} seconds, makespan, proven, lower bound */
function laid(Problem $problem, float $limit, int $seed = 1): array
{
    $from = hrtime(true);
    $until = $from + (int) ($limit * 1e9);
    $solution = (new Scheduler())->solve($problem, static fn (): bool => hrtime(true) < $until, $seed);

    return [(hrtime(true) - $from) / 1e9, $solution->makespan, $solution->optimal, $solution->lowerBound];
}

$directory = __DIR__.'/../tests/Core/Schedule/problems';
/** @var array<string, array{makespan?: int, bestKnown?: int}> $answers */
$answers = json_decode((string) file_get_contents("{$directory}/answers.json"), true, 8, JSON_THROW_ON_ERROR);
$small = [];
$proven = 0;
$gaps = [];
foreach ($answers as $name => $answer) {
    $problem = ProblemFile::read((string) file_get_contents("{$directory}/{$name}.json"));
    if (isset($answer['makespan'])) {
        [$seconds, $makespan, $optimal] = laid($problem, 60.0);
        $small[] = $seconds;
        $proven += $optimal && $makespan === $answer['makespan'] ? 1 : 0;
    } elseif (isset($answer['bestKnown'])) {
        foreach ([1.0, 10.0] as $limit) {
            $gap = static fn (int $seed): float => 100 * (laid($problem, $limit, $seed)[1] / $answer['bestKnown'] - 1);
            $gaps[(string) $limit] = array_sum(array_map($gap, SEEDS)) / count(SEEDS);
        }
    }
}
sort($small);

$benches = [];
foreach (BEST as $pieces => $best) {
    foreach ([1.0, 10.0] as $limit) {
        $over = [];
        foreach ($best as $seed => $minutes) {
            $over[] = 100 * (laid(Benches::problem($seed, $pieces), $limit)[1] / $minutes - 1);
        }
        $benches[$pieces][(string) $limit] = array_sum($over) / count($over);
    }
}
$first = [];
foreach (MANY as $pieces) {
    $first[$pieces] = laid(Benches::problem(1, $pieces), 0.0)[0];
}

$seconds = $above = [];
$sure = 0;
foreach (range(1, GENERATED) as $seed) {
    [$took, $makespan, $optimal, $bound] = laid(Generated::problem($seed), 2.0);
    $seconds[] = $took;
    $above[] = $optimal ? 0.0 : 100 * ($makespan / $bound - 1);
    $sure += $optimal ? 1 : 0;
}
sort($seconds);
$generated = [
    'count' => GENERATED,
    'proven' => $sure,
    'median' => $seconds[intdiv(GENERATED, 2)],
    'worst' => max($seconds),
    'aboveBound' => array_sum($above) / GENERATED,
];

echo json_encode(
    [
        'count' => count($small),
        'proven' => $proven,
        'median' => $small[intdiv(count($small), 2)],
        'worst' => max([0.0, ...$small]),
        'gaps' => $gaps,
        'benches' => $benches,
        'first' => $first,
        'generated' => $generated,
    ],
    JSON_THROW_ON_ERROR,
);
