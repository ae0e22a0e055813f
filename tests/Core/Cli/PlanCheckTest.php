<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanWriter;

/** @return array{int, string, string} exit code, standard output, standard error */
function check(string $stdin, string ...$arguments): array
{
    $process = proc_open(
        [PHP_BINARY, dirname(__DIR__, 3).'/bin/ulvrach', 'plan:check', ...$arguments],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
        null,
        ['PATH' => (string) getenv('PATH')],
    );
    fwrite($pipes[0], $stdin);
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    $error = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $out, $error];
}

it('ends with 0 where nothing stops, with 1 at a stop, with 2 at what it cannot read', function (
    string $text,
    int $code,
) {
    expect(check($text, '-')[0])->toBe($code);
})->with([
    'a sound plan' => [fn () => PlanWriter::toJson(new PlanFile(PlanKit::plan('prime primer on hull'))), 0],
    'a plan with a stop' => [
        fn () => PlanWriter::toJson(new PlanFile(PlanKit::plan("prime primer on hull\nlift-off on hull"))),
        1,
    ],
    'no plan' => ['{}', 2],
    'no JSON' => ['Dear Ulvrach', 2],
]);

it('lists findings with remedies, and times per step and zone', function () {
    $json = json_decode(
        check(
            PlanWriter::toJson(
                new PlanFile(PlanKit::plan("prime primer on hull bed\nspray-colour acrylic on hull, wait 5min")),
            ),
            '-',
            '--json',
        )[1],
        true,
    );

    expect($json['findings'][0])
        ->toMatchArray(['code' => 'too-early', 'severity' => 'risk', 'step' => 's2', 'zones' => ['hull']])
        ->and($json['findings'][0]['remedies'][0]['edits'][0]['edit'])
        ->toBe('replace-step')
        ->and($json['times'])
        ->toHaveCount(3)
        ->and($json['times'][0])
        ->toHaveKeys(['step', 'zone', 'touchDry', 'recoatable', 'solventProof']);
});

it('names the faults of a broken file on standard error', function () {
    [$code, $out, $error] = check(
        str_replace(
            '"coats": 2',
            '"coats": -2',
            PlanWriter::toJson(new PlanFile(PlanKit::plan('prime primer on hull'))),
        ),
        '-',
    );

    expect($code)->toBe(2)->and($out)->toBe('')->and($error)->toContain('/steps/0/coats Must be 1 or more.');
});

it('says of a file that is not there that it is not', function () {
    expect(check('', '/nowhere/at-all.json'))->toBe([2, '', "There is no file “/nowhere/at-all.json”.\n"]);
});

it('reads the plans of the demo as they lie there, each at its stage', function (
    string $name,
    int $code,
    int $done,
    int $steps,
) {
    $file = dirname(__DIR__, 3)."/database/demo/{$name}.ulvrach.json";
    [$exit, $out] = check('', $file, '--json');
    /** @var array{log: list<array{kind: string}>} $plan */
    $plan = json_decode((string) file_get_contents($file), true);

    expect($exit)
        ->toBe($code)
        ->and(count(json_decode($out, true)['steps']))
        ->toBe($steps)
        ->and(count(array_filter($plan['log'], static fn (array $entry) => $entry['kind'] === 'finished')))
        ->toBe($done);
})->with([
    'clean' => ['ostrel-tank', 0, 0, 28],
    'with findings of several kinds' => ['brae-lorry', 1, 0, 19],
    'half done' => ['harnvik-carrier', 0, 8, 23],
]);
