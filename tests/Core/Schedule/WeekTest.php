<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Tests\Core\Schedule\Verifier;
use Ulvrach\Schedule\JobPart;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Reason;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;

function minuteOf(string $moment): int
{
    return intdiv((int) strtotime($moment), 60);
}

it('repeats a week in local time, through a change of the clocks', function () {
    // In Oslo summer time ended on 25 October 2026: 19:30 is 17:30 UTC before and 18:30 UTC after.
    $sessions = Week::usual('Europe/Oslo')->calendar(minuteOf('2026-10-23T00:00Z'), 5)->sessions;

    expect(gmdate('D H:i', $sessions[0][0] * 60))
        ->toBe('Fri 17:30')
        ->and(gmdate('D H:i', $sessions[4][0] * 60))
        ->toBe('Mon 18:30')
        ->and($sessions[0][1] - $sessions[0][0])
        ->toBe(150);
});

it('makes a session through the change longer, as the clock on the wall says', function () {
    $week = new Week(
        timeZone: 'Europe/Oslo',
        sessions: [7 => [[60, 240]]],
        exceptions: [],
        compressor: [0, 1440],
        daylight: [540, 1020],
        setup: 15,
    );
    $session = $week->calendar(minuteOf('2026-10-24T12:00Z'), 2)->sessions[0];

    expect($session[1] - $session[0])->toBe(240);
});

it('keeps exceptions, goes over the end of a month, joins what overlaps, and forgets what has passed', function () {
    $week = new Week(
        timeZone: 'UTC',
        sessions: [1 => [[600, 700], [650, 900]]],
        exceptions: ['2026-11-30' => [[60, 120]], '2026-12-07' => []],
        compressor: [540, 1290],
        daylight: [540, 1020],
        setup: 15,
    );
    $calendar = $week->calendar(minuteOf('2026-11-30T01:30Z'), 16);

    expect(
        array_map(
            fn ($session) => [gmdate('m-d H:i', $session[0] * 60), $session[1] - $session[0]],
            $calendar->sessions,
        ),
    )
        ->toBe([['11-30 01:30', 30], ['12-14 10:00', 300]])
        ->and($calendar->withoutSessionAt(minuteOf('2026-12-14T10:00Z'))->sessions)
        ->toHaveCount(1);
});

it('takes a session longer than a day’s rest', function () {
    $week = new Week(
        timeZone: 'UTC',
        sessions: array_fill_keys(range(1, 7), [[0, 1440]]),
        exceptions: [],
        compressor: [0, 1440],
        daylight: [0, 1440],
        setup: 15,
    );
    expect($week->calendar(0, 3)->sessions)->toBe([[0, 3 * 1440]]);
});

/** @param  array<string, string>  $plans */
function laid(array $plans, ?Week $week = null, string $now = '2026-11-23T12:00Z'): Ulvrach\Schedule\Timetable
{
    $work = new Workload(minuteOf($now));
    foreach ($plans as $name => $plan) {
        $work->add($name, PlanKit::walk($plan));
    }
    $week ??= Week::usual();
    $left = 20;
    $timetable = (new Timetabler())->lay($work, $week->calendar(minuteOf($now), 90), $week->setup, function () use (
        &$left,
    ) {
        return $left-- > 0;
    });
    expect(Verifier::faults($timetable->problem, $timetable->solution->starts))->toBe([]);

    return $timetable;
}

it('lays coats and clean-ups as work of their own, with their waits and windows', function () {
    $timetable = laid([
        'ostrel' => "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\nenamel-wash wash "
            .'on hull, clean spirit 30min',
    ]);
    $parts = array_map(fn ($job) => $job->part, $timetable->jobs);
    $clean = array_search(JobPart::CleanUp, $parts, true);

    expect($parts)
        ->toHaveCount(8)
        ->and($timetable->conflicts)
        ->toBe([])
        ->and($timetable->solution->starts[$clean] - $timetable->solution->ends[$clean - 1])
        ->toBeGreaterThanOrEqual(30)
        ->toBeLessThanOrEqual(240);
});

it('lifts chips inside their window, also where other builds ask for the hands', function () {
    $plan =
        "prime primer on hull\nspray-colour brown on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on "
            ."hull, 1 coat\nlift-off on hull\nclear-coat matte on hull";
    $timetable = laid([
        'one' => $plan,
        'two' => $plan,
        'three' => "prime primer on bed\nbrush-colour acrylic on bed\npaint-detail brown on bed",
    ]);

    expect($timetable->conflicts)->toBe([])->and(count($timetable->jobs))->toBeGreaterThan(20);
});

it('shares an airbrush load between builds', function () {
    $timetable = laid(['one' => 'prime primer on hull, 1 coat', 'two' => 'prime primer on turret, 1 coat']);
    expect($timetable->solution->setups)->toBe(1)->and($timetable->solution->sessions)->toBe(1);
});

it('counts what is done, and goes on from it', function () {
    $timetable = laid(['one' => "prime primer on hull, done 2026-11-23T11:50\nspray-colour acrylic on hull"]);
    expect($timetable->jobs[0]->stepIndex)
        ->toBe(1)
        ->and(gmdate('D H:i', $timetable->solution->starts[0] * 60))
        ->toBe('Mon 19:45');
});

it('names a window that closes before the next session, and lays the rest', function () {
    $timetable = laid([
        'one' => "prime primer on hull, done 2026-11-20T10:00\nspray-colour brown on hull, done "
            ."2026-11-21T10:00\nchipping-fluid fluid on hull, done 2026-11-23T10:00\nspray-colour acrylic on hull, "
            ."done 2026-11-23T11:00\nlift-off on hull\nclear-coat matte on hull",
    ]);

    expect($timetable->conflicts[0]->message)
        ->toBe('The window for “5 Lift chips with water” closes before there is time at the bench.')
        ->and($timetable->solution->starts)
        ->toHaveCount(3);
});

it('says why an activity stands where it stands', function () {
    $timetable = laid([
        'one' => "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\ndecal decals on "
            ."hull\nclear-coat gloss on hull",
    ]);
    $reasons = array_map(
        fn ($index) => Reason::of($timetable->problem, $timetable->solution, $index),
        array_keys($timetable->jobs),
    );

    expect($reasons[0])
        ->toBe('It is the first session in which there is room for it.')
        ->and($reasons[1])
        ->toBe('It waits 30 min after 1 Prime.')
        ->and(implode(' ', $reasons))
        ->toContain('which is over between two sessions');
});

it('cannot lay work where there is no session', function () {
    laid(
        ['one' => 'prime primer on hull'],
        new Week(
            timeZone: 'UTC',
            sessions: [],
            exceptions: [],
            compressor: [0, 1440],
            daylight: [0, 1440],
            setup: 15,
        ),
    );
})->throws(NoSchedule::class);
