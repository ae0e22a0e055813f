<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Laid;
use Ulvrach\Physics\Forecast\Light;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Stuff\Chemistry\Sheen;

function forecast(string $steps): Forecast
{
    return Forecast::of(PlanKit::walk($steps));
}

/** The colour of a place after the last step, or after the one of that number. */
function comesTo(string $steps, string $zone, Spot $spot, ?int $step = null): Lab
{
    return forecast($steps)->after(($step ?? 99) - 1, $zone)->of($spot);
}

function jarOf(string $product): Lab
{
    return PlanKit::products()[$product]->material->colour ?? throw new LogicException('It is clear.');
}

it('begins bare, and comes to the colour of the paint with its coats', function () {
    $bare = comesTo('prime primer on hull', 'hull', Spot::Face, 0);
    $one = comesTo("prime primer on hull\nspray-colour brown on hull, 1 coats", 'hull', Spot::Face);
    $four = comesTo("prime primer on hull\nspray-colour brown on hull, 4 coats", 'hull', Spot::Face);

    expect($bare->differenceTo(Lab::fromHex('#babab6')))->toBeLessThan(0.1)
        ->and($four->differenceTo(jarOf('brown')))->toBeLessThan(0.5)
        ->and($one->differenceTo(jarOf('brown')))->toBeGreaterThan($four->differenceTo(jarOf('brown')));
});

it('lays a wash into recesses, and leaves faces nearly as they were', function () {
    $plan = "prime primer on hull\nspray-colour acrylic on hull\nclear-coat satin on hull\n".
        'enamel-wash wash on hull, clean spirit 30min';
    $before = forecast($plan)->after(2, 'hull');
    $after = forecast($plan)->after(3, 'hull');

    expect($after->of(Spot::Recess)->l)->toBeLessThan($before->of(Spot::Recess)->l - 8)
        ->and($before->of(Spot::Face)->differenceTo($after->of(Spot::Face)))->toBeLessThan(4.0);
});

it('leaves other zones alone', function () {
    $forecast = forecast("prime primer on hull turret\nspray-colour acrylic on hull");

    expect(array_keys($forecast->changesOf('turret')))->toBe([-1, 0])
        ->and(array_keys($forecast->changesOf('hull')))->toBe([-1, 0, 1])
        ->and($forecast->after(1, 'turret'))->toBe($forecast->after(0, 'turret'));
});

it('knows a chip only once there is one, and covers it with the next coat', function () {
    $plan = "prime primer on hull\nspray-colour acrylic on hull\n".
        "sponge-chips brown on hull\nspray-colour acrylic on hull";
    $forecast = forecast($plan);

    expect($forecast->after(1, 'hull')->has(Spot::Chip))->toBeFalse()
        ->and($forecast->after(2, 'hull')->has(Spot::Chip))->toBeTrue()
        ->and($forecast->after(2, 'hull')->of(Spot::Chip)->differenceTo(jarOf('brown')))->toBeLessThan(3.0)
        ->and($forecast->after(3, 'hull')->has(Spot::Chip))->toBeFalse();
});

it('deepens under a clear coat, more the smoother it is, and never lightens', function () {
    $lightness = static function (?Sheen $sheen, float $share): float {
        return (new Colours(['face' => Light::of(array_fill(0, 36, $share))], $sheen))->of(Spot::Face)->l;
    };
    foreach ([0.0, 0.01, 0.05, 0.2, 0.6, 1.0] as $share) {
        $before = $lightness(null, $share);
        foreach ([Sheen::Matte, Sheen::Satin, Sheen::Gloss] as $sheen) {
            expect($lightness($sheen, $share))->toBeLessThanOrEqual($before + 1e-9);
            $before = $lightness($sheen, $share);
        }
    }
});

it('loses part of a light dust under varnish, and darkens it when it is fixed', function () {
    $plan = "prime primer on tracks\nspray-colour brown on tracks\ndry-pigment dust on tracks";
    $dusty = comesTo($plan, 'tracks', Spot::Lower);
    $varnished = comesTo("{$plan}\nclear-coat matte on tracks", 'tracks', Spot::Lower);
    $fixed = comesTo("{$plan}\nfix-pigment fixer on tracks", 'tracks', Spot::Lower);

    expect($dusty->l)->toBeGreaterThan(jarOf('brown')->l + 5)
        ->and($varnished->l)->toBeLessThan($dusty->l - 1)
        ->and($fixed->l)->toBeLessThan($dusty->l - 1);
});

it('keeps every place of the demo builds within what a surface can throw back', function (string $name) {
    $json = (string) file_get_contents(dirname(__DIR__, 4)."/database/demo/{$name}.ulvrach.json");
    $file = PlanReader::read($json);
    $forecast = Forecast::of((new Walker())->walk($file->plan, $file->log));
    foreach (array_keys($file->plan->zones) as $zone) {
        foreach ($forecast->changesOf($zone) as $colours) {
            foreach ($colours->lights as $light) {
                $reflectance = $light->bands();
                expect(min($reflectance))->toBeGreaterThanOrEqual(0.0)
                    ->and(max($reflectance))->toBeLessThanOrEqual(1.0)
                    ->and($reflectance)->toHaveCount(36);
            }
        }
    }
})->with(['brae-lorry', 'ostrel-tank', 'harnvik-carrier']);

it('says of every kind of work where it comes to lie, in places that there are', function (Effect $effect) {
    $changesWhatIsThere = [Effect::Worn, Effect::Mask, Effect::Sheen, Effect::Marking, Effect::Fixed];
    expect(Laid::by($effect) === [])->toBe(in_array($effect, $changesWhatIsThere, true));
    foreach (Laid::by($effect) as $place => $coats) {
        expect(Spot::tryFrom($place))->not->toBeNull()->and($coats)->toBeGreaterThan(0.0)->toBeLessThan(4.0);
    }
})->with(Effect::cases());

it('bears chips, signs and dust in any order under any coat, sealed or fixed', function (string $mark) {
    $dusts = ['dry-pigment dust on hull', 'dust-mist sand on hull', 'oil-dust oil on hull'];
    $coats = ['spray-colour sand on hull', 'brush-colour acrylic on hull', 'winter-wash white on hull'];
    $ends = ['clear-coat matte on hull', 'final-coat matte on hull', 'fix-pigment fixer on hull'];
    foreach ($dusts as $dust) {
        foreach ($coats as $coat) {
            foreach ($ends as $last) {
                $steps = ['prime primer on hull', 'spray-colour brown on hull', $mark, $dust, $coat, $last];
                $end = forecast(implode("\n", $steps))->atEnd('hull');

                // What a coat has covered is face again.
                expect($end->has(Spot::Chip) || $end->has(Spot::Streak) || $end->has(Spot::Marking))->toBeFalse();
            }
        }
    }
})->with([
    'sponge-chips redbrown on hull',
    'brush-chips redbrown on hull',
    'rust-streak rustwash on hull',
    'acrylic-streak redbrown on hull',
    'soft-camouflage olive on hull',
    'decal decals on hull',
]);

it('lays what is new on top of dust, not under it', function () {
    $base = "prime primer on hull\nspray-colour brown on hull\n";
    $fresh = "decal decals on hull\nclear-coat satin on hull";
    $dusty = "{$base}decal decals on hull\ndry-pigment dust on hull\n";
    $clean = comesTo($base.$fresh, 'hull', Spot::Marking);

    expect(comesTo("{$dusty}clear-coat satin on hull", 'hull', Spot::Marking)->differenceTo($clean))
        ->toBeGreaterThan(1.0)
        ->and(comesTo($dusty.$fresh, 'hull', Spot::Marking)->differenceTo($clean))->toBeLessThan(0.01);
});

it('finds the same films over the same ground again, and other ones never', function () {
    $steps = "prime primer on hull\nspray-colour brown on hull\npin-wash wash on hull\n";
    $light = static fn (string $end, int $after): Light => forecast($steps.$end)->after($after, 'hull')->lights['face'];
    $dusty = $light('dry-pigment dust on hull', 3);

    expect($light('dry-pigment dust on hull', 3))->toBe($dusty)
        ->and($light('dry-pigment soot on hull', 3))->not->toBe($dusty)
        ->and($light('dry-pigment soot on hull', 2))->toBe($light('dry-pigment dust on hull', 2));
    // What is found again is what would be worked out anew.
    $known = comesTo("{$steps}dry-pigment dust on hull\nclear-coat satin on hull", 'hull', Spot::Lower);
    for ($left = 7_000; $left > 0; $left--) {
        Light::ground([$left / 10_000])->dimmedTo(0.5);
    }
    Light::ground([0.5]);
    expect($light('dry-pigment dust on hull', 3))->not->toBe($dusty)
        ->and(comesTo("{$steps}dry-pigment dust on hull\nclear-coat satin on hull", 'hull', Spot::Lower))
        ->toEqual($known);
});
