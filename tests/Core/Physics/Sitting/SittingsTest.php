<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Sitting\Sitting;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SittingWish;

const BASE = "prime primer on hull turret bed\nspray-colour olive on hull turret bed\n"
    ."clear-coat satin on hull turret bed\n";

/** @return list<string> "steps bond" of the sittings of several steps, after the base of three steps */
function together(string $steps, ?SittingWish $ofLast = null): array
{
    return said(planOf($steps, $ofLast));
}

function planOf(string $steps, ?SittingWish $ofLast = null): Plan
{
    $plan = PlanKit::plan(BASE.$steps);
    $last = count($plan->steps) - 1;
    $steps = $plan->steps;
    $steps[$last] = $steps[$last]->with(sitting: $ofLast);

    return $plan->with(steps: array_values($steps));
}

/** @return list<string> */
function said(Plan $plan): array
{
    return array_map(
        static fn (Sitting $one) => implode(' ', array_map(static fn (int $index) => $index + 1, $one->steps))
            ." {$one->bond?->value}",
        Sittings::ofSeveral((new Walker())->walk($plan)),
    );
}

it('finds what is one sitting, and why', function (string $steps, array $sittings) {
    expect(together($steps))->toBe($sittings);
})->with([
    'oils that are blended into each other' => [
        "oil-dots oil on hull, wait 30h, clean spirit 10min\noil-shading oil on hull",
        ['4 5 palette'],
    ],
    'oils of one palette on another part' => [
        "oil-dots oil on hull, wait 30h, clean spirit 10min\noil-dots oil on turret, clean spirit 10min",
        ['4 5 palette'],
    ],
    'a second rust tone into the first' => [
        "rust-wet rustwash on hull, wait 30h\nrust-wet rustwash on hull",
        ['4 5 merge'],
    ],
    'a wash on two parts, cleaned together' => [
        "enamel-wash wash on hull, wait 30h\nenamel-wash wash on turret\n"
            .'clean-markings on hull turret, wait 20min, clean spirit 0min',
        ['4 5 6 clean-up'],
    ],
    'mud tones that are mixed on the wheel' => [
        "mud-paste mudspirit on hull, wait 30h\nmud-splash mudspirit on hull",
        ['4 5 merge'],
    ],
    'the same paint sprayed on another part' => [
        "spray-colour brown on bed, wait 30h\nspray-colour brown on turret",
        ['4 5 cup'],
    ],
    'not the same paint' => ["spray-colour brown on bed, wait 30h\nspray-colour sand on turret", []],
    'not once it has set' => [
        "enamel-wash wash on hull, wait 30h, clean spirit 25min\nrust-wet rustwash on hull, wait 5h",
        [],
    ],
    'clay never sets, so there is no hurry' => [
        "clay-wash clay on hull, wait 30h\nclay-wash clay on hull",
        [],
    ],
    'not what has to wait in between' => [
        "oil-dots oil on hull, wait 30h, clean spirit 10min\npaint-detail acrylic on hull, wait 3d\n"
            .'oil-dots oil on turret, clean spirit 10min',
        [],
    ],
]);

it('lets somebody join and part as they want', function () {
    $oils = "oil-dots oil on hull, wait 30h, clean spirit 10min\noil-dots oil on turret, clean spirit 10min";
    $paint = "paint-detail acrylic on bed, wait 30h\npaint-detail brown on turret";

    expect(together($oils, SittingWish::Apart))->toBe([])
        ->and(together($paint))->toBe([])
        ->and(together($paint, SittingWish::Joined))->toBe(['4 5 wish']);
});

it('puts every step into one sitting and no more', function () {
    $walk = (new Walker())->walk(planOf("oil-dots oil on hull, wait 30h\noil-shading oil on hull\nlook-over on hull"));
    $steps = array_merge(...array_map(static fn (Sitting $one) => $one->steps, Sittings::of($walk)));
    sort($steps);

    expect($steps)->toBe(range(0, 5));
});

it('says for how long the hands may rest: as long as the shortest is open', function () {
    [$sitting] = Sittings::ofSeveral(
        (new Walker())->walk(planOf("rust-wet rustwash on hull, wait 30h\nrust-wet rustwash on hull")),
    );

    expect($sitting->rest)->toBe(30);
});
