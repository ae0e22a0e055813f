<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\StoryFile;
use Ulvrach\Plan\Plan;
use Ulvrach\Schedule\Job;
use Ulvrach\Schedule\Scheduler;
use Ulvrach\Schedule\Timetable;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Measure\Measurer;
use Ulvrach\Vehicle\ZoneTemplates;

// Plans as people have them, laid into weeks as people have them: what no timetable may do to a sitting.
const MONDAY = '2026-12-07T12:00Z';

/** @return array<string, Walk> by name: the demo's plans and drafts of the examples, none of them begun */
function plansWalked(): array
{
    /** @var array<string, Walk>|null $walks */
    static $walks = null;
    if ($walks !== null) {
        return $walks;
    }
    $root = dirname(__DIR__, 3);
    foreach (glob("{$root}/database/demo/*.ulvrach.json") ?: [] as $file) {
        $walks[basename($file)] = walkOf(PlanReader::read((string) file_get_contents($file))->plan);
    }
    foreach (glob("{$root}/docs/examples/*.story.json") ?: [] as $file) {
        $story = StoryFile::read((string) file_get_contents($file));
        $kind = $story->build->kind;
        $measured = Measurer::measure(Catalogue::build($kind, Catalogue::formOf($kind, $story->build->form ?? [])));
        $plan = $story->plan(ZoneTemplates::for($kind, $story->build->scale, $measured));
        $walks[basename($file)] = (new Drafter())->draft($plan, $story->story, $story->shelf)->verdict->walk;
    }

    return $walks;
}

function walkOf(Plan $plan): Walk
{
    return (new Evaluator())->evaluate($plan)->walk;
}

/** @param  list<array{int, int}>  $evening  minutes of the day */
function weekOf(array $evening, array $days = [2, 3, 4]): Week
{
    return new Week('UTC', array_fill_keys($days, $evening), [], [0, 1440], [540, 1020], 15);
}

/** @param  list<Walk>  $walks */
function laidInto(Week $week, array $walks): Timetable
{
    $calendar = $week->calendar(intdiv((int) strtotime(MONDAY), 60), 200);
    $work = new Workload($calendar->from, evening: $calendar->evening());
    foreach ($walks as $number => $walk) {
        $work->add("build-{$number}", $walk);
    }
    $asked = 0;

    $goOn = static function () use (&$asked): bool {
        return ++$asked < 3;
    };

    return (new Timetabler(new Scheduler(6)))->lay($work, $calendar, $week->setup, $goOn);
}

dataset('evenings', [
    'two hours on three evenings' => [weekOf([[1170, 1290]])],
    'two hours and a half on five' => [weekOf([[1170, 1320]], [1, 2, 3, 4, 5])],
    'a long Saturday' => [weekOf([[600, 750], [840, 1020]], [6])],
    'an hour a day' => [weekOf([[1200, 1260]], [1, 2, 3, 4, 5, 6, 7])],
]);

it('never parts a sitting by a night or by other work', function (Week $week) {
    $timetable = laidInto($week, array_values(array_slice(plansWalked(), 0, 3)));
    $faults = [];
    foreach ($timetable->blocks->members as $block => $pieces) {
        [$from, $to] = [$timetable->laid->starts[$block], $timetable->laid->ends[$block]];
        $session = $timetable->problem->sessions[$timetable->laid->sessionOf[$block]];
        if (count($pieces) > 1 && ($from < $session[0] || $to > $session[1])) {
            $faults[] = "{$timetable->jobs[$pieces[0]]->key()} leaves its session";
        }
        foreach ($timetable->jobs as $piece => $job) {
            $isWithin = $timetable->solution->starts[$piece] < $to && $timetable->solution->ends[$piece] > $from;
            if ($isWithin && ! in_array($piece, $pieces, true)) {
                $faults[] = "{$job->key()} lies within {$timetable->jobs[$pieces[0]]->key()}";
            }
        }
    }

    expect($faults)->toBe([]);
})->with('evenings');

it('is never late for a merge or a clean-up without saying so', function (Week $week) {
    foreach (plansWalked() as $name => $walk) {
        $timetable = laidInto($week, [$walk]);
        $solution = $timetable->solution;
        foreach ($timetable->problem->lags as $lag) {
            $between = $solution->starts[$lag->to] - $solution->ends[$lag->from];
            expect($between)->toBeGreaterThanOrEqual($lag->min, $name);
            if ($lag->max !== null) {
                expect($between)->toBeLessThanOrEqual($lag->max, "{$name} {$timetable->jobs[$lag->to]->key()}");
            }
        }
    }
})->with('evenings');

it('cuts what is longer than an evening so that every part of every zone is done once', function (Week $week) {
    foreach (plansWalked() as $name => $walk) {
        $timetable = laidInto($week, [$walk]);
        $seen = [];
        foreach ($timetable->jobs as $piece => $job) {
            if ($job->sections > 1) {
                $block = $timetable->blocks->blockOf[$piece];
                $seen["{$job->stepId} {$job->part->value} {$job->number}"][$job->section] = $job;
                $isLate = $job->section > 1 &&
                    $timetable->laid->starts[$block] < endOfSection($timetable, $job, $job->section - 1);
                expect($isLate)->toBeFalse("{$name}: section {$job->section} of {$job->stepId} before the last");
            }
        }
        foreach ($seen as $key => $sections) {
            $zones = array_merge(...array_map(static fn (Job $job) => $job->zones, array_values($sections)));
            $step = $walk->plan->steps[reset($sections)->stepIndex];
            expect(array_values(array_unique($zones)))->toEqualCanonicalizing($step->zones, "{$name} {$key}");
        }
    }
})->with('evenings');

function endOfSection(Timetable $timetable, Job $job, int $section): int
{
    $end = 0;
    foreach ($timetable->jobs as $piece => $other) {
        if ($other->stepId === $job->stepId && $other->section === $section) {
            $end = max($end, $timetable->laid->ends[$timetable->blocks->blockOf[$piece]]);
        }
    }

    return $end;
}

it('cuts no piece of work of less than half an hour, and leaves no scrap of what it cuts', function (Week $week) {
    foreach (plansWalked() as $walk) {
        $timetable = laidInto($week, [$walk]);
        foreach ($timetable->jobs as $piece => $job) {
            $activity = $timetable->problem->activities[$piece];
            $session = $timetable->problem->sessions[$timetable->solution->sessionOf[$piece]];
            $today = min($session[1], $timetable->solution->ends[$piece]) - $timetable->solution->starts[$piece];
            if ($today < $activity->active) {
                expect($activity->active)->toBeGreaterThanOrEqual(30, $job->key())
                    ->and(min($today, $activity->active - $today))->toBeGreaterThanOrEqual(15, $job->key());
            }
        }
    }
})->with('evenings');

it('breaks no sitting of a build when another comes to it', function () {
    $week = weekOf([[1170, 1320]]);
    $walks = array_values(plansWalked());
    $alone = laidInto($week, [$walks[0]]);
    $beside = laidInto($week, [$walks[0], $walks[1]]);
    $sittings = static function (Timetable $timetable): array {
        $said = [];
        foreach ($timetable->blocks->members as $pieces) {
            if (count($pieces) > 1 && $timetable->jobs[$pieces[0]]->build === 'build-0') {
                $said[] = array_map(static fn (int $piece) => $timetable->jobs[$piece]->key(), $pieces);
            }
        }
        sort($said);

        return $said;
    };

    expect($sittings($beside))->toBe($sittings($alone))->and($sittings($alone))->not->toBe([]);
});

it('never ends later for a longer evening', function (string $steps) {
    $walk = (new Walker())->walk(PlanKit::plan($steps));
    $last = PHP_INT_MAX;
    foreach ([90, 120, 150, 180, 240] as $minutes) {
        $timetable = laidInto(weekOf([[1170, 1170 + $minutes]]), [$walk]);

        expect($timetable->laid->optimal)->toBeTrue()
            ->and($timetable->conflicts)->toBe([])
            ->and($timetable->laid->makespan)->toBeLessThanOrEqual($last);
        $last = $timetable->laid->makespan;
    }
})->with([
    'paint, wash and a last coat' => [
        "prime primer on hull bed\nspray-colour brown on hull\npaint-detail acrylic on bed\n"
            ."enamel-wash wash on hull, clean spirit 25min\nfinal-coat matte on hull bed",
    ],
    'oils on two parts' => [
        "prime primer on hull turret, 1 coat\noil-dots oil on hull, clean spirit 10min\n"
            ."oil-dots oil on turret, clean spirit 10min\nlook-over on hull turret",
    ],
]);
