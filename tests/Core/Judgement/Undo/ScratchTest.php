<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Finish\Scratch;

/** @return list<string> */
function colours(string $plan, string $zone = 'hull', ?int $at = null): array
{
    $walk = PlanKit::walk($plan);

    return array_map(
        static fn ($layer) => $layer->product->id,
        Scratch::through($walk, $zone, $at ?? count($walk->plan->steps))->colours,
    );
}

it('meets the paint’s own history from the surface down', function () {
    $plan =
        "prime primer on hull\nspray-colour brown on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on "
            ."hull\nwinter-wash white on hull\nclear-coat gloss on hull\nenamel-wash wash on hull";

    expect(colours($plan))
        ->toBe(['white', 'acrylic', 'brown', 'primer'])
        ->and(colours($plan, at: 3))
        ->toBe(['brown', 'primer']);
});

it('warns of bare plastic, of primer at once, and of colours that cannot be told apart', function (
    string $plan,
    string $says,
) {
    $walk = PlanKit::walk($plan);
    expect(implode(' ', Scratch::through($walk, 'hull', count($walk->plan->steps))->warnings))->toContain(
        $says,
    );
})->with([
    'no paint at all' => ["also hull\nprime primer on turret", 'the bare polystyrene lies open'],
    'no primer' => ['spray-colour acrylic on hull', 'there is bare polystyrene'],
    'nothing between' => ["prime primer on hull\nspray-colour acrylic on hull", 'shows the primer at once'],
    'alike' => ["prime primer on hull\nspray-colour acrylic on hull\nspray-colour acrylic on hull", 'so alike'],
    'no barrier' => [
        "prime primer on hull\nspray-colour brown on hull\nspray-colour acrylic on hull",
        'No clear coat lies between',
    ],
    'a single matte coat is no barrier' => [
        "prime primer on hull\nspray-colour brown on hull\nclear-coat matte on hull, 1 coat\n"
            .'spray-colour acrylic on hull',
        'No clear coat lies between',
    ],
]);

it('is content with a chip colour under a clear coat', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour brown on hull\nclear-coat gloss on hull\nspray-colour acrylic on hull",
    );
    expect(Scratch::through($walk, 'hull', 4)->warnings)->toBe([]);
});

it('knows which film keeps liquids and tools off which layer', function (string $plan, array $protectors) {
    $strata = PlanKit::walk($plan)->strata['hull'];
    $said = array_map(
        static fn (int $place) => ($film = $strata->protectorOf($place)) === null ? null : $film->stepIndex + 1,
        array_keys($strata->layers),
    );

    expect($said)->toBe($protectors);
})->with([
    'the next whole film' => [
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull",
        [2, 3, null],
    ],
    'a wash lets liquids through to the coat under it' => [
        "prime primer on hull\nclear-coat gloss on hull\nenamel-wash wash on hull",
        [2, null, null],
    ],
    'a single matte coat, sprayed, is closed' => [
        "prime primer on hull\nspray-colour acrylic on hull\nfinal-coat matte on hull, 1 coat",
        [2, 3, null],
    ],
    'chips open the way to what lies under the film' => [
        "prime primer on hull\nspray-colour brown on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on "
            ."hull, 2 coats\nlift-off on hull",
        [2, null, null, null],
    ],
]);
