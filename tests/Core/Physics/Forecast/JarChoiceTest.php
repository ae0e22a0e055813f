<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Report\JarChoiceReport;
use Ulvrach\Stuff\Chemistry\Load;

/** @return array<string, mixed> what the jars of the test plans look like in a step */
function choicesOf(string $steps, int $index): array
{
    return JarChoiceReport::of(PlanKit::walk($steps), $index, 'hull', array_values(PlanKit::products()));
}

const GREEN_WITH_LINES = "prime primer on hull\nspray-colour acrylic on hull, 2 coats\nclear-coat gloss on hull\n"
    ."pin-wash greenwash on hull\nfilter filterbrown on hull";

it('predicts for another jar what a plan with that jar comes to', function () {
    $walk = PlanKit::walk(GREEN_WITH_LINES);
    $other = Forecast::of($walk)->withJar(3, PlanKit::products()['wash'], 'hull')->atEnd('hull');
    $really = Forecast::of(PlanKit::walk(str_replace('greenwash', 'wash', GREEN_WITH_LINES)))->atEnd('hull');
    foreach (Spot::cases() as $spot) {
        expect($other->of($spot)->differenceTo($really->of($spot)))->toBeLessThan(1e-6);
    }
    $before = Forecast::of($walk)->atEnd('hull')->of(Spot::Recess);
    expect($before->differenceTo($other->of(Spot::Recess)))->toBeGreaterThan(2.0);
});

it('orders jars by what is left of them at the end, and takes only those that the work can be done with', function () {
    $choices = choicesOf(GREEN_WITH_LINES, 3);
    $left = array_column($choices['jars'], 'atEnd');
    $sorted = $left;
    rsort($sorted);

    expect($choices['place'])->toBe('recess')
        ->and($left)->toBe($sorted)
        ->and(array_column($choices['jars'], 'jar'))->toContain('wash', 'oil')->not->toContain('decals', 'gloss');
});

it('calls lost what nobody sees, and crisp what everybody does', function () {
    $jars = choicesOf(GREEN_WITH_LINES, 3)['jars'];
    $effects = array_column($jars, 'effect', 'jar');
    $atEnd = array_column($jars, 'atEnd', 'jar');

    expect($effects['orangewash'])->toBe('crisp');
    foreach ($effects as $jar => $effect) {
        expect($effect)->toBe(match (true) {
            $atEnd[$jar] >= 10 => 'crisp',
            $atEnd[$jar] >= 4 => 'soft',
            $atEnd[$jar] >= 1.5 => 'tone',
            default => 'lost',
        });
    }
});

it('holds what lies all over a face against what was there before, whatever comes later', function () {
    $plan = "prime primer on hull\nspray-colour acrylic on hull, 2 coats\nfilter filterbrown on hull";
    $alone = array_column(choicesOf($plan, 2)['jars'], 'atEnd', 'jar');
    $dusted = array_column(choicesOf("{$plan}\ndust-coat buffpaint on hull", 2)['jars'], 'atEnd', 'jar');

    expect($alone['filterbrown'])->toBe($dusted['filterbrown']);
});

it('shows a marking in its own colour until something is laid over it', function () {
    $plan = "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\ndecal decals on hull";
    $fresh = Forecast::of(PlanKit::walk($plan))->atEnd('hull')->of(Spot::Marking);
    $dirty = Forecast::of(PlanKit::walk("{$plan}\nenamel-wash wash on hull"))->atEnd('hull')->of(Spot::Marking);

    expect($fresh->differenceTo(Lab::fromHex('#ffffff')))->toBeLessThan(1.5)
        ->and($dirty->l)->toBeLessThan($fresh->l - 5);
});

it('shows a wash stronger the more of it is laid, and puts that into the plan', function () {
    $atEnd = static fn (?Load $load) => array_column(
        JarChoiceReport::of(PlanKit::walk(GREEN_WITH_LINES), 3, 'hull', [PlanKit::products()['wash']], $load)['jars'],
        'atEnd',
    )[0];
    $choices = JarChoiceReport::of(
        PlanKit::walk(GREEN_WITH_LINES),
        3,
        'hull',
        array_values(PlanKit::products()),
        Load::Flood,
    );

    expect($atEnd(Load::Dab))->toBeLessThan($atEnd(Load::Brushed))
        ->and($atEnd(Load::Brushed))->toBeLessThan($atEnd(Load::Flood))
        ->and($choices['load'])->toBe('flood')
        ->and(array_column($choices['loads'], 'code'))->toBe(['dab', 'brushed', 'flood'])
        ->and(json_encode($choices['jars'][0]['edits']))->toContain('"load":"flood"');
});
