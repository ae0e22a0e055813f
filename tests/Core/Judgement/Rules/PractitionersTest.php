<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Severity;

/**
 * Finishes as practitioners lay them out, in the usual order and with empty waits: every base with every wash, tint,
 * way of chipping and dust. A checker that cries wolf is switched off.
 */
const WASHES = [
    'pin-wash wash on …, clean spirit 40min',
    'enamel-wash wash on …, clean spirit 40min',
    'oil-wash oil on …, clean spirit 20min',
    'clay-wash clay on …, clean water 60min',
    'acrylic-wash brown on …',
];

const TINTS = ['', 'filter filterbrown on …', 'oil-dots oil on …, clean spirit 20min', 'oil-shading oil on …'];

const CHIPPING = [
    'sponge' => 'sponge-chips brown on …',
    'brush' => "light-chips alcohol on …\nbrush-chips brown on …",
    'pencil' => 'pencil-chips pencil on …',
    'fluid' => "chipping-fluid fluid on …\nspray-colour BASE on …, 1 coat\nlift-off on …",
    'hairspray' => "hairspray spray on …\nspray-colour BASE on …, 1 coat\nlift-off on …",
    'salt' => "salt salt on …\nspray-colour BASE on …\nsalt-off on …",
];

const DUSTS = [
    "dry-pigment dust on …\nfix-pigment fixer on …",
    'dust-mist buffpaint on …',
    'oil-dust oil on …, clean spirit 20min',
    "mud-paste mud on …\nmud-splash darkmud on …",
    "mud-paste mudspirit on …\nspeckle mudspirit on …",
];

function finish(string $base, string $wash, string $tint, string $chipping, string $dust): string
{
    $isLifted = in_array($chipping, ['fluid', 'hairspray', 'salt'], true);
    $lines = [
        'prime primer on …',
        $isLifted ? 'spray-colour brown on …' : "spray-colour {$base} on …",
        $isLifted ? str_replace('BASE', $base, CHIPPING[$chipping]) : '',
        'clear-coat gloss on …',
        'decal decals on …',
        'decal-softener softener on …',
        'clear-coat gloss on …',
        $wash,
        'look-over on …',
        'clear-coat satin on …',
        $tint,
        $isLifted ? '' : CHIPPING[$chipping],
        'rust-streak rustwash on …, clean spirit 20min',
        'look-over on …',
        'final-coat matte on …',
        $dust,
    ];

    return implode("\n", array_filter($lines));
}

it('finds nothing but notes in finishes that work every day, and keeps them short', function (
    string $base,
    string $wash,
) {
    $plans = 0;
    $days = [];
    foreach (TINTS as $tint) {
        foreach (array_keys(CHIPPING) as $chipping) {
            // Water hardly gets through other paint, and lacquer bites acrylic: nobody lays either over chips to come.
            $isLifted = in_array($chipping, ['fluid', 'hairspray'], true);
            if (($isLifted && $base === 'enamel') || (($isLifted || $chipping === 'salt') && $base === 'lacquer')) {
                continue;
            }
            foreach (DUSTS as $dust) {
                $plan = str_replace('…', $plans % 2 === 0 ? 'hull' : 'turret fenders', finish(
                    $base,
                    $wash,
                    $tint,
                    $chipping,
                    $dust,
                ));
                $school = ['sealed-steps', 'one-satin', 'bare-matte', 'field-photographs', 'show-table'][$plans % 5];
                $verdict = PlanKit::evaluate($plan, $school);
                expect($verdict->count(Severity::Stop) + $verdict->count(Severity::Risk))->toBe(
                    0,
                    "{$school}\n{$plan}\n".implode("\n", PlanKit::say($verdict)),
                );
                $plans++;
                $days[] = $verdict->walk->lasts() / 1440;
            }
        }
    }
    expect($plans)->toBeGreaterThan(50)->and(max($days))->toBeLessThan(8);
})
    ->with(['acrylic', 'alcohol', 'lacquer', 'enamel'])
    ->with(WASHES);
