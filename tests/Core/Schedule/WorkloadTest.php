<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Schedule\Calendar;
use Ulvrach\Schedule\JobPart;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Workload;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

// What the plan says, as pieces of work and what has to lie between them. The hull has 100 cm², the bed 60, so that
// minutes on the hull are those of the technique.
const NOW = 29_000_000;

/** @param  array<string, mixed>  $more  of the workload */
function workload(string $steps, array $more = [], array $heldBack = [], ?int $due = null): Workload
{
    $work = new Workload(...['now' => NOW, ...$more]);
    $work->add('pell', (new Walker())->walk(PlanKit::plan($steps), PlanKit::log($steps)), $due, $heldBack);

    return $work;
}

function problemOf(Workload $work): Problem
{
    return $work->problem(new Calendar(NOW, [[NOW, NOW + 90_000]], [[NOW, NOW + 600]], [[NOW, NOW + 300]]), 12);
}

/** @return list<string> "step part" of every piece */
function pieces(Workload $work): array
{
    return array_map(static fn ($job) => "{$job->stepId} {$job->part->value}", $work->jobs());
}

/** @return list<Lag> into a piece */
function lagsInto(Workload $work, int $to): array
{
    return array_values(array_filter(problemOf($work)->lags, static fn (Lag $lag) => $lag->to === $to));
}

it('counts filling the airbrush in the schedule and not in the coat, and brings the brush once', function () {
    $technique = TechniqueLibrary::get('paint-detail');
    $work = workload(
        <<<'PLAN'
        spray-colour brown on hull, 2 coats
        paint-detail acrylic on hull, 3 coats
        PLAN,
    );
    $active = array_column(problemOf($work)->activities, 'active');
    $sprayed = TechniqueLibrary::get('spray-colour');
    $rounded = static fn (float $minutes) => (int) (ceil($minutes / 5) * 5);

    expect($active)->toBe([
        $rounded($sprayed->applyMinutes),
        $rounded($sprayed->applyMinutes),
        $rounded($technique->setUpMinutes + $technique->applyMinutes),
        $rounded($technique->applyMinutes),
        $rounded($technique->applyMinutes),
    ])->and(array_column(problemOf($work)->activities, 'spray'))->toBe(['Brown', 'Brown', null, null, null]);
});

it('keeps each coat from the one before until that bears it', function () {
    $work = workload('spray-colour brown on hull, 3 coats');
    $walk = PlanKit::walk('spray-colour brown on hull, 1 coat');
    $bears = $walk->layers[0]->recoatableAt - $walk->layers[0]->laidAt;

    expect(lagsInto($work, 1))->toEqual([new Lag(0, 1, $bears)])
        ->and(lagsInto($work, 2))->toEqual([new Lag(1, 2, $bears)])
        ->and($bears)->toBeGreaterThan(20)
        ->and(array_map(static fn ($job) => [$job->number, $job->of], $work->jobs()))->toBe([[1, 3], [2, 3], [3, 3]]);
});

it('cleans a wash as a piece of its own, not before it is asked and not after it is at its best', function () {
    $work = workload('enamel-wash wash on hull, clean spirit 25min');
    $technique = TechniqueLibrary::get('enamel-wash');
    $window = $technique->cleanUp;
    [$lag] = lagsInto($work, 1);

    expect(pieces($work))->toBe(['s1 work', 's1 clean-up'])
        ->and(problemOf($work)->activities[1]->active)->toBe((int) (ceil($technique->cleanMinutes / 5) * 5))
        ->and($lag->from)->toBe(0)
        ->and($lag->min)->toBe(25)
        ->and($lag->max)->toBeGreaterThanOrEqual(25)
        ->and($lag->max)->toBeLessThanOrEqual($window->latest);
});

it('lets the next step begin only after the clean-up, and counts drying from the last stroke', function () {
    $steps = "enamel-wash wash on hull, clean spirit 25min\nfinal-coat matte on hull";
    $work = workload($steps);
    $walk = PlanKit::walk($steps);
    [$lag] = lagsInto($work, 2);
    $cleaned = 25 + problemOf($work)->activities[1]->active;

    expect($lag->from)->toBe(1)
        ->and($lag->min)->toBe($walk->times[1]->waits[0]->minutes - $cleaned)
        ->and($lag->min)->toBeGreaterThan(60);
});

it('puts work on other zones of no film in any order, and work on one zone in the order of the plan', function () {
    $apart = workload("paint-detail acrylic on hull\npaint-detail brown on bed");
    $same = workload("look-over on hull\npaint-detail brown on hull");

    expect(problemOf($apart)->lags)->toBe([])
        ->and(problemOf($same)->lags)->toEqual([new Lag(0, 1, 0)]);
});

it('waits as long as the person has said after the step before, also on another zone', function () {
    $work = workload("paint-detail acrylic on hull\npaint-detail brown on bed, wait 7h");

    expect(problemOf($work)->lags)->toEqual([new Lag(0, 1, 7 * 60)]);
});

it('keeps away from the bench before a look, by day where the week has days', function () {
    $steps = "paint-detail acrylic on hull\nlook-over on hull";
    $pause = TechniqueLibrary::get('look-over')->pauseMinutes;
    $byDay = workload($steps, ['hasLight' => true]);
    [$lag] = lagsInto($byDay, 1);

    expect($pause)->toBeGreaterThan(0)
        ->and($lag->min)->toBeGreaterThanOrEqual($pause)
        ->and(array_column(problemOf($byDay)->activities, 'daylight'))->toBe([false, true])
        ->and(array_column(problemOf(workload($steps))->activities, 'daylight'))->toBe([false, false]);
});

it('takes up again what can be put down, and never a wash, what is sprayed or the work of minutes', function () {
    $work = workload(
        <<<'PLAN'
        paint-detail acrylic on hull turret tracks vinyl, 1 coat
        brush-chips brown on hull turret tracks vinyl
        brush-chips brown on glass
        spray-colour brown on hull, 1 coat
        enamel-wash wash on hull turret tracks vinyl
        prime primer on bed, 1 coat
        PLAN,
    );

    expect(array_column(problemOf($work)->activities, 'split'))->toBe([true, true, false, false, false, false]);
});

it('lays nothing that is done, held back, or on no zone', function () {
    $steps = <<<'PLAN'
        prime primer on hull, done 2025-02-10T10:00
        spray-colour brown on hull, 1 coat
        brush-chips brown on hull
        PLAN;
    $plan = PlanKit::plan($steps);
    $empty = $plan->with(steps: [...$plan->steps, $plan->steps[2]->with(id: 'nowhere', zones: [])]);
    $work = new Workload(NOW);
    $work->add('pell', (new Walker())->walk($empty, PlanKit::log($steps)), null, ['s2' => true]);

    expect(pieces($work))->toBe(['s3 work']);
});

it('goes on from what is done, and starts nothing that was put off before its time', function () {
    $steps = <<<'PLAN'
        prime primer on hull, done 2025-02-10T10:00
        spray-colour brown on hull, 2 coats
        PLAN;
    $put = workload($steps, ['putOff' => ['pell s2' => NOW + 500, 'other s2' => NOW + 9_000]]);

    expect(array_column(problemOf($put)->activities, 'notBefore'))->toBe([NOW + 500, 0])
        ->and(array_column(problemOf(workload($steps))->activities, 'notBefore')[0])->toBe(NOW);
});

it('wants all of a build by its date, and nothing of another', function () {
    $work = workload("paint-detail acrylic on hull\npaint-detail brown on bed", due: NOW + 3_000);
    $work->add('strag', (new Walker())->walk(PlanKit::plan('prime primer on hull, 1 coat')));

    expect(problemOf($work)->dates)->toBe([[NOW + 3_000, [0, 1]]])
        ->and($work->jobs()[2]->build)->toBe('strag')
        ->and($work->jobs()[2]->part)->toBe(JobPart::Work);
});

it('takes as long as the person takes', function () {
    $steps = 'enamel-wash wash on hull, clean spirit 25min';
    $technique = TechniqueLibrary::get('enamel-wash');
    $work = workload($steps, ['pace' => new Pace(2.0, 3.0, ['enamel-wash' => 1.5])]);
    $rounded = static fn (float $minutes) => (int) (ceil($minutes / 5) * 5);

    expect(array_column(problemOf($work)->activities, 'active'))->toBe([
        $rounded($technique->setUpMinutes + 3.0 * $technique->applyMinutes),
        $rounded(4.5 * $technique->cleanMinutes),
    ]);
});

it('hands on the hours, the airbrush and the light as they are', function () {
    $problem = problemOf(workload('prime primer on hull'));

    expect([$problem->sessions, $problem->sprayWindows, $problem->daylight, $problem->setup, $problem->horizon])
        ->toBe([[[NOW, NOW + 90_000]], [[NOW, NOW + 600]], [[NOW, NOW + 300]], 12, NOW + 90_000]);
});

it('names a medium that leaves more time, where one dries too soon for the sessions there are', function (
    string $steps,
    ?string $medium,
) {
    $work = workload($steps);
    // Twenty minutes in the morning and twenty at night: what is laid cannot be taken off before it has set.
    $sessions = [];
    for ($day = 0; $day < 20; $day++) {
        $sessions[] = [NOW + 1440 * $day, NOW + 1440 * $day + 20];
    }
    $calendar = new Calendar(NOW, $sessions, $sessions, $sessions);
    $timetable = (new Timetabler())->lay($work, $calendar, 0, static fn () => false);
    $said = implode(' ', array_map(static fn ($conflict) => $conflict->message, $timetable->conflicts));

    expect($medium === null ? str_contains($said, 'in its place') : ! str_contains($said, $medium))->toBeFalse($said);
})->with([
    'an enamel wash' => [
        'enamel-wash wash on hull, clean spirit 25min',
        'A clay wash in its place never sets: it can be taken off on another day.',
    ],
    'paint is paint' => ['spray-colour brown on hull, 3 coats', null],
]);
