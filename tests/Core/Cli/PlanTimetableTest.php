<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** @return array{int, string} exit code, standard output */
function timetabled(string ...$arguments): array
{
    $process = new Process([
        PHP_BINARY,
        dirname(__DIR__, 3).'/bin/ulvrach',
        'plan:timetable',
        '--seconds=0.1',
        '--from=2026-12-08T12:00',
        ...$arguments,
    ]);
    $process->run();

    return [(int) $process->getExitCode(), $process->getOutput()];
}

function fileHolding(string $contents, string $name = 'week.json'): string
{
    $path = sys_get_temp_dir().'/ulvrach-'.bin2hex(random_bytes(6))."-{$name}";
    file_put_contents($path, $contents);

    return $path;
}

/** @param  array<string, mixed>  $more */
function weekFile(array $more = []): string
{
    return fileHolding(
        json_encode(
            $more + [
                'format' => 'ulvrach-week',
                'version' => 1,
                'sessions' => ['tuesday' => [['19:30', '22:00']], 'saturday' => [['10:00', '24:00']]],
            ],
            JSON_THROW_ON_ERROR,
        ),
    );
}

const TANK = __DIR__.'/../../../database/demo/ostrel-tank.ulvrach.json';
const LORRY = __DIR__.'/../../../database/demo/brae-lorry.ulvrach.json';

it('lays several plans into the hours of a week file, and says what is one sitting and why', function () {
    [$code, $out] = timetabled(TANK, LORRY, '--week='.weekFile(), '--json');
    $said = json_decode($out, true);
    $sessions = array_map(static fn (array $session) => [$session['from'], $session['to']], $said['sessions']);

    expect($code)->toBe(0)
        ->and(array_column($said['builds'], 'id'))->toBe(['ostrel-tank.ulvrach', 'brae-lorry.ulvrach'])
        ->and(array_slice($sessions, 0, 2))->toBe([
            ['2026-12-08T19:30:00Z', '2026-12-08T22:00:00Z'],
            ['2026-12-12T10:00:00Z', '2026-12-13T00:00:00Z'],
        ])
        ->and($said['bound'])->toBeLessThanOrEqual($said['ends'])
        ->and(array_merge(...array_column($said['sittings'], 'items')))
        ->toEqualCanonicalizing(array_keys($said['items']));
    $several = array_filter($said['sittings'], static fn (array $one) => count($one['items']) > 1);
    expect($several)->not->toBe([]);
    foreach ($several as $sitting) {
        expect($sitting['says'])->toBeString()->and($sitting['from'])->toBe(
            $said['items'][$sitting['items'][0]]['from'],
        );
    }
});

it('says it in words too, and without a week file takes the usual one', function () {
    [$code, $out] = timetabled(TANK);

    expect($code)->toBe(0)->and($out)->toMatch('/^\w{3} \d+ Dec$/m')->and($out)->toContain(' ostrel-tank.ulvrach ');
});

it('tells what cannot be from what cannot be read', function () {
    [$code, $out] = timetabled(TANK, '--week='.weekFile(['sessions' => ['monday' => []]]), '--json');

    expect($code)->toBe(1)
        ->and(json_decode($out, true))->toMatchArray(['cause' => 'bench-hours', 'isProved' => true]);
});

it('names what is wrong, and where', function (array $arguments, string $says) {
    [$code, $out] = timetabled(...$arguments);

    expect($code)->toBe(2)->and($out)->toContain($says);
})->with([
    'no plan' => fn () => [[fileHolding('{}', 'plan.json')], 'plan.json'],
    'no file' => fn () => [['/nowhere/plan.json'], '/nowhere/plan.json'],
    'a session that ends before it begins' => fn () => [
        [TANK, '--week='.weekFile(['sessions' => ['friday' => [['20:00', '19:00']]]])],
        '/sessions/friday/0 19:00 is not later than 20:00.',
    ],
    'no time' => fn () => [[TANK, '--week='.weekFile(['compressor' => ['9', '25:00']])], '/compressor/0'],
    'no zone' => fn () => [[TANK, '--week='.weekFile(['timeZone' => 'Nowhere/Else'])], '/timeZone'],
    'no moment' => fn () => [[TANK, '--from=some day'], '--from'],
]);
