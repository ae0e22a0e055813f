<?php

declare(strict_types=1);

arch('the core knows no framework, no application and no clock library')
    ->expect('Ulvrach')
    ->not->toUse(['Illuminate', 'Laravel', 'Carbon', 'App', 'Symfony', 'Database']);

arch('the core neither prints nor asks for the time of day')
    ->expect('Ulvrach')
    ->not->toUse([
        'echo',
        'print',
        'printf',
        'var_dump',
        'dump',
        'dd',
        'time',
        'microtime',
        'hrtime',
        'rand',
        'mt_rand',
        'random_int',
        'getenv',
    ]);

it('makes no moment out of nothing', function () {
    $files = new RegexIterator(
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core')),
        '/\.php$/',
    );
    $said = [];
    foreach ($files as $file) {
        // Without an argument, or with "now", these ask the clock.
        preg_match_all(
            '/new \\\\?DateTime(?:Immutable)?(?:\(\)|\(.now|;)|\b(?:gm)?date\([^,()]*\)|'
                .'\b(?:file_get_contents|file_put_contents|fopen)\(/',
            (string) file_get_contents((string) $file),
            $found,
        );
        $said = [
            ...$said,
            ...array_map(static fn (string $text) => basename((string) $file).": {$text}", $found[0]),
        ];
    }
    expect($said)->toBe([]);
});

arch('every file of the core is strict about types')->expect('Ulvrach')->toUseStrictTypes();

// Imports point one way: each subject may use those before it.
arch('quantities stand alone')
    ->expect('Ulvrach\Quantity')
    ->not->toUse(['Ulvrach\Chemistry', 'Ulvrach\Technique', 'Ulvrach\Plan', 'Ulvrach\Evaluation', 'Ulvrach\Rules']);
arch('chemistry knows no plans')
    ->expect('Ulvrach\Chemistry')
    ->not->toUse(['Ulvrach\Technique', 'Ulvrach\Drying', 'Ulvrach\Plan', 'Ulvrach\Evaluation', 'Ulvrach\Rules']);
arch('colour stands alone')
    ->expect('Ulvrach\Colour')
    ->not->toUse(['Ulvrach\Technique', 'Ulvrach\Plan', 'Ulvrach\Evaluation', 'Ulvrach\Rules']);
arch('techniques know no plans')
    ->expect('Ulvrach\Technique')
    ->not->toUse(['Ulvrach\Drying', 'Ulvrach\Plan', 'Ulvrach\Evaluation', 'Ulvrach\Rules']);
arch('plans know no verdicts')
    ->expect('Ulvrach\Plan')
    ->not->toUse(['Ulvrach\Evaluation', 'Ulvrach\Rules', 'Ulvrach\Report']);
arch('the plan file knows no verdicts')
    ->expect('Ulvrach\PlanFile')
    ->not->toUse(['Ulvrach\Evaluation', 'Ulvrach\Rules', 'Ulvrach\Report']);

arch('rules are final')
    ->expect('Ulvrach\Rules')
    ->classes()
    ->toBeFinal()
    ->ignoring([
        'Ulvrach\Rules\RuleBase',
        'Ulvrach\Rules\EndRule',
        'Ulvrach\Rules\Sight\ContrastRule',
        'Ulvrach\Rules\Chemistry\AttackRule',
        'Ulvrach\Rules\Surface\WrongSheen',
    ]);
