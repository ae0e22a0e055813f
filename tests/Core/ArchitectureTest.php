<?php

declare(strict_types=1);

/** @return array<string, string> what stands in each file of PHP below a folder of the project, by its path in it */
function sourcesIn(string $folder): array
{
    static $known = [];
    if (! isset($known[$folder])) {
        $root = dirname(__DIR__, 2)."/{$folder}";
        $known[$folder] = [];
        foreach (new RegexIterator(
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)),
            '/\.php$/',
        ) as $file) {
            $known[$folder][substr((string) $file, strlen($root) + 1)] = (string) file_get_contents((string) $file);
        }
    }

    return $known[$folder];
}

it('is strict about types, and the core knows neither framework nor application nor a library of clocks', function () {
    $said = [];
    foreach (sourcesIn('core') as $path => $source) {
        preg_match_all('/\b(?:Illuminate|Laravel|Carbon|App|Symfony|Database)\\\\\w+/', $source, $found);
        $said = [...$said, ...array_map(static fn (string $name) => "{$path}: {$name}", $found[0])];
        if (! str_contains($source, "\ndeclare(strict_types=1);\n")) {
            $said[] = "{$path}: is not strict about types";
        }
    }
    expect($said)->toBe([])->and(count(sourcesIn('core')))->toBeGreaterThan(300);
});

/** @return list<string> functions that are called in this source, and what of the language prints */
function calledIn(string $source): array
{
    $called = [];
    $before = null;
    $tokens = array_values(array_filter(
        PhpToken::tokenize($source),
        static fn (PhpToken $token) => ! $token->isIgnorable(),
    ));
    foreach ($tokens as $place => $token) {
        if ($token->is([T_ECHO, T_PRINT, T_INLINE_HTML])) {
            $called[] = $token->text;
        }
        $isName = $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]);
        if ($isName && ($tokens[$place + 1] ?? null)?->is('(') &&
            ! $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW])) {
            $called[] = strtolower(ltrim($token->text, '\\'));
        }
        $before = $token;
    }

    return $called;
}

it('neither prints in the core nor asks for the time of day, for chance or for settings', function () {
    $printing = ['echo', 'print', 'printf', 'vprintf', 'print_r', 'var_dump', 'dump', 'dd', 'error_log'];
    $asking = ['time', 'microtime', 'hrtime', 'rand', 'mt_rand', 'random_int', 'getenv'];
    expect(calledIn('<?php echo 1; \Time(); $a->rand(); new Dump(); A::dd(); function getenv() {}'))
        ->toBe(['echo', 'time']);
    $said = [];
    foreach (sourcesIn('core') as $path => $source) {
        foreach (array_intersect(calledIn($source), [...$printing, ...$asking]) as $call) {
            $said[] = "{$path}: {$call}";
        }
    }
    expect($said)->toBe([]);
});

it('makes no moment out of nothing', function () {
    $said = [];
    foreach (sourcesIn('core') as $path => $source) {
        // Without an argument, or with "now", these ask the clock.
        preg_match_all(
            '/new \\\\?DateTime(?:Immutable)?(?:\(\)|\(.now|;)|\b(?:gm)?date\([^,()]*\)|'
                .'\b(?:file_get_contents|file_put_contents|fopen)\(/',
            $source,
            $found,
        );
        $said = [...$said, ...array_map(static fn (string $text) => "{$path}: {$text}", $found[0])];
    }
    expect($said)->toBe([]);
});

/**
 * Rooms of the core by subject, and the folders in them. Each may use those before it and no other, so there is no
 * circle among them, and none among the subjects.
 */
const ORDER = [
    'Quantity',
    'Light/Colour',
    'Light/Mixing',
    'Stuff/Chemistry',
    'Stuff/Technique',
    'Stuff/Drying',
    'Stuff/Material',
    'Stuff/Palette',
    'Stuff/ShelfFile',
    'Plan',
    'Plan/Variety',
    'Plan/Supply',
    'Plan/Log',
    'Plan/File',
    'Vehicle',
    'Physics/Evaluation',
    'Physics/Sitting',
    'Physics/Finish',
    'Physics/Forecast',
    'Judgement/Rules',
    'Judgement/Trial',
    'Judgement/Undo',
    'Judgement/Safety',
    'Counsel/Sections',
    'Counsel/Repair',
    'Counsel/Rescue',
    'Counsel/Draft',
    'Schedule',
    'Report',
];

/** The room that a path of the core, or a name of a class with slashes, is in; null: none that is known. */
function subjectOf(string $path): ?string
{
    $rooms = array_filter(ORDER, static fn (string $room) => str_starts_with($path, "{$room}/"));

    // The plan itself lies beside the folders of its room.
    return $rooms === [] ? null : max($rooms);
}

/** @return array<string, list<string>> the rooms that the files of each room use; '' for what is in none */
function importsByRoom(): array
{
    $imports = [];
    foreach (sourcesIn('core') as $path => $source) {
        $room = subjectOf($path) ?? '';
        $body = (string) preg_replace('/^(namespace| \* @internal) .*$/m', '', $source);
        preg_match_all('/\bUlvrach\\\\((?:\w+\\\\)+)\w/', $body, $found);
        $used = array_map(
            static fn (string $name) => subjectOf(str_replace('\\', '/', $name)) ?? $name,
            array_unique($found[1]),
        );
        $imports[$room] = array_values(array_unique([...$imports[$room] ?? [], ...array_diff($used, [$room])]));
    }

    return $imports;
}

it('knows every room of the core, and beside them only what is everybody’s', function () {
    $beside = array_filter(array_keys(sourcesIn('core')), static fn (string $path) => subjectOf($path) === null);

    expect(array_values($beside))
        ->toEqualCanonicalizing(['Copies.php', 'CoreError.php', 'Memory.php', 'SharedMemory.php'])
        ->and(array_keys(importsByRoom()))->toEqualCanonicalizing(['', ...ORDER])
        ->and(subjectOf('Plan/File/Json.php'))->toBe('Plan/File')
        ->and(subjectOf('Plan/Edit/MoveStep.php'))->toBe('Plan');
});

it('lets imports point one way', function (string $room) {
    $before = array_slice(ORDER, 0, (int) array_search($room, ORDER, true));

    expect(array_values(array_diff(importsByRoom()[$room], $before)))->toBe([]);
})->with(ORDER);

it('has rules that are final, but for those that others are made from', function () {
    $open = [];
    foreach (sourcesIn('core') as $path => $source) {
        if (str_contains("/{$path}", '/Rules/') && preg_match('/^(?:readonly )?class /m', $source) === 1) {
            $open[] = $path;
        }
    }
    expect($open)->toBe([]);
});

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
