<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Sheen;

it('starts a step as soon as everything below allows it', function () {
    $times = PlanKit::walk("prime primer on hull\nspray-colour acrylic on hull\nspray-colour brown on hull")->times;

    // 15 min of set-up and two coats of 3 min a 100 cm² with 30 min between them.
    expect($times[0]->end)
        ->toBe(15 + 2 * 3 + 30)
        ->and($times[0]->handsOn)
        ->toBe(21)
        ->and($times[1]->start)
        ->toBe($times[0]->end + 30)
        ->and($times[2]->start)
        ->toBe($times[1]->end + 30)
        ->and($times[2]->hold?->layer->stepId)
        ->toBe('s2')
        ->and($times[2]->hold?->needs)
        ->toBe(CureState::Recoatable);
});

it('goes on with another zone while the first one dries', function () {
    $times = PlanKit::walk("prime primer on hull\nprime primer on bed")->times;

    expect($times[1]->start)->toBe($times[0]->end);
});

it('builds the strata of a zone from the part upwards', function () {
    $strata = PlanKit::walk(
        "also glass\nprime primer on hull bed\nspray-colour acrylic on hull\nclear-coat gloss on hull",
    )->strata;

    expect(array_map(static fn ($layer) => $layer->stepId, $strata['hull']->layers))
        ->toBe(['s1', 's2', 's3'])
        ->and(array_map(static fn ($layer) => $layer->stepId, $strata['bed']->layers))
        ->toBe(['s1'])
        ->and($strata['hull']->sheen())
        ->toBe(Sheen::Gloss)
        ->and($strata['glass']->layers)
        ->toBe([]);
});

it('shares strata between zones, whatever they are made of, until a step parts them', function () {
    $walk = PlanKit::walk("prime primer on turret bed glass\nspray-colour acrylic on turret glass");

    expect($walk->after(0, 'glass'))
        ->toBe($walk->after(0, 'bed'))
        ->and($walk->after(1, 'glass'))
        ->toBe($walk->after(1, 'turret'))
        ->not->toBe($walk->after(1, 'bed'));
});

it('has no part to show where zones are looked at together', function () {
    $walk = PlanKit::walk('prime primer on hull bed');
    $placed = $walk->strata['hull']->on($walk->plan->zones['bed']);

    expect($placed->zone()->id)
        ->toBe('bed')
        ->and($placed->shared())
        ->toBe($walk->strata['hull'])
        ->and($placed->layers)
        ->toBe($walk->strata['hull']->layers);
    $walk->strata['hull']->zone();
})->throws(LogicException::class, 'one by one');

it('reaches through chips down to the first sound film', function () {
    $hull = PlanKit::walk(
        "prime primer on hull\nspray-colour brown on hull\nclear-coat gloss on hull\nchipping-fluid fluid on ".
            "hull\nspray-colour acrylic on hull, 1 coat\nlift-off on hull",
    )->strata['hull'];

    expect($hull->isChipped())
        ->toBeTrue()
        ->and($hull->isBareExposed())
        ->toBeFalse()
        ->and(array_map(static fn ($layer) => $layer->stepId, $hull->exposed()))
        ->toBe(['s5', 's4', 's3']);
});

it('takes what is done from the clock on the wall', function () {
    $walk = PlanKit::walk(
        "prime primer on hull, done 2026-11-20T10:00\nspray-colour acrylic on hull, done ".
            "2026-11-20T20:00\nspray-colour brown on hull",
    );

    expect($walk->times[0]->start)
        ->toBe(0)
        ->and(gmdate('H:i', 60 * ((int) $walk->clockZero + $walk->times[1]->end)))
        ->toBe('20:00')
        ->and($walk->times[2]->start)
        ->toBe($walk->times[1]->end + 30);
});

it('keeps what some films never become', function () {
    $layer = PlanKit::walk("prime primer on hull\nclay-wash clay on hull")->layers[1];

    expect($layer?->reaches(CureState::SolventProof))
        ->toBeNull()
        ->and($layer?->stateAt(100_000))
        ->toBe(CureState::Recoatable);
});

it('has nothing to say of an empty plan', function () {
    $walk = PlanKit::walk('');

    expect(PlanKit::evaluate('')->findings)->toBe([])->and($walk->lasts())->toBe(0);
});

it('closes with the first window of several', function () {
    $text =
        "prime primer on hull turret\nspray-colour brown on hull turret\nhairspray spray on hull turret\n".
        "spray-colour acrylic on hull, 1 coat\nspray-colour acrylic on turret, 1 coat, wait 1h\n".
        'lift-off on hull turret';
    $walk = PlanKit::walk($text);
    $alone = PlanKit::walk(str_replace('lift-off on hull turret', 'lift-off on hull', $text));
    $later = PlanKit::walk(str_replace('lift-off on hull turret', 'lift-off on turret', $text));

    expect($alone->times[5]->closes)
        ->toBeLessThan($later->times[5]->closes)
        ->and($walk->times[5]->closes)
        ->toBe($alone->times[5]->closes);
});

it('sees through paint that was rubbed away, down to what covered it', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour brown on hull\nspray-colour acrylic on hull\nabrade-chips on hull",
    );

    expect(array_map($walk->strata['hull']->isBroken(...), [0, 1, 2]))
        ->toBe([false, false, true])
        ->and($walk->before(3, 'hull')->isBroken(2))
        ->toBeFalse();
});
