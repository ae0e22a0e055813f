<?php

declare(strict_types=1);

// What tests/breaks/sample runs, with a database at hand. Prints every break and whether it was noticed.

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Tests\breaks\Mutations;

['seed' => $seed, 'count' => $count, 'only' => $only, 'bar' => $bar] = [
    ...['seed' => '1', 'count' => '20', 'only' => '', 'bar' => '0'],
    ...getopt('', ['seed:', 'count:', 'only:', 'bar:']),
];
$project = dirname(__DIR__, 2);
$copy = sys_get_temp_dir().'/breaks-'.getmypid();
register_shutdown_function(static fn () => passthru('rm -rf '.escapeshellarg($copy)));
mkdir($copy);
passthru('tar -C '.escapeshellarg($project).' --exclude=./.git --exclude=./node_modules --exclude=./.phpstan'
    .' --exclude=./public/build -cf - . | tar -C '.escapeshellarg($copy).' -xf -', $failed);
symlink("{$project}/node_modules", "{$copy}/node_modules");
$failed === 0 || exit(2);

// Tables of the craft are held by statements about the craft, words by whoever reads them.
$left = '~/(Library|Internal/Words)/|contract\.ts$|Report/KnowledgeReport|\.d\.ts$|PaintersWords|/Cli/|Console/~';
$places = [];
foreach (['core', 'app', 'resources'] as $part) {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$project}/{$part}", 4096));
    foreach ($files as $file) {
        $path = substr((string) $file, strlen($project) + 1);
        if (preg_match('/\.(php|tsx?)$/', $path) !== 1 || preg_match($left, $path) === 1) {
            continue;
        }
        if ($only === '' || str_starts_with($path, $only)) {
            $source = (string) file_get_contents((string) $file);
            foreach (Mutations::of($source, str_ends_with($path, '.php')) as $place) {
                $places[] = [$path, $place];
            }
        }
    }
}
usort($places, static fn (array $one, array $other) => [$one[0], $one[1][1]] <=> [$other[0], $other[1][1]]);

/** The command that runs what is nearest to a file. */
$near = static function (string $path) use ($copy): string {
    if (str_starts_with($path, 'resources/')) {
        return 'npx vitest related --run --bail=1 '.escapeshellarg($path);
    }
    if (str_starts_with($path, 'core/')) {
        for ($folder = 'tests/C'.substr(dirname($path), 1); ! is_dir("{$copy}/{$folder}"); $folder = dirname($folder));
        // What is the core's page-one knowledge is held by cases and laws of the rules, and by those of fields.
        $more = match (1) {
            preg_match('~^core/(Physics|Stuff/(Chemistry|Drying|Technique))/~', $path) => ' tests/Core/Judgement/Rules',
            preg_match('~^core/Report/~', $path) => ' tests/Http/ContractTest.php tests/Http/OneTruthTest.php',
            default => '',
        };

        return "vendor/bin/pest --bail {$folder} tests/Core/FieldsTest.php{$more}";
    }
    $subject = (string) preg_replace('/(Controller|Request|Store|State|Report|s)$/', '', basename($path, '.php'));
    $tests = array_filter(
        glob("{$copy}/tests/Http/*Test.php") ?: [],
        static fn (string $test) => stripos(basename($test), $subject) !== false ||
            preg_match('/\b'.preg_quote($subject, '/').'/i', (string) file_get_contents($test)) === 1,
    );
    $tests = $tests === [] ? ['tests/Http'] : array_map(static fn ($test) => substr($test, strlen($copy) + 1), $tests);

    return 'vendor/bin/pest --bail '.implode(' ', $tests);
};

$run = static function (string $command, int $seconds) use ($copy): int {
    $lines = [];
    exec('cd '.escapeshellarg($copy)." && timeout {$seconds} {$command} 2>&1", $lines, $status);

    return $status;
};

/** @var array<string, int> $usual by command: the seconds it takes when nothing is broken, when it has to pass */
$usual = [];
$chance = new Random\Randomizer(new Random\Engine\Mt19937((int) $seed));
$noticed = $tried = 0;
foreach ($chance->pickArrayKeys($places, min((int) $count, count($places))) as $key) {
    [$path, [$name, $at, $there, $new]] = $places[$key];
    $whole = (string) file_get_contents("{$copy}/{$path}");
    $command = $near($path);
    if (! isset($usual[$command])) {
        $from = time();
        if ($run($command, 900) !== 0) {
            echo "UNSOUND   {$command} fails without a break.\n";
            exit(2);
        }
        $usual[$command] = time() - $from;
    }
    $line = substr_count(substr($whole, 0, $at), "\n") + 1;
    file_put_contents("{$copy}/{$path}", substr($whole, 0, $at).$new.substr($whole, $at + strlen($there)));
    // What never ends was noticed too.
    $status = $run($command, 3 * $usual[$command] + 30);
    file_put_contents("{$copy}/{$path}", $whole);
    $tried++;
    $noticed += $status === 0 ? 0 : 1;
    $shown = static fn (string $text): string => trim(
        (string) preg_replace('/\s+/', ' ', mb_strimwidth($text, 0, 60, '…')),
    );
    printf(
        "%-9s %s:%d  %s: “%s” became “%s”\n",
        $status === 0 ? 'SURVIVED' : 'noticed',
        $path,
        $line,
        $name,
        $shown($there),
        $shown($new),
    );
}
$share = $tried === 0 ? 0.0 : 100 * $noticed / $tried;
printf("%d breaks tried, %d not noticed: %.0f %% noticed\n", $tried, $tried - $noticed, $share);
exit($share >= (float) $bar ? 0 : 1);
