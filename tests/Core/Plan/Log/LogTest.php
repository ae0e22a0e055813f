<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Log\Contradiction;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Past;
use Ulvrach\Plan\Log\Trial;

const PLAN = "prime primer on hull turret\nspray-colour acrylic on hull\nclear-coat gloss on hull";

/** Contradictions in words, with the step each is about. @return list<string> */
function contradictions(Log $log, Ulvrach\Plan\Plan $plan): array
{
    return array_map(static fn ($one) => ($one->stepId ?? '–').': '.$one->says, Contradiction::between($plan, $log));
}

it('knows when a step was finished, the last time', function () {
    $plan = PlanKit::plan(PLAN);
    $log = new Log([
        PlanKit::entry('s1', EntryKind::Finished, 2000, $plan),
        PlanKit::entry('s1', EntryKind::Finished, 1500, $plan),
        PlanKit::entry('s2', EntryKind::Begun, 2100, $plan),
    ]);

    expect($log->finishedAt('s1'))
        ->toBe(2000)
        ->and($log->isFinished('s2'))
        ->toBeFalse()
        ->and($log->begunAt('s2'))
        ->toBe(2100)
        ->and($log->finishedAt('s3'))
        ->toBeNull();
});

it('counts a correction in place of what it corrects, and keeps both', function () {
    $plan = PlanKit::plan(PLAN);
    $first = PlanKit::entry('s1', EntryKind::Finished, 2000, $plan);
    $second = PlanKit::entry('s1', EntryKind::Finished, 1800, $plan, corrects: $first->id);
    $log = new Log([$first, $second]);
    $withdrawn = $log->with(PlanKit::entry('s1', EntryKind::Withdrawn, 2500, $plan, corrects: $second->id));

    expect($log->finishedAt('s1'))
        ->toBe(1800)
        ->and($withdrawn->isFinished('s1'))
        ->toBeFalse()
        ->and($withdrawn->entries)
        ->toHaveCount(3)
        ->and($withdrawn->standing())
        ->toBe([]);
});

it('takes the last trial of a rule at a step', function () {
    $plan = PlanKit::plan(PLAN);
    $log = new Log([
        PlanKit::entry('s1', EntryKind::Trial, 10, $plan, new Trial('rule-a', 'spoon', 5, true)),
        PlanKit::entry('s1', EntryKind::Trial, 20, $plan, new Trial('rule-a', 'spoon', 9, false)),
        PlanKit::entry('s2', EntryKind::Trial, 30, $plan, new Trial('rule-a', 'spoon', 1, true)),
    ]);

    expect($log->trial('s1', 'rule-a')?->rubs)
        ->toBe(9)
        ->and($log->trial('s1', 'rule-b'))
        ->toBeNull();
});

it('says where the plan contradicts what was done', function () {
    $plan = PlanKit::plan(PLAN);
    $log = new Log([
        PlanKit::entry('s1', EntryKind::Finished, 1000, $plan),
        PlanKit::entry('s2', EntryKind::Finished, 2000, $plan),
    ]);
    $repainted = (new ReplaceStep($plan->steps[1]->with(product: 'brown', coats: 1)))->applyTo($plan);
    $smaller = (new ReplaceStep($plan->steps[0]->onZones(['hull'])))->applyTo($plan);

    expect(contradictions($log, $plan))
        ->toBe([])
        ->and(contradictions($log, $repainted))
        ->toBe(['s2: It was done with “Green” and in 2 coats.'])
        ->and(contradictions($log, $smaller))
        ->toBe(['s1: It was done also on Turret.'])
        ->and(contradictions($log, (new MoveStep('s3', 0))->applyTo($plan)))
        ->toBe(['s3: Step 2 is done already: this one can no longer come before it.'])
        ->and(contradictions($log, (new RemoveStep('s2'))->applyTo($plan)))
        ->toBe(['–: “Spray a colour with “Green”” was done, and is no longer in the plan.']);
});

it('tells a change that leaves the past alone from one that does not', function (Closure $change, bool $isKept) {
    $plan = PlanKit::plan(PLAN);
    $log = new Log([PlanKit::entry('s2', EntryKind::Finished, 2000, $plan)]);

    expect(Past::isKept($plan, $change($plan), $log))->toBe($isKept);
})->with([
    'nothing' => [fn ($plan) => $plan, true],
    'what is still to do' => [fn ($plan) => (new RemoveStep('s3'))->applyTo($plan), true],
    'what was not done before it' => [fn ($plan) => (new RemoveStep('s1'))->applyTo($plan), true],
    'the finished step itself' => [fn ($plan) => (new RemoveStep('s2'))->applyTo($plan), false],
    'its coats' => [fn ($plan) => (new ReplaceStep($plan->steps[1]->with(coats: 5)))->applyTo($plan), false],
    'something new below it' => [fn ($plan) => (new MoveStep('s3', 0))->applyTo($plan), false],
]);

it('counts with the times that were, begun and finished', function () {
    $walk = PlanKit::walk(
        "prime primer on hull, begun 2026-11-20T09:00, done 2026-11-20T10:00\n"
            ."spray-colour acrylic on hull, done 2026-11-20T18:00\nspray-colour brown on hull",
    );

    expect($walk->times[0]->start)
        ->toBe(0)
        ->and($walk->times[0]->end)
        ->toBe(60)
        ->and($walk->times[1]->end)
        ->toBe(9 * 60)
        ->and($walk->times[1]->planned)
        ->toBe($walk->layers[0]?->recoatableAt);
});

it('never offers a way out that changes what was done', function () {
    $plan = PlanKit::plan("prime primer on hull\nspray-colour acrylic on hull, wait 5min\nclear-coat gloss on hull");
    $log = new Log([
        PlanKit::entry('s1', EntryKind::Finished, 1000, $plan),
        PlanKit::entry('s2', EntryKind::Finished, 1020, $plan),
    ]);
    $verdict = (new Evaluator())->evaluate($plan, $log);
    $early = array_values(array_filter($verdict->findings, static fn ($finding) => $finding->code === 'too-early'));

    expect($early)->toHaveCount(1);
    foreach ($verdict->findings as $finding) {
        foreach ((new \Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor())->for($finding, $verdict) as $proved) {
            $after = $plan;
            foreach ($proved->remedy->edits as $edit) {
                $after = $edit->applyTo($after);
            }
            expect(Past::isKept($plan, $after, $log))->toBeTrue($proved->remedy->label);
        }
    }
});
