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

/** Folders of the core, each of which may use those before it and no other: so there is no circle among them. */
const ORDER = [
    'Quantity',
    'Scale',
    'Colour',
    'Mixing',
    'Chemistry',
    'Technique',
    'Drying',
    'Material',
    'Palette',
    'ShelfFile',
    'Plan',
    'Variety',
    'Supply',
    'Log',
    'Vehicle',
    'PlanFile',
    'Evaluation',
    'Finish',
    'Forecast',
    'Rules',
    'Trial',
    'Undo',
    'Scratch',
    'Safety',
    'Sections',
    'Repair',
    'Rescue',
    'Draft',
    'Schedule',
    'Report',
];

/** @return array<string, list<string>> the folders that the files of each folder use */
function importsByFolder(): array
{
    $core = dirname(__DIR__, 2).'/core';
    $imports = [];
    foreach (glob("{$core}/*", GLOB_ONLYDIR) ?: [] as $folder) {
        $files = new RegexIterator(
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)),
            '/\.php$/',
        );
        $used = [];
        foreach ($files as $file) {
            preg_match_all('/\bUlvrach\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $found);
            $used = [...$used, ...$found[1]];
        }
        $imports[basename($folder)] = array_values(array_unique(array_diff($used, [basename($folder)])));
    }

    return $imports;
}

it('knows every folder of the core', function () {
    expect(array_keys(importsByFolder()))->toEqualCanonicalizing(ORDER);
});

it('lets imports point one way', function (string $folder) {
    $before = array_slice(ORDER, 0, (int) array_search($folder, ORDER, true));

    expect(array_values(array_diff(importsByFolder()[$folder], $before)))->toBe([]);
})->with(ORDER);

arch('rules are final')
    ->expect('Ulvrach\Rules')
    ->classes()
    ->toBeFinal()
    ->ignoring([
        'Ulvrach\Rules\RuleBase',
        'Ulvrach\Rules\EndRule',
        'Ulvrach\Rules\Sight\MarkRule',
        'Ulvrach\Rules\Sight\TooFaintRule',
        'Ulvrach\Rules\Chemistry\AttackRule',
        'Ulvrach\Rules\Surface\WrongSheen',
    ]);

it('has no line that runs out of the window', function (string $folder) {
    $files = new RegexIterator(
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}")),
        '/\.(php|tsx?|mjs)$/',
    );
    $long = [];
    foreach ($files as $file) {
        foreach (file((string) $file, FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
            if (mb_strlen($line) > 120) {
                $long[] = basename((string) $file).' '.($number + 1);
            }
        }
    }

    expect($long)->toBe([]);
})->with(['core', 'app', 'tests', 'bench', 'contract', 'database', 'resources', 'routes', 'compat']);

it('has none in the files beside those folders either', function (string $file) {
    $lines = file(dirname(__DIR__, 2)."/{$file}", FILE_IGNORE_NEW_LINES) ?: [];

    expect($lines)
        ->not->toBe([])
        ->and(array_filter($lines, static fn (string $line) => mb_strlen($line) > 120))
        ->toBe([]);
})->with([
    'artisan',
    'bin/thermometer',
    'bin/ulvrach',
    'bootstrap/app.php',
    'playwright.config.ts',
    'tests/breaks/run',
    'vite.config.ts',
    'vitest.config.ts',
]);
