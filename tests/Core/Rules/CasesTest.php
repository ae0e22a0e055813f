<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Ulvrach\Rules\RuleBook;

it('finds what the case says, and nothing else', function (string $school, string $plan, array $findings) {
    expect(PlanKit::findings($plan, $school))->toBe($findings);
})->with(CaseFile::all());

it('has a case that breaks every rule', function (string $code) {
    $broken = array_merge(...array_values(array_map(static fn (array $case) => $case[2], CaseFile::all())));

    expect(array_filter($broken, static fn (string $said) => explode(' ', $said)[1] === $code))->not->toBe([]);
})->with(fn () => array_keys((new RuleBook)->rules));

it('says what happens and why in whole sentences', function (string $school, string $plan) {
    foreach (PlanKit::evaluate($plan, $school)->findings as $finding) {
        expect($finding->happens)->toMatch('/^[“\p{Lu}\d].+\.$/u')->and($finding->why)->toMatch('/^\p{Lu}.+\.$/u');
    }
})->with(CaseFile::where('.'));
