<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** @return array{int|null, string} exit code and what it prints */
function rescued(string ...$arguments): array
{
    $process = new Process([PHP_BINARY, dirname(__DIR__, 3).'/bin/ulvrach', 'plan:rescue', ...$arguments]);
    $process->run();

    return [$process->getExitCode(), $process->getOutput()];
}

it('says the ways out of a mishap by the clock of the step', function () {
    $file = dirname(__DIR__, 3).'/database/demo/ostrel-tank.ulvrach.json';
    $steps = json_decode((string) file_get_contents($file), true)['steps'];
    $isWash = static fn (array $step): bool => str_ends_with($step['technique'], '-wash');
    $wash = array_values(array_filter($steps, $isWash))[0];
    $ask = static fn (string $after): array => json_decode(
        rescued($file, '--step', $wash['id'], '--mishap', 'wash-too-strong', '--after', $after, '--json')[1],
        true,
    );
    $now = $ask('30');

    expect($now)->toMatchArray(['mishap' => 'wash-too-strong', 'step' => $wash['id'], 'after' => 30])
        ->and($now['ways'][0])->toMatchArray(['kind' => 'liquid', 'liquid' => 'odourless spirit', 'opens' => 30])
        ->and($now['ways'][0]['gone'])->toBeGreaterThan(30)
        // Weeks later the mild one moves it no more.
        ->and(array_column($ask('40000')['ways'], 'liquid'))->not->toContain('odourless spirit')
        ->and(rescued($file, '--step', $wash['id'], '--mishap', 'wash-too-strong')[1])->toContain('odourless spirit');
});

it('speaks of all that is laid in one sitting, where asked', function () {
    $file = dirname(__DIR__, 3).'/database/demo/ostrel-tank.ulvrach.json';
    $plan = json_decode((string) file_get_contents($file), true);
    $isWash = static fn (array $step): bool => str_ends_with($step['technique'], '-wash');
    $wash = array_values(array_filter($plan['steps'], $isWash))[0];
    $ask = static fn (string ...$more): array => json_decode(
        rescued($file, '--step', $wash['id'], '--mishap', 'wash-too-strong', '--json', ...$more)[1],
        true,
    );

    expect(array_diff($wash['zones'], $ask('--whole')['zones']))->toBe([])
        ->and($ask()['zones'])->toBe([$wash['zones'][0]])
        ->and($ask('--whole')['ways'])->not->toBe([]);
});

it('lists what can go wrong, and says at which option it was misled', function () {
    $file = dirname(__DIR__, 3).'/database/demo/ostrel-tank.ulvrach.json';
    [$code, $known] = rescued('--mishaps', '--json');

    expect($code)->toBe(0)
        ->and(array_column(json_decode($known, true)['mishaps'], 'code'))
        ->toContain('nothing-lifts', 'bled-under-mask', 'oil-tacky')
        ->and(rescued('/nowhere', '--step', 'a', '--mishap', 'run')[0])->toBe(2)
        ->and(rescued($file, '--step', 'none', '--mishap', 'run')[1])->toContain('--step')
        ->and(rescued($file, '--step', json_decode((string) file_get_contents($file), true)['steps'][0]['id'])[1])
        ->toContain('--mishap');
});
