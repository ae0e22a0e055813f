<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Plan\Supply\Shortage;
use Ulvrach\Plan\Supply\Take;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Stuff\Chemistry\Carrier;

/** What the last step of a plan takes; null: nothing that is poured. */
function lastTake(string $step): ?Take
{
    $plan = PlanKit::plan("prime primer on hull\n{$step}");
    $takes = Takes::of($plan);
    $last = end($takes);

    return $last !== false && $last->index === count($plan->steps) - 1 ? $last : null;
}

it('counts film, coats, what goes past and what stays behind', function () {
    // The hull has 100 cm²: 0.25 ml a coat, of which 60 % arrive, and 0.4 ml stay in the cup; 60 % of it is paint.
    $one = lastTake('spray-colour acrylic on hull, 1 coats');
    $two = lastTake('spray-colour acrylic on hull, 2 coats');

    expect($one?->jarMl + $one?->thinnerMl)->toEqualWithDelta(0.25 / 0.6 + 0.4, 1e-9)
        ->and($one?->jarMl)->toEqualWithDelta(0.6 * (0.25 / 0.6 + 0.4), 1e-9)
        ->and($one?->lostMl)->toEqualWithDelta(0.25 / 0.6 + 0.4 - 0.25, 1e-9)
        ->and($one?->thinner)->toBe(Carrier::Water)
        ->and($two?->jarMl)->toEqualWithDelta($one?->jarMl + 0.6 * (0.25 / 0.6), 1e-9);
});

it('fills the cup once for several sets', function () {
    $plan = PlanKit::plan("prime primer on hull\nspray-colour acrylic on hull, 1 coats");
    [, $one] = Takes::of($plan);
    [, $five] = Takes::of($plan, 5);

    expect($five->jarMl + $five->thinnerMl)->toEqualWithDelta(5 * 0.25 / 0.6 + 0.4, 1e-9)
        ->and($five->jarMl)->toBeLessThan(5 * $one->jarMl);
});

it('takes more on more, less in spots and on some panels, and more by can than by airbrush', function () {
    $whole = lastTake('pin-wash wash on hull')?->jarMl;

    expect(lastTake('pin-wash wash on hull turret')?->jarMl)->toBeGreaterThan($whole)
        ->and(lastTake('pin-wash wash on hull, over 20')?->jarMl)->toBeLessThan($whole)
        ->and(lastTake('oil-dots oil on hull, panels bow')?->jarMl)
        ->toBeLessThan(lastTake('oil-dots oil on hull')?->jarMl)
        ->and(lastTake('spray-colour acrylic on hull, by can, 1 coats')?->jarMl)
        ->toBeGreaterThan(lastTake('spray-colour acrylic on hull, 1 coats')?->jarMl)
        ->and(lastTake('pin-wash wash on hull, load flood')?->jarMl)->toBeGreaterThan($whole);
});

it('takes as many times as much as lies there', function () {
    $of = static fn (string $options): float => (lastTake("mud-paste mud on hull{$options}")?->jarMl ?? 0.0) - 0.15;

    expect($of(', amount breath'))->toEqualWithDelta(0.35 * $of(''), 1e-9)
        ->and($of(', amount caked'))->toEqualWithDelta(4.0 * $of(''), 1e-9)
        // Paint has no amount of that kind.
        ->and(lastTake('spray-colour acrylic on hull, amount caked'))
        ->toEqual(lastTake('spray-colour acrylic on hull'));
});

it('thins as a step says', function () {
    $usual = lastTake('spray-colour acrylic on hull, 1 coats');
    $thin = lastTake('spray-colour acrylic on hull, 1 coats, thinner 65');
    $all = $usual?->jarMl + $usual?->thinnerMl;

    expect($thin?->jarMl + $thin?->thinnerMl)->toEqualWithDelta($all, 1e-9)
        ->and($thin?->jarMl)->toEqualWithDelta(0.35 * $all, 1e-9)
        ->and(lastTake('enamel-wash wash on hull, thinner 50')?->thinnerMl)->toBeGreaterThan(0.0);
});

it('tells specks from paste, a tilt from spots, and a patch from a zone', function () {
    expect(lastTake('mud-splash mud on hull, over 10')?->jarMl)
        ->toBeLessThan(0.3 * (lastTake('mud-paste mud on hull, over 10')?->jarMl ?? 0.0))
        ->and(lastTake('speckle mud on hull, over 2')?->jarMl)
        ->toBeLessThan(lastTake('speckle mud on hull, over 20')?->jarMl)
        ->and(lastTake('paint-canvas canvas on rolls')?->jarMl)
        ->toBeGreaterThan(2.0 * (lastTake('paint-detail canvas on rolls')?->jarMl ?? INF) - 0.2)
        ->and(lastTake('test-patch wash on hull')?->jarMl)->toBeLessThan(0.06)
        ->and(lastTake('chipping-fluid fluid on hull, 1 coats')?->lostMl)
        ->toEqualWithDelta(lastTake('spray-colour acrylic on hull, 1 coats')?->lostMl, 1e-9);
});

it('uses as it is what is sold ready, and thins what is not with what the step says', function () {
    expect(lastTake('enamel-wash wash on hull')?->thinnerMl)->toBe(0.0)
        ->and(lastTake('enamel-wash wash on hull')?->thinner)->toBeNull()
        ->and(lastTake('acrylic-wash brown on hull')?->thinnerMl)
        ->toBeGreaterThan(4.0 * (lastTake('acrylic-wash brown on hull')?->jarMl ?? INF))
        ->and(lastTake('spray-colour acrylic on hull, thinned alcohol-blend')?->thinner)->toBe(Carrier::AlcoholBlend);
});

it('counts nothing that nobody pours', function (string $step) {
    expect(lastTake($step))->toBeNull();
})->with(['decal decals on hull', 'mask tape on hull', 'look-over on hull', 'pencil-chips pencil on hull']);

it('takes a sensible amount for every step of the demo builds', function (string $name) {
    $json = (string) file_get_contents(dirname(__DIR__, 4)."/database/demo/{$name}.ulvrach.json");
    $plan = Ulvrach\Plan\File\PlanReader::read($json)->plan;
    foreach (Takes::of($plan) as $take) {
        expect($take->jarMl)->toBeGreaterThan(0.0)->toBeLessThan(12.0)
            ->and($take->thinnerMl)->toBeGreaterThanOrEqual(0.0)
            ->and($take->lostMl)->toBeLessThan($take->jarMl + $take->thinnerMl);
    }
})->with(['brae-lorry', 'ostrel-tank', 'harnvik-carrier']);

it('says what a jar lacks, the worst first', function (Shortage $shortage, bool $isThere, ?float $left, bool $isOff) {
    expect(Shortage::of(3.0, $isThere, $left, $isOff))->toBe($shortage);
})->with([
    [Shortage::NotThere, false, null, false],
    [Shortage::TooLittle, true, 2.9, true],
    [Shortage::GoesOff, true, 3.0, true],
    [Shortage::GoesOff, true, null, true],
    [Shortage::Unmeasured, true, null, false],
    [Shortage::Enough, true, 3.0, false],
]);
