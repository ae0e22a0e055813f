<?php

declare(strict_types=1);

use Tests\Core\Chance;
use Tests\Core\Counsel\Draft\DraftKit;
use Tests\Core\PlanKit;
use Tests\Core\Sequences\Sequence;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Quantity\Moment;
use Ulvrach\Report\CardReport;
use Ulvrach\Report\CureReport;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;
use Ulvrach\Stuff\Drying\RoomCourse;
use Ulvrach\Stuff\Drying\RoomProfile;

const AT_TEN = 29_000_000;

/** Every step up to one done, one after the other, the last at that moment. */
function doneUpTo(Plan $plan, int $last, int $at): Log
{
    $entries = [];
    for ($index = 0; $index <= $last; $index++) {
        $entries[] = new Entry(
            sprintf('10000000-0000-4000-8000-%012d', $index),
            EntryKind::Finished,
            $at - 4000 * ($last - $index),
            $plan->steps[$index]->id,
        );
    }

    return new Log($entries);
}

/** The room by day and night, which is not the air of any plan. */
function roomThatChanges(int $from): Forecast
{
    $profile = RoomProfile::usual();
    $course = RoomCourse::of($profile, 'Europe/Oslo', [], $from - 20_000, $from + 60_000);

    return Forecast::in($course, [$from]);
}

/** A plan as people have it, by chance. */
function anyPlan(Chance $chance): Plan
{
    if ($chance->once(2)) {
        $plan = Sequence::make($chance->number(1, 1_000_000))->plan;

        return $plan->steps === [] ? PlanKit::plan('prime primer on hull') : $plan;
    }
    [$facts, $story] = $chance->one(array_values(DraftKit::stories()));
    $plan = DraftKit::plan($chance->one(DraftKit::kinds()), 'sealed-steps', $facts);

    return (new Drafter())->draft($plan, $story)->verdict->plan;
}

it('tells the same of the same film at the same moment, whoever is asked', function (int $seed) {
    $chance = new Chance($seed);
    for ($left = 12; $left > 0; $left--) {
        $plan = anyPlan($chance);
        $index = $chance->number(0, count($plan->steps) - 1);
        $at = AT_TEN + $chance->number(0, 100_000);
        $log = doneUpTo($plan, $index, $at);
        $walk = (new Walker())->walk($plan, $log);
        $forecast = $chance->once(2) ? Forecast::asPlanned() : roomThatChanges($at);
        $cures = (new FilmClock($walk, $forecast))->cures($index);
        $said = $cures === null ? null : CureReport::of($cures);

        // The bench, with the network.
        $clocks = array_column(CardReport::clocks($walk, $at, $forecast), null, 'step');
        $clock = $clocks[$plan->steps[$index]->id] ?? null;
        expect($clock['cures'] ?? null)->toBe($clock === null ? null : $said);

        // The bench without it: the card as it was before the step was done, and the press.
        $before = (new Walker())->walk($plan, $index === 0 ? new Log() : doneUpTo($plan, $index - 1, $at - 4000));
        $laidAt = (int) (new FilmClock($walk, $forecast))->laidAt($index);
        $after = CardReport::ofStep($before, $index, $laidAt, $forecast)['after'];
        expect($at - $after['cleanedAfter'])->toBe($laidAt)
            ->and($after['cures'] === null)->toBe($cures === null);
        if ($cures !== null) {
            expect(CureReport::since($cures, $laidAt))->toBe($after['cures'], "seed {$seed}, {$left} left");
        }

        // What waits for it: not before the film is so far, and the card, home and timetable at one moment.
        foreach ($walk->plan->steps as $next => $step) {
            if ($walk->isDone($next)) {
                continue;
            }
            $clock = new FilmClock($walk, $forecast);
            [$opens, $planned] = [$clock->opens($next), $clock->notBefore($next)];
            $card = CardReport::ofStep($walk, $next, $at, $forecast);
            expect($card['opensAt'])->toBe($opens === null ? null : Moment::write($opens->sure))
                ->and($card['opensSoonest'])->toBe($opens === null ? null : Moment::write($opens->soonest));
            if ($opens !== null) {
                expect($planned)->toBeGreaterThanOrEqual($opens->soonest)->toBeLessThanOrEqual($opens->sure);
            }
        }
    }
})->with([1, 2, 3, 4]);

it('lays nothing into the week before the clock of its film says that it may begin', function () {
    foreach (['coast road', 'autumn mud'] as $story) {
        [$facts, $told] = DraftKit::stories()[$story];
        $plan = (new Drafter())->draft(DraftKit::plan('tank', 'sealed-steps', $facts), $told)->verdict->plan;
        $index = intdiv(count($plan->steps), 2);
        $verdict = (new Evaluator())->evaluate($plan, doneUpTo($plan, $index, AT_TEN));
        $week = Week::usual();
        $work = new Workload(AT_TEN);
        $work->add('b', $verdict->walk);
        $calendar = $week->calendar(AT_TEN, 150);
        $timetable = (new Timetabler())->lay($work, $calendar, $week->setup, static fn (): bool => false);
        $items = TimetableReport::of($timetable, ['b' => $verdict], $week, Forecast::asPlanned())['items'];
        $clock = new FilmClock($verdict->walk, Forecast::asPlanned());
        foreach ($items as $item) {
            $place = (int) $plan->indexOf($item['step']);
            expect(Moment::read($item['from']))->toBeGreaterThanOrEqual($clock->notBefore($place) ?? 0);
        }
    }
});

it('counts a wash from its last stroke, when somebody has said when that was, and not from its clean-up', function () {
    $lines = "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\n"
        .'pin-wash wash on hull, clean spirit 30min';
    $plan = PlanKit::plan($lines);
    $done = doneUpTo($plan, 3, AT_TEN);
    $laid = new Entry('20000000-0000-4000-8000-000000000001', EntryKind::Laid, AT_TEN - 200, 's4');
    $of = static function (Log $log) use ($plan): array {
        $walk = (new Walker())->walk($plan, $log);

        return [(new FilmClock($walk, Forecast::asPlanned()))->laidAt(3), $walk];
    };
    [$unsaid] = $of($done);
    [$said, $walk] = $of($done->with($laid));
    $clock = new FilmClock($walk, Forecast::asPlanned());

    expect($unsaid)->toBeLessThan(AT_TEN)->toBeGreaterThan(AT_TEN - 200)
        ->and($said)->toBe(AT_TEN - 200)
        ->and($clock->cures(3)['solventProof']?->sure)->toBe(AT_TEN - 200 + 1440);
});

it('opens what was to wait at the later of film and wish, and closes nothing that has not opened', function () {
    $walk = (new Walker())->walk(
        PlanKit::plan("prime primer on hull\nspray-colour acrylic on hull, wait 5h\nclear-coat gloss on hull"),
        doneUpTo(PlanKit::plan("prime primer on hull\nspray-colour acrylic on hull, wait 5h"), 0, AT_TEN),
    );
    $clock = new FilmClock($walk, Forecast::asPlanned());

    expect($clock->opens(1))->toEqual(new Ulvrach\Quantity\Span(AT_TEN + 300, AT_TEN + 300))
        ->and($clock->notBefore(1))->toBe(AT_TEN + 300)
        ->and($clock->opens(2))->toBeNull()
        ->and($clock->closes(1))->toBeNull()
        ->and($clock->cures(1))->toBeNull();
});

it('closes for what is meant to go into a film as soon as that has set, and for nothing else', function (
    string $second,
    ?int $closesAfter,
) {
    $plan = PlanKit::plan("prime primer on hull\nrust-wet rustwash on hull, wait 2d\n{$second}");
    $walk = (new Walker())->walk($plan, doneUpTo($plan, 1, AT_TEN));
    $closes = (new FilmClock($walk, Forecast::asPlanned()))->closes(2);

    expect($closes === null ? null : $closes - AT_TEN)->toBe($closesAfter);
})->with([
    'meant to' => ['rust-wet rustwash on hull, into s2', 30],
    'as its medium does' => ['rust-wet rustwash on hull', null],
    'apart' => ['rust-wet rustwash on hull, apart', null],
]);
