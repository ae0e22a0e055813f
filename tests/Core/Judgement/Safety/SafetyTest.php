<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Safety\Hazard;
use Ulvrach\Judgement\Safety\Safety;

it('follows from what is in the jar and how it is used', function (string $step, array $hazards) {
    $plan = PlanKit::plan($step);
    expect(Safety::ofStep($plan->steps[0], $plan))->toBe($hazards);
})->with([
    'lacquer by airbrush' => ['prime primer on hull', [Hazard::Vapour, Hazard::Mist, Hazard::Flame, Hazard::Skin]],
    'waterborne paint by airbrush' => ['spray-colour acrylic on hull', [Hazard::Mist]],
    'waterborne paint by brush' => ['brush-colour acrylic on hull', []],
    'an enamel wash' => ['enamel-wash wash on hull', [Hazard::Vapour, Hazard::Flame, Hazard::Rags]],
    'water cleaned with white spirit' => [
        'clay-wash clay on hull, clean white-spirit 30min',
        [Hazard::Vapour, Hazard::Flame, Hazard::Rags, Hazard::Skin],
    ],
    'waterborne paint thinned hot' => [
        'spray-colour acrylic on hull, thinned lacquer-thinner',
        [Hazard::Vapour, Hazard::Mist, Hazard::Flame, Hazard::Skin],
    ],
    'dry pigment' => ['dry-pigment dust on hull', [Hazard::Dust]],
    'masks' => ['mask putty on hull', [Hazard::Blades]],
    'rubbing through' => ['abrade-chips on hull', [Hazard::Dust, Hazard::Blades]],
]);

it('gathers the list of a session', function () {
    $plan = PlanKit::plan("prime primer on hull\nmask putty on hull\ndry-pigment dust on hull");
    expect(Safety::gather($plan, [1, 2]))
        ->toBe([Hazard::Dust, Hazard::Blades])
        ->and(Safety::gather($plan, []))
        ->toBe([]);
});
