<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Plan;

function bench(string $plan): Workbench
{
    return new Workbench(PlanKit::evaluate($plan));
}

function mended(?Remedy $remedy, Workbench $bench): Plan
{
    return EditCodec::apply($remedy->edits ?? [], $bench->plan);
}

/** @return list<string> */
function idsOf(Plan $plan): array
{
    return array_map(static fn ($step) => $step->id, $plan->steps);
}

it('moves a step directly before or after another one, from either side', function (
    string $way,
    string $step,
    string $other,
    array $order,
) {
    $bench = bench(
        "prime primer on hull\nspray-colour brown on hull\nclear-coat gloss on hull\nfinal-coat matte on hull",
    );

    expect(idsOf(mended($bench->{$way}($step, $other), $bench)))->toBe($order);
})->with([
    'down, before' => ['moveBefore', 's1', 's4', ['s2', 's3', 's1', 's4']],
    'up, before' => ['moveBefore', 's4', 's2', ['s1', 's4', 's2', 's3']],
    'down, after' => ['moveAfter', 's1', 's3', ['s2', 's3', 's1', 's4']],
    'up, after' => ['moveAfter', 's4', 's1', ['s1', 's4', 's2', 's3']],
]);

it('splits a step into two that keep what was accepted and settled', function () {
    $bench = bench('enamel-wash wash on hull turret fenders, accept wash-on-matte, clean spirit 40min, wait 1d');
    $plan = mended($bench->splitByZones('s1'), $bench);

    expect($plan->steps)
        ->toHaveCount(2)
        ->and(array_map(static fn ($step) => count($step->accepted), $plan->steps))
        ->toBe([1, 1])
        ->and(array_map(static fn ($step) => $step->cleanUp, $plan->steps))
        ->each->toEqual($bench->plan->steps[0]->cleanUp)
        ->and([$plan->steps[0]->waitMinutes, $plan->steps[1]->waitMinutes])
        ->toBe([1440, null])
        ->and([...$plan->steps[0]->zones, ...$plan->steps[1]->zones])
        ->toEqualCanonicalizing(['hull', 'turret', 'fenders']);
});

it('keeps the passes of a clean-up as far apart as they were', function () {
    $bench = bench('enamel-wash wash on hull, clean spirit 10min, scrub dry 25min');
    $plan = mended($bench->cleanUpAfter('s1', 30), $bench);

    expect(array_map(static fn (CleanUpPass $pass) => $pass->afterMinutes, $plan->steps[0]->cleanUp))->toBe([30, 45]);
});

it('offers nothing that would change what was done', function () {
    // The wash was put on bare matte paint a week ago: nothing can be laid under it any more.
    $open = "prime primer on hull\nspray-colour acrylic on hull\nenamel-wash wash on hull, clean spirit 30min";
    $done =
        "prime primer on hull, done 2026-11-18T10:00\nspray-colour acrylic on hull, done 2026-11-19T10:00\n".
        'enamel-wash wash on hull, clean spirit 30min, done 2026-11-20T10:00';
    $offered = static function (string $text): array {
        $verdict = PlanKit::evaluate($text);
        $labels = [];
        foreach ($verdict->findings as $finding) {
            foreach ($finding->code === 'wash-on-matte' ? (new RemedyAdvisor())->for($finding, $verdict) : [] as $one) {
                $labels[] = $one->remedy->label;
            }
        }

        return $labels;
    };

    expect($offered($open))->toContain('Put a gloss clear coat under it')->and($offered($done))->toBe([]);
});

it('paints a material in paint that is told for it, and in none of the vehicle’s own', function (
    string $camouflage,
    ?string $product,
) {
    $verdict = PlanKit::evaluate("prime primer on hull bed\nspray-colour {$camouflage} on hull bed");
    $used = [];
    foreach ($verdict->findings as $finding) {
        foreach (
            $finding->code === 'material-not-told-apart' ? (new RemedyAdvisor())->for($finding, $verdict) : [] as $one
        ) {
            $used[] = EditCodec::apply($one->remedy->edits, $verdict->plan)->steps[2]->product;
        }
    }

    expect($used)->toBe(array_filter([$product]));
})->with([
    'wood on a green vehicle' => ['acrylic', 'woodlike'],
    'wood on one that is nearly as brown as wood' => ['woodlike', null],
]);
