<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Tests\Core\RemedyText;
use Ulvrach\Judgement\Rules\RuleBook;

it('finds what the case says, and nothing else', function (string $school, string $plan, array $findings) {
    expect(PlanKit::findings($plan, $school))->toBe($findings);
})->with(CaseFile::all());

it('offers the remedies that the case says, with these edits', function (
    string $school,
    string $plan,
    array $findings,
    array $claims,
    array $said,
) {
    expect(RemedyText::ofAll(PlanKit::evaluate($plan, $school)))->toBe($said);
})->with(CaseFile::where('.'));

it('is what the case is there for', function (string $school, string $plan, array $findings, array $claims) {
    foreach ($claims as $claim) {
        [$verb, $code] = explode(' ', $claim);
        expect(
            array_filter(
                $findings,
                static fn (string $said) => explode(' ', $said)[1] === $code && ! str_ends_with($said, ' accepted'),
            ),
        )
            ->when($verb === 'breaks', fn ($said) => $said->not->toBe([]))
            ->when($verb === 'keeps', fn ($said) => $said->toBe([]));
    }
    expect($claims)->not->toBe([]);
})->with(array_filter(CaseFile::all(), static fn (array $case) => $case[3] !== []));

it('has a case that breaks every rule, one that just does not, and one that something saves', function (
    string $code,
) {
    $claims = array_count_values(
        array_merge(...array_values(array_map(static fn (array $case) => $case[3], CaseFile::all()))),
    );

    expect($claims["breaks {$code}"] ?? 0)
        ->toBeGreaterThanOrEqual(1)
        ->and($claims["keeps {$code}"] ?? 0)
        ->toBeGreaterThanOrEqual(2);
})->with(fn () => array_keys(RuleBook::ofAll()->rules));

it('says what happens and why in whole sentences', function (string $school, string $plan) {
    foreach (PlanKit::evaluate($plan, $school)->findings as $finding) {
        expect($finding->happens)->toMatch('/^[“\p{Lu}\d].+\.$/u')->and($finding->why)->toMatch('/^\p{Lu}.+\.$/u');
    }
})->with(CaseFile::where('.'));
