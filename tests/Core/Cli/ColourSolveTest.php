<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Mixing\PaintMaker;

/** @return array{int, string} exit code, standard output */
function solveColours(string $stdin, string ...$arguments): array
{
    $process = new Process(
        [PHP_BINARY, dirname(__DIR__, 3).'/bin/ulvrach', 'colour:solve', '-', ...$arguments],
        input: $stdin,
    );
    $process->run();

    return [(int) $process->getExitCode(), $process->getOutput()];
}

it('answers every target in order, a paint of the shelf with that paint', function () {
    $paints = array_map(
        static fn (string $hex) => PaintMaker::paint(Lab::fromHex($hex), 0.7),
        ['#566043', '#d8d2b8', '#4a3830'],
    );
    $problem = [
        'maxParts' => 12,
        'weights' => Observer::weights(),
        'paints' => array_map(static fn ($paint) => ['S' => $paint->scattering, 'K' => $paint->absorption], $paints),
        'targets' => array_map(static function (string $hex) {
            $lab = Lab::fromHex($hex);

            return ['lab' => [$lab->l, $lab->a, $lab->b], 'dE00' => 0, 'mix' => []];
        }, ['#4a3830', '#566043']),
    ];
    [$code, $out] = solveColours(json_encode($problem), '--json');
    $answers = json_decode($out, true);

    expect($code)
        ->toBe(0)
        ->and(array_column($answers, 'mix'))
        ->toBe([[[2, 1]], [[0, 1]]])
        ->and(max(array_column($answers, 'deltaE')))
        ->toBeLessThan(0.01)
        ->and(solveColours(json_encode($problem))[1])
        ->toContain('1 of paint 2');
});

it('names what is wrong with a problem, and where', function (array $change, string $says) {
    $right = ['weights' => Observer::weights(), 'paints' => [['S' => 1, 'K' => array_fill(0, 36, 1)]], 'targets' => []];
    [$code, $out] = solveColours(json_encode([...$right, ...$change]));

    expect($code)->toBe(2)->and($out)->toContain($says);
})->with([
    'no paints' => [['paints' => []], '/paints'],
    'a paint that scatters nothing' => [['paints' => [['S' => 0, 'K' => array_fill(0, 36, 1)]]], '/paints/0/S'],
    'too few bands' => [['paints' => [['S' => 1, 'K' => [1, 2]]]], '/paints/0/K'],
    'a target without a colour' => [['targets' => [['hex' => '#fff']]], '/targets/0/lab'],
]);
