<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Quantity\Moment;
use Ulvrach\Schedule\Shedder;
use Ulvrach\Schedule\Shedding;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;

beforeEach(function () {
    $this->plan = PlanKit::plan(
        <<<'PLAN'
        prime primer on hull
        spray-colour brown on hull
        chipping-fluid fluid on hull
        spray-colour acrylic on hull, 1 coat
        lift-off on hull
        clear-coat gloss on hull
        decal decals on hull
        decal-softener softener on hull
        clear-coat satin on hull
        enamel-wash wash on hull, clean spirit 30min
        final-coat matte on hull
        dry-pigment dust on hull
        fix-pigment fixer on hull
        PLAN
        ,
    );
    $this->week = new Week(
        timeZone: 'UTC',
        sessions: array_fill_keys(range(1, 7), [[1140, 1320]]),
        exceptions: [],
        compressor: [0, 1440],
        daylight: [0, 1440],
        setup: 10,
    );
    // A Monday.
    $this->now = intdiv((int) strtotime('2026-11-23T12:00:00Z'), 60);
    $this->shed = fn (string $day): Shedding => (new Shedder())->shed(
        $this->plan,
        new Log(),
        $this->week->endOfDay($day),
        $this->week->calendar($this->now, 90),
        $this->week->setup,
        $this->others ?? new Workload($this->now),
    );
});

it('lets nothing go where the date is met', function () {
    $shedding = ($this->shed)('2027-01-20');

    expect($shedding->steps)
        ->toBe([])
        ->and($shedding->isEnough)
        ->toBeTrue()
        ->and($shedding->ends)
        ->toBeLessThan($this->week->endOfDay('2027-01-20'));
});

it('lets go what a finish can do without, the sooner the date the more, and never what carries it', function () {
    $end = ($this->shed)('2027-01-20')->ends;
    $before = 0;
    for ($earlier = 1; $earlier <= 6; $earlier++) {
        $due = $end - $earlier * 1440;
        $shedding = (new Shedder())->shed(
            $this->plan,
            new Log(),
            $due,
            $this->week->calendar($this->now, 90),
            $this->week->setup,
            $this->others ?? new Workload($this->now),
        );
        $left = array_values(
            array_filter($this->plan->steps, static fn ($step) => ! in_array($step->id, $shedding->steps, true)),
        );
        $gone = array_map(
            fn (string $id) => $this->plan->steps[$this->plan->indexOf($id)]->technique,
            $shedding->steps,
        );

        expect($shedding->isEnough)
            ->toBe($shedding->ends <= $due)
            ->and(array_intersect($gone, ['prime', 'spray-colour', 'final-coat']))
            ->toBe([])
            ->and(
                array_filter(
                    (new Evaluator())->evaluate($this->plan->with(steps: $left))->findings,
                    static fn ($finding) => $finding->severity === Severity::Stop,
                ),
            )
            ->toBe([]);
        if ($shedding->isEnough) {
            expect(count($shedding->steps))->toBeGreaterThan(0);
        }
        $before = max($before, count($shedding->steps));
    }
    expect($before)->toBeGreaterThan(2);
});

it('takes a lift-off along with its film', function () {
    foreach (range(1, 10) as $earlier) {
        $gone = ($this->shed)(gmdate('Y-m-d', strtotime('2026-12-04') - 86_400 * $earlier))->steps;
        expect(in_array('s3', $gone, true))->toBe(in_array('s5', $gone, true));
    }
});

it('says so where even that is not enough', function () {
    $shedding = ($this->shed)('2026-11-22');

    expect($shedding->isEnough)
        ->toBeFalse()
        ->and($shedding->ends)
        ->toBeGreaterThan($this->week->endOfDay('2026-11-22'));
});

it('leaves alone what is done', function () {
    $pigment = array_values(
        array_filter($this->plan->steps, static fn ($step) => $step->technique === 'dry-pigment'),
    )[0];
    $done = PlanKit::entry($pigment->id, EntryKind::Finished, Moment::read('2026-11-20T20:00:00Z'), $this->plan);
    $shedding = (new Shedder())->shed(
        $this->plan,
        new Log([$done]),
        $this->now,
        $this->week->calendar($this->now, 90),
        $this->week->setup,
        $this->others ?? new Workload($this->now),
    );

    expect($shedding->steps)->not->toContain('s12')->and($shedding->steps)->not->toBe([]);
});

it('makes room for what has to be finished before it', function () {
    $other = PlanKit::walk(
        "prime primer on large larger\nspray-colour acrylic on large larger, 3 coats\nclear-coat gloss on "
            ."large\nfinal-coat matte on large larger",
    );
    $alone = ($this->shed)('2027-01-20')->ends;
    $this->others = new Workload($this->now);
    $this->others->add('other', $other, $this->week->endOfDay('2026-12-01'));
    $shared = ($this->shed)('2027-01-20');

    expect($shared->steps)
        ->toBe([])
        ->and($shared->ends)
        ->toBeGreaterThan($alone)
        ->and(count(($this->shed)(gmdate('Y-m-d', $alone * 60))->steps))
        ->toBeGreaterThan(0);
});

it('ends a day at its midnight, also when the clocks change', function () {
    $week = new Week(
        timeZone: 'Europe/Berlin',
        sessions: [],
        exceptions: [],
        compressor: [0, 1440],
        daylight: [0, 1440],
        setup: 10,
    );

    expect(gmdate('c', $week->endOfDay('2026-10-25') * 60))
        ->toBe('2026-10-25T23:00:00+00:00')
        ->and(gmdate('c', $week->endOfDay('2026-06-30') * 60))
        ->toBe('2026-06-30T22:00:00+00:00');
});
