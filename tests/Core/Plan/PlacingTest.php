<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Plan\Edit\AddStep;
use Ulvrach\Plan\Placing;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** @return list<string> */
function placed(Plan $plan, string $technique): array
{
    return (new Placing($plan, count($plan->steps)))->zonesFor(TechniqueLibrary::get($technique));
}

function whole(string $steps): Plan
{
    return PlanKit::plan("{$steps}\nalso hull turret fenders bed glass tracks tyres exhaust rolls");
}

it('puts work where it usually goes', function (string $steps, string $technique, array $zones) {
    expect(placed(whole($steps), $technique))->toBe($zones);
})->with([
    'primer on all but glass' => [
        '',
        'prime',
        ['hull', 'turret', 'fenders', 'bed', 'tracks', 'tyres', 'exhaust', 'rolls'],
    ],
    'the first colour on the body, not on tyres, tracks and stowage' => [
        'prime primer on hull turret fenders bed glass tracks tyres exhaust rolls',
        'spray-colour',
        ['hull', 'turret', 'fenders', 'bed'],
    ],
    'the second colour where the first went' => [
        "spray-colour olive on hull turret\nbrush-colour rubber on tyres",
        'soft-camouflage',
        ['hull', 'turret'],
    ],
    'rubber on what is rubber' => ['spray-colour olive on hull turret', 'paint-rubber', ['tyres']],
    'wood on what is wood' => ['spray-colour olive on hull turret', 'paint-wood', ['bed']],
    'tracks' => ['spray-colour olive on hull turret', 'track-base', ['tracks']],
    'exhaust' => ['spray-colour olive on hull turret', 'exhaust-heat', ['exhaust']],
    'a wash on what was painted' => [
        "spray-colour olive on hull turret\npaint-rubber rubber on tyres",
        'pin-wash',
        ['hull', 'turret'],
    ],
    'masks off where they were put on' => [
        "spray-colour olive on hull turret\nmask on turret\nspray-colour sand on hull turret",
        'unmask',
        ['turret'],
    ],
    'chips lifted where the film is' => [
        "chipping-fluid fluid on fenders\nspray-colour olive on hull fenders",
        'lift-off',
        ['fenders'],
    ],
    'wiped back where the wash is' => [
        "spray-colour olive on hull turret\nenamel-wash wash on hull\nlook-over on hull turret",
        'wipe-back',
        ['hull'],
    ],
    'softener on the decals' => ["spray-colour olive on hull turret\ndecal decals on hull", 'decal-softener', ['hull']],
    'the last coat on all but glass' => [
        'spray-colour olive on hull turret',
        'final-coat',
        ['hull', 'turret', 'fenders', 'bed', 'tracks', 'tyres', 'exhaust', 'rolls'],
    ],
    'a look where the step before was' => [
        "spray-colour olive on hull turret\npaint-rubber rubber on tyres",
        'look-over',
        ['tyres'],
    ],
]);

it('finds a place for every technique in every plan', function (string $steps) {
    foreach (TechniqueLibrary::all() as $technique) {
        expect(placed(whole($steps), $technique->code))->not->toBe([]);
    }
})->with(['', 'spray-colour olive on hull', 'paint-glass black on glass']);

it('offers to go into what lies there, where both are worked wet', function () {
    $plan = whole("spray-colour olive on hull turret\nenamel-wash wash on hull\ndecal decals on turret");
    $placing = new Placing($plan, 3);
    $into = static fn (string $technique, string $zone) => $placing->mayGoInto(
        TechniqueLibrary::get($technique),
        [$zone],
    );

    expect($into('pin-wash', 'hull'))
        ->toBe('s2')
        ->and($into('spray-colour', 'hull'))
        ->toBeNull()
        ->and($into('pin-wash', 'turret'))
        ->toBeNull()
        ->and($into('pin-wash', 'tracks'))
        ->toBeNull();
});

it('takes another colour than those that the vehicle has, and never the primer', function () {
    $plan = whole('prime greyprimer on hull');
    $colours = [];
    foreach (['one', 'two', 'three'] as $place => $id) {
        $plan = (new AddStep($id, 'spray-colour', $place + 1))->applyTo($plan);
        $colours[] = $plan->productOf($plan->steps[$place + 1])?->material->colour?->toHex();
    }

    expect($colours)
        ->not->toContain(null)
        ->and(array_unique($colours))
        ->toHaveCount(3)
        ->and($colours)
        ->not->toContain($plan->products['greyprimer']->material->colour?->toHex());
});

it('takes the jar that is asked for, and refuses one that is not there', function () {
    $plan = whole('spray-colour olive on hull');
    $added = (new AddStep('next', 'brush-colour', 1, ['turret'], product: 'olive'))->applyTo($plan);

    expect($added->steps[1]->product)
        ->toBe('olive')
        ->and($added->steps[1]->zones)
        ->toBe(['turret'])
        ->and(fn () => (new AddStep('next', 'brush-colour', 1, product: 'nothing'))->applyTo($plan))
        ->toThrow(\Ulvrach\Plan\Edit\EditRefused::class);
});
