<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\ProvedRemedy;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Stuff\Material\ProductShelf;

function saidOf(Verdict $verdict, string $code): ?Finding
{
    foreach ($verdict->findings as $finding) {
        if ($finding->code === $code) {
            return $finding;
        }
    }

    return null;
}

it('offers a mix of the own jars where they make a colour that reads', function () {
    $verdict = PlanKit::evaluate(
        "prime primer on hull\nspray-colour acrylic on hull, 2 coats\nclear-coat satin on hull\n"
            ."sponge-chips olive on hull\nlook-over on hull\nfinal-coat matte on hull",
    );
    $products = PlanKit::products();
    $own = new ProductShelf([$products['acrylic'], $products['black'], $products['offwhite']]);
    $finding = saidOf($verdict, 'chips-too-faint') ?? throw new LogicException('The chips are olive on green.');
    $mixes = array_values(
        array_filter(
            (new RemedyAdvisor())->for($finding, $verdict, $own),
            static fn (ProvedRemedy $proved) => str_contains($proved->remedy->label, ' × '),
        ),
    );
    $put = $mixes[0]->remedy->edits[0] ?? null;

    expect($put)->toBeInstanceOf(PutProduct::class);
    $plan = $verdict->plan;
    foreach ($mixes[0]->remedy->edits as $edit) {
        $plan = $edit->applyTo($plan);
    }
    $after = (new Evaluator())->evaluate($plan);
    $colours = $after->forecast->after(3, 'hull');
    expect(saidOf($after, 'chips-too-faint'))->toBeNull()
        ->and($colours->of(Spot::Chip)->differenceTo($colours->of(Spot::Face)))->toBeGreaterThan(8.0);
});

it('names the difference as it is laid and at the end', function () {
    $verdict = PlanKit::evaluate(
        "prime primer on hull\nspray-colour green2 on hull, 2 coats\nclear-coat gloss on hull\n"
            ."pin-wash greenwash on hull, clean spirit 30min\ndust-coat buffpaint on hull, 2 coats\n"
            .'final-coat matte on hull',
    );
    $contrast = static function (int $index) use ($verdict): float {
        $colours = $verdict->forecast->after($index, 'hull');

        return $colours->of(Spot::Recess)->differenceTo($colours->of(Spot::Face));
    };

    expect(saidOf($verdict, 'mark-lost-later')?->happens)
        ->toContain(sprintf('a difference of %.0f', $contrast(3)))
        ->toContain(sprintf('hardly at the end (%.0f)', $contrast(5)))
        ->toContain('under step 5');
});

it('says nothing of a mark that is painted over, and nothing of zones that the step leaves out', function () {
    $verdict = PlanKit::evaluate(
        "prime primer on hull turret\nspray-colour acrylic on hull turret, 2 coats\n"
            ."sponge-chips canvas on hull\nspray-colour sand on hull, 2 coats\nfinal-coat matte on hull turret",
    );

    expect(saidOf($verdict, 'mark-lost-later'))->toBeNull()
        ->and(saidOf($verdict, 'chips-too-faint'))->toBeNull();
});

it('goes from one colour to another', function () {
    [$dark, $light] = [new Lab(20.0, 4.0, -6.0), new Lab(80.0, 0.0, 10.0)];

    expect($dark->towards($light, 0.0))->toEqual($dark)
        ->and($dark->towards($light, 1.0))->toEqual($light)
        ->and($dark->towards($light, 0.25))->toEqual(new Lab(35.0, 3.0, -2.0));
});

it('merges nothing on panels that do not meet, in one sitting or not', function () {
    $merged = static fn (string $panel): array => PlanKit::walk(
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat matte on hull\n"
            ."oil-dots oil on hull, panels bow\noil-dots oil on hull, panels {$panel}, wait 1min",
    )->situations[4]->mergedSteps();

    expect($merged('stern'))->toBe([])->and($merged('bow'))->toBe(['s4']);
});
