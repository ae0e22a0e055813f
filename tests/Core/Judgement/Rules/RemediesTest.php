<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\File\EditCodec;

/** @return list<string> one "step code zone" for every stop on every zone */
function stopsOf(Verdict $verdict): array
{
    $stops = [];
    foreach ($verdict->findings as $finding) {
        foreach ($finding->severity === Severity::Stop ? $finding->zones : [] as $zone) {
            $stops[] = "{$finding->stepId} {$finding->code} {$zone}";
        }
    }

    return $stops;
}

it('offers remedies that work: the finding is gone, no new stop has come', function (string $school, string $plan) {
    $before = PlanKit::evaluate($plan, $school);
    foreach ($before->findings as $finding) {
        foreach ((new RemedyAdvisor())->for($finding, $before) as $proved) {
            // By way of the written form, as a browser sends it back.
            $edits = EditCodec::read(
                json_decode(json_encode(EditCodec::write($proved->remedy->edits), JSON_THROW_ON_ERROR)),
            );
            $after = (new Evaluator())->evaluate(
                EditCodec::apply($edits, $before->plan),
                $before->walk->log,
            );
            $still = array_filter(
                $after->findings,
                static fn ($other) => $other->code === $finding->code &&
                    $other->stepId === $finding->stepId &&
                    array_intersect($other->zones, $finding->zones) !== [],
            );
            expect($still)
                ->toBe([], "{$proved->remedy->label} does not mend {$finding->code}")
                ->and(array_diff(stopsOf($after), stopsOf($before)))
                ->toBe([], "{$proved->remedy->label} brings a stop");
        }
    }
    expect($before->findings)->not->toBe([]);
})->with(CaseFile::where('.'));

it('knows a way out of every stop of a single mistake', function (string $school, string $plan) {
    $before = PlanKit::evaluate($plan, $school);
    $stops = array_filter($before->findings, static fn ($finding) => $finding->severity === Severity::Stop);
    foreach ($stops as $finding) {
        expect((new RemedyAdvisor())->for($finding, $before))->not->toBe([], "no remedy for {$finding->code}");
    }
    expect($stops)->not->toBe([]);
})->with(CaseFile::where('^stop '));

it('tells what a remedy mends and costs', function () {
    $before = PlanKit::evaluate("prime primer on hull\nspray-colour acrylic on hull, wait 5min");
    $wait = (new RemedyAdvisor())->for($before->findings[0], $before)[0];

    expect($wait->remedy->label)
        ->toBe('Wait until it is ready: 25 min more')
        ->and($wait->clears)
        ->toBe(1)
        ->and($wait->brings)
        ->toBe(0)
        ->and($wait->delayMinutes)
        ->toBe(25);
});

it('lets later steps wait longer where a way out takes away what held them', function () {
    $before = PlanKit::evaluate(
        "prime primer on hull turret\nspray-colour acrylic on hull turret\nhairspray spray on hull, wait 1d\nlift-off "
            ."on hull\n".
            "mask putty on turret, wait 10min\nspray-colour brown on turret\nunmask on turret",
    );
    $labels = array_map(
        static fn ($proved) => $proved->remedy->label,
        (new RemedyAdvisor())->for($before->findings[0], $before),
    );

    expect($before->findings[0]->code)
        ->toBe('lift-off-layer-after-colour')
        ->and($labels)
        ->toContain('Leave the chipping film out: chips by sponge; wait longer before step 4');
});
