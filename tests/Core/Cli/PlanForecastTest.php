<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

it('prints the colours of every zone after every step that changes them', function () {
    $root = dirname(__DIR__, 3);
    $run = static function (string ...$arguments) use ($root): Process {
        $process = new Process([PHP_BINARY, "{$root}/bin/ulvrach", 'plan:forecast', ...$arguments]);
        $process->run();

        return $process;
    };
    $file = "{$root}/database/demo/ostrel-tank.ulvrach.json";
    $told = json_decode($run($file, '--json')->getOutput(), true);
    $zones = array_column($told['zones'], 'changes', 'zone');

    expect($zones['hull-top'][0])
        ->toMatchArray(['at' => -1, 'step' => null])
        ->and($zones['hull-top'][1]['at'])
        ->toBe(0)
        ->and(array_keys($zones['hull-top'][1]['places']))
        ->toBe(['face', 'recess', 'edge', 'lower'])
        ->and($zones['hull-top'][1]['places']['face']['hex'])
        ->toMatch('/^#[0-9a-f]{6}$/')
        ->and(array_unique(array_merge(...array_map(
            static fn (array $change) => array_column($change['marks'], 'place'),
            array_merge(...array_values($zones)),
        ))))
        ->toContain('chip', 'streak')
        ->and($run($file)->getOutput())
        ->toContain('Hull top')
        ->and($run('/nowhere')->getExitCode())
        ->toBe(2);
});
