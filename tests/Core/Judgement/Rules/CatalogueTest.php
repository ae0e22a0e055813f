<?php

declare(strict_types=1);

use Ulvrach\Judgement\Rules\Catalogue;
use Ulvrach\Stuff\Technique\Habit;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

it('is the page in docs', function () {
    expect(file_get_contents(dirname(__DIR__, 4).'/docs/rules.md'))->toBe(Catalogue::markdown());
});

it('says of every technique all that a modeller asks', function (string $code) {
    $technique = TechniqueLibrary::get($code);

    expect($technique->purpose)
        ->toEndWith('.')
        ->and($technique->practice->undo)
        ->toEndWith('.')
        ->and($technique->practice->because)
        ->not->toBe('')
        ->and($technique->practice->signs)
        ->not->toBe([])
        ->and($technique->practice->tools)
        ->not->toBe([]);
    foreach ($technique->practice->alternatives as $other) {
        expect(TechniqueLibrary::has($other))->toBeTrue("{$code} names {$other}");
    }
})->with(fn () => array_keys(TechniqueLibrary::all()));

it('prompts at kinds of work that exist', function () {
    $kinds = array_map(static fn ($technique) => $technique->kind, TechniqueLibrary::all());
    foreach (Habit::all() as $habit) {
        foreach ($habit->kinds() as $kind) {
            expect($kinds)->toContain($kind);
        }
        expect($habit->text)
            ->toEndWith('.')
            ->and(in_array($habit->moment, ['before', 'while', 'after'], true))
            ->toBeTrue();
    }
});
