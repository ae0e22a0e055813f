<?php

declare(strict_types=1);

// Times the scheduler on the solved examples of its tests and on generated weeks; prints one JSON object.

use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\ProblemFile;
use Ulvrach\Schedule\Scheduler;

require __DIR__.'/../vendor/autoload.php';

/** @return array{float, int, bool} seconds, makespan, proven */
function laid(Problem $problem, float $limit): array
{
    $from = hrtime(true);
    $until = $from + (int) ($limit * 1e9);
    $solution = (new Scheduler)->solve($problem, static fn (): bool => hrtime(true) < $until);

    return [(hrtime(true) - $from) / 1e9, $solution->makespan, $solution->optimal];
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
            $gaps[(string) $limit] = 100 * (laid($problem, $limit)[1] / $answer['bestKnown'] - 1);
        }
    }
}
sort($small);
echo json_encode(['count' => count($small), 'proven' => $proven, 'median' => $small[intdiv(count($small), 2)], 'worst' => max([0.0, ...$small]), 'gaps' => $gaps], JSON_THROW_ON_ERROR);
