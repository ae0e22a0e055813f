<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Finish\Finish;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Report\FinishReport;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** @return list<string> what is seen, a line for each mark: the step, how it shows, in which colour, where */
function seen(string $steps): array
{
    return array_map(
        static fn (Mark $mark) => implode(' ', array_filter([
            $mark->step + 1,
            $mark->effect->value,
            $mark->until === null ? '' : 'until '.($mark->until + 1),
            $mark->colour?->toHex() ?? '',
            'on '.implode(' ', $mark->zones),
        ])),
        Finish::of(PlanKit::walk($steps)),
    );
}

/** The colour of a product of the test plans. */
function colourOf(string $product): string
{
    return (string) PlanKit::products()[$product]->material->colour?->toHex();
}

it('shows the demo builds as they are described, zone by zone and step by step', function (string $name) {
    $json = (string) file_get_contents(dirname(__DIR__, 4)."/database/demo/{$name}.ulvrach.json");
    $file = PlanReader::read($json);
    $walk = (new Walker())->walk($file->plan, $file->log);
    $report = FinishReport::of($walk, Forecast::of($walk));
    $lines = ["# {$name}", '', '## What each zone shows, from which step on: face, patches, lines, marks'];
    foreach ($report['paints'] as ['zone' => $zone, 'changes' => $changes]) {
        $lines[] = "{$zone}: ".implode(', ', array_map(
            static fn (array $change) => ($change['step'] + 1).' '.implode('/', [
                $change['colour'] ?? 'bare',
                $change['patch'] ?? '-',
                $change['line'] ?? '-',
                $change['mark'] ?? '-',
            ]),
            $changes,
        ));
    }
    $lines = [...$lines, '', '## What each step leaves to be seen'];
    foreach ($report['marks'] as $mark) {
        $lines[] = ($mark['step'] + 1).' '.implode(', ', array_filter([
            $mark['effect'],
            (string) $mark['colour'],
            "{$mark['amount']}".($mark['isSoft'] ? ' soft' : ''),
            $mark['until'] === null ? '' : 'until '.($mark['until'] + 1),
            implode(' ', $mark['zones']),
            $mark['places'] === [] ? '' : 'at '.implode(' ', $mark['places']),
        ]));
    }

    expect(implode("\n", $lines)."\n")->toBe((string) file_get_contents(__DIR__."/golden/{$name}.txt"));
})->with(['brae-lorry', 'ostrel-tank', 'harnvik-carrier']);

it('uncovers by lifting off what lies below the film, not below the paint alone', function () {
    expect(seen(<<<'PLAN'
        prime primer on hull
        spray-colour brown on hull
        chipping-fluid fluid on hull
        spray-colour acrylic on hull
        lift-off on hull
        PLAN))->toContain('5 worn '.colourOf('brown').' on hull');
});

it('keeps a mask until it is taken off, zone by zone, and lets only what is free take colour', function () {
    $seen = seen(<<<'PLAN'
        spray-colour acrylic on hull turret
        mask tape on hull turret
        spray-colour brown on hull turret
        unmask on hull
        PLAN);

    expect($seen)->toContain('2 mask until 4 on hull', '2 mask on turret')
        ->toContain('3 patches '.colourOf('brown').' on hull turret');
});

it('shows nothing of a bare part, and then what is seen of it, not what is in the jar', function () {
    $walk = PlanKit::walk(
        "clear-coat gloss on hull\nprime primer on hull\nspray-colour acrylic on hull, 3 coats\n"
            .'sponge-chips brown on hull',
    );
    ['changes' => $changes] = FinishReport::of($walk, Forecast::of($walk))['paints'][0];
    $paint = PlanKit::products()['acrylic']->material->colour;

    expect(array_column($changes, 'step'))->toBe([1, 2, 3])
        ->and($paint?->differenceTo(Lab::fromHex($changes[1]['colour'])))->toBeLessThan(1.0)
        ->and($changes[1]['mark'])->toBeNull()
        ->and($changes[2]['mark'])->not->toBeNull()
        ->and($changes[2]['colour'])->toBe($changes[1]['colour']);
});

it('is stronger where more of the ground has it', function () {
    $amount = static fn (string $extent) => Finish::of(
        PlanKit::walk("spray-colour acrylic on hull\nbrush-chips brown on hull{$extent}\n"),
    )[1]->amount;

    expect($amount(', over 10'))->toBeLessThan($amount(', over 30'))
        ->and($amount(', over 50'))->toEqualWithDelta($amount(''), 1e-9);
});

it('knows how every technique that leaves something shows, and leaves nothing where there is nothing', function () {
    foreach (TechniqueLibrary::all() as $technique) {
        $step = "{$technique->code} ".($technique->families === [] ? '' : 'acrylic ').'on hull';
        $marks = Finish::of(PlanKit::walk("prime primer on hull\nspray-colour brown on hull\n{$step}\n"));
        foreach ($marks as $mark) {
            expect($mark->amount)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.6)
                ->and($mark->zones)->toBe(['hull']);
        }
    }
});
