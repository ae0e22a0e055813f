<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Ulvrach\Counsel\Repair\Repairer;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanReader;

it('makes a broken plan sound by edits that can be sent back', function (string $school, string $plan) {
    $broken = PlanKit::plan($plan, $school);
    $log = PlanKit::log($plan);
    $repair = (new Repairer())->repair($broken, $log);
    $mended = $broken;
    foreach ($repair->actions as $action) {
        $mended = EditCodec::apply(
            EditCodec::read(
                json_decode(json_encode(EditCodec::write($action->proved->remedy->edits), JSON_THROW_ON_ERROR)),
            ),
            $mended,
        );
    }
    $after = (new Evaluator())->evaluate($mended, $log);

    expect($after->count(Severity::Stop))
        ->toBe(0)
        ->and($repair->isSound())
        ->toBeTrue()
        ->and($repair->actions)
        ->not->toBe([]);
})->with(CaseFile::where('^stop (?!.* accepted)'));

it('mends several mistakes at once, and takes no more steps than it needs', function () {
    $repair = (new Repairer())->repair(
        PlanKit::plan(
            "prime primer on hull bed\nspray-colour acrylic on hull bed\nlift-off on hull\nspray-colour lacquer on "
                ."bed, wait 1h\nenamel-wash wash on hull, wait 2d, scrub lacquer-thinner 30min\noil-dots oil on bed, "
                ."wait 1d\nclear-coat hardgloss on bed, wait 2d",
        ),
    );

    expect($repair->isSound())
        ->toBeTrue()
        ->and($repair->isSmallest)
        ->toBeTrue()
        ->and(count($repair->actions))
        ->toBeLessThanOrEqual(4)
        ->and($repair->before->count(Severity::Stop))
        ->toBeGreaterThan(2);
});

it('leaves a sound plan alone', function () {
    expect((new Repairer())->repair(PlanKit::plan('prime primer on hull'))->actions)->toBe([]);
});

it('never makes a plan worse, also when the search is cut short', function (string $school, string $plan) {
    $repair = (new Repairer(mostStates: 0))->repair(
        PlanKit::plan($plan, $school),
        PlanKit::log($plan),
    );

    expect($repair->after->count(Severity::Stop))
        ->toBeLessThanOrEqual($repair->before->count(Severity::Stop))
        ->and($repair->isSmallest)
        ->toBeFalse();
})->with(array_slice(CaseFile::where('^stop (?!.* accepted)'), 0, 15));

it('says so when it cannot: a failed trial of what is certain stays', function () {
    $repair = (new Repairer())->repair(
        PlanKit::plan(
            "prime primer on exhaust\nspray-colour acrylic on exhaust\nfinal-coat matte on exhaust, failed "
                .'ends-without-matte-coat, failed exhaust-like-hull',
        ),
    );

    expect($repair->after->count(Severity::Stop))->toBeLessThanOrEqual(1);
});

it('proves for the lorry of the demo that no smaller set of changes leaves it without a stop', function () {
    $file = dirname(__DIR__, 4).'/database/demo/brae-lorry.ulvrach.json';
    $repair = (new Repairer())->repair(PlanReader::read((string) file_get_contents($file))->plan);

    expect($repair->isSound())
        ->toBeTrue()
        ->and($repair->isSmallest)
        ->toBeTrue()
        ->and($repair->actions)
        ->toHaveCount(3);
});

it('goes on from the best that it has seen where the search is cut short', function () {
    $file = dirname(__DIR__, 4).'/database/demo/brae-lorry.ulvrach.json';
    $repair = (new Repairer(mostStates: 1))->repair(PlanReader::read((string) file_get_contents($file))->plan);

    expect([$repair->isSound(), $repair->isSmallest])->toBe([true, false]);
});
