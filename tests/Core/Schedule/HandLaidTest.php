<?php

declare(strict_types=1);

use Tests\Core\Schedule\Verifier;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Schedule\Blocks;
use Ulvrach\Schedule\Scheduler;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\WeekFile;
use Ulvrach\Schedule\Workload;

// The tank of the demo in three evenings and a Saturday a week, laid by hand before the clock was asked: the primer on
// the first evening, the brown below the chips on the second, colour and chips on one Saturday, since they want each
// other; after that one coat of clear or one treatment an evening, as it dries, and the wash on a Saturday: cleaning it
// takes time.
const BY_HAND = [
    'Tue 1 Dec' => [1, 6],
    'Wed 2 Dec' => [2],
    'Thu 3 Dec' => [3],
    'Sat 5 Dec' => [4, 5, 7, 8, 9],
    'Tue 8 Dec' => [10],
    'Wed 9 Dec' => [11, 12],
    'Thu 10 Dec' => [13],
    'Sat 12 Dec' => [21, 14],
    'Wed 16 Dec' => [15, 16],
    'Sat 19 Dec' => [17, 18],
    'Wed 23 Dec' => [22, 19, 20],
    'Sat 26 Dec' => [23, 24, 25, 26],
    'Tue 29 Dec' => [27, 28],
];

it('lays the week of the demo no worse than by hand, and admits what a hand would lay', function () {
    $root = dirname(__DIR__, 3);
    $week = WeekFile::read((string) file_get_contents("{$root}/docs/examples/evenings.week.json"));
    $read = PlanReader::read((string) file_get_contents("{$root}/database/demo/ostrel-tank.ulvrach.json"));
    $from = intdiv((int) strtotime('2026-12-01T12:00:00Z'), 60);
    $calendar = $week->calendar($from, 90);
    $work = new Workload($from, hasLight: $calendar->hasLight(), evening: $calendar->evening());
    $work->add('tank', (new Evaluator())->evaluate($read->plan)->walk);
    $blocks = Blocks::of($work->problem($calendar, $week->setup), $work->sittingOfPieces());
    $order = array_merge(...array_values(BY_HAND));
    $pieces = array_keys($work->jobs());
    $place = static fn (int $piece) => array_search($work->jobs()[$piece]->stepIndex + 1, $order, true);
    usort($pieces, static fn (int $a, int $b) => $place($a) <=> $place($b) ?: $a <=> $b);
    $byHand = (new Scheduler())->inOrder($blocks->problem, $blocks->holding($pieces));
    $starts = $blocks->expanded($byHand)->starts;
    $begun = [];
    foreach ($pieces as $piece) {
        $begun[$work->jobs()[$piece]->stepIndex + 1] ??= gmdate('D j M', 60 * $starts[$piece]);
    }
    foreach (BY_HAND as $day => $steps) {
        expect(array_keys($begun, $day, true))->toBe($steps, $day);
    }

    $asked = 0;
    $timetable = (new Timetabler())->lay($work, $calendar, $week->setup, static function () use (&$asked): bool {
        return ++$asked < 300;
    });
    $day = static fn (int $minute): string => gmdate('Y-m-d', 60 * $minute);
    $days = static fn (array $starts): int => count(array_unique(array_map($day, $starts)));
    $firstOf = static fn (int $step): int => min(array_intersect_key(
        $timetable->solution->starts,
        array_filter($timetable->jobs, static fn ($job) => $job->stepIndex === $step - 1),
    ));

    expect(Verifier::faults($blocks->problem, $byHand->starts))->toBe([])
        ->and(Verifier::faults($timetable->problem, $timetable->solution->starts))->toBe([])
        ->and($timetable->conflicts)->toBe([])
        // Six days sooner than by hand, on no more days.
        ->and($timetable->laid->makespan)->toBeLessThanOrEqual($byHand->makespan - 6 * Minutes::DAY)
        ->and($days($timetable->solution->starts))->toBeLessThanOrEqual($days($starts))
        // What a hand keeps together, it keeps together too: the colour over the film and its chips, wash and clean-up.
        ->and($day($firstOf(4)))->toBe($day($firstOf(5)));
    foreach ($timetable->blocks->members as $pieces) {
        $in = array_map(static fn (int $piece) => $timetable->solution->sessionOf[$piece], $pieces);
        expect(array_unique($in))->toHaveCount(1);
    }
});
