<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Undo\LookFirst;
use Ulvrach\Judgement\Undo\UndoAdvisor;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Stuff\Chemistry\Carrier;

it('takes a fresh wash off a sealed surface with spirit, without harm', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull, wait 1d\nenamel-wash wash on "
            .'hull, wait 1d',
    );
    $ways = UndoAdvisor::of($walk, 3);

    expect($ways[0]->carrier)
        ->toBe(Carrier::OdourlessSpirit)
        ->and($ways[0]->harm)
        ->toBe(Harm::None)
        ->and($ways[0]->sentence())
        ->toBe('Odourless spirit, wiped, takes it off and leaves what is below alone.')
        ->and(UndoAdvisor::adjustable($ways)['open'])
        ->toBeTrue();
});

it('refuses to wipe where it would take the paint along', function () {
    $ways = UndoAdvisor::of(
        PlanKit::walk("prime primer on hull\nspray-colour acrylic on hull\nspray-colour brown on hull"),
        2,
    );
    $last = $ways[count($ways) - 1];

    expect($last->isOpen())
        ->toBeFalse()
        ->and($last->sentence())
        ->toBe('Do not wipe: whatever takes it off takes step 2 along.');
});

it('ends when the film has hardened as far as the paint below', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour acrylic on hull\nbrush-colour brown on hull, wait 1d",
    );
    $adjustable = UndoAdvisor::adjustable(UndoAdvisor::of($walk, 2));

    expect($adjustable['open'])->toBeTrue()->and($adjustable['until'])->toBe($walk->layers[2]?->solventProofAt);
});

it('lets a clay wash be rinsed off at any time', function () {
    $ways = UndoAdvisor::of(
        PlanKit::walk("prime primer on hull\nspray-colour acrylic on hull\nclay-wash clay on hull, wait 2d"),
        2,
    );

    expect(UndoAdvisor::adjustable($ways))
        ->toBe(['open' => true, 'until' => null])
        ->and(array_unique(array_map(fn ($way) => $way->carrier, $ways), SORT_REGULAR))
        ->toBe([Carrier::Water]);
});

it('has nothing to undo where no film is left', function () {
    expect(UndoAdvisor::of(PlanKit::walk("prime primer on hull\nlook-over on hull"), 1))->toBe([]);
});

it('asks, before a seal, about what it is going to lock in and nothing older', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\ndecal decals on "
            ."hull\nenamel-wash wash on hull\nclear-coat matte on hull\nlook-over on hull",
    );
    $list = LookFirst::before($walk, 5);

    expect($list[0])
        ->toStartWith('Step 4: do the markings lie flat')
        ->and($list[1])
        ->toStartWith('Step 5: are tide marks')
        ->and(implode(' ', $list))
        ->not->toContain('Step 2:')
        ->and(LookFirst::before($walk, 6))
        ->toBe([])
        ->and(LookFirst::before($walk, 4))
        ->toBe([]);
});

it('asks about direction before glue, and about the inside before closing in', function () {
    $walk = PlanKit::walk("prime primer on inside\njoin on inside\nclose-in on inside");

    expect(implode(' ', LookFirst::before($walk, 1)))
        ->toContain('right way round')
        ->and(implode(' ', LookFirst::before($walk, 2)))
        ->toContain('Is everything inside finished');
});
