<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** @return array{int, string} exit code, standard output */
function measure(string $stdin, string ...$arguments): array
{
    $process = new Process(
        [PHP_BINARY, dirname(__DIR__, 3).'/bin/ulvrach', 'vehicle:measure', ...$arguments],
        input: $stdin,
    );
    $process->run();

    return [(int) $process->getExitCode(), $process->getOutput()];
}

it('measures a box of a metre', function () {
    [$code, $out] = measure(
        '{"kind": "something-else", "scale": 10, "form": {"length": 1000, "width": 1000, "height": 1000}}',
        '-',
        '--json',
    );
    $measured = json_decode($out, true);
    $zones = array_column($measured['zones'], null, 'zone');

    expect($code)->toBe(0)
        ->and([$measured['lengthMm'], $measured['heightMm'], $measured['widthMm']])->toEqual([1000, 1000, 1000])
        ->and($measured['form'])->toBe(['length' => 1000, 'width' => 1000, 'height' => 1000])
        ->and($zones['hull-top']['areaM2'])->toEqual(1)
        ->and($zones['hull-top']['areaCm2'])->toEqual(100)
        ->and($zones['hull-top']['upward'])->toEqual(1)
        ->and($zones['hull-top']['lowestMm'])->toEqual(1000)
        ->and(array_column($zones['hull-top']['neighbours'], 'zone'))
        ->toEqualCanonicalizing(['glacis', 'hull-sides', 'rear-plate'])
        ->and($zones['hull-sides']['assemblies'])
        ->toEqual([['name' => 'body', 'areaM2' => 3, 'areaCm2' => 300]]);
});

it('measures the vehicle of a plan file', function () {
    $plan = (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/harnvik-carrier.ulvrach.json');
    [$code, $out] = measure($plan, '-', '--json');

    expect($code)->toBe(0)->and(json_decode($out, true)['kind'])->toBe('tracked-carrier');
});

it('says what of a file is wrong, each at its place', function (string $file, string $says) {
    [$code, $out] = measure($file, '-');

    expect($code)->toBe(2)->and($out)->toContain($says);
})->with([
    'no JSON' => ['a long tank', 'JSON'],
    'no kind' => ['{}', '/kind'],
    'an unknown kind' => ['{"kind": "airship"}', '/kind'],
    'a measure out of its range' => ['{"kind": "lorry", "form": {"length": 1}}', '/form/length From'],
    'a measure that is not there' => ['{"kind": "lorry", "form": {"wings": 2}}', '/form/wings'],
]);

it('lists the kinds with their measures', function () {
    $kinds = json_decode(measure('', '--kinds', '--json')[1], true);

    expect(array_column($kinds, 'kind'))->toContain('light-tank', 'half-track', 'wheeled-gun')
        ->and(array_column($kinds[0]['measures'], 'code'))->toContain('hull-length');
});
