<?php

declare(strict_types=1);

use Tests\Core\Chance;
use Tests\Core\PlanKit;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Laid;
use Ulvrach\Physics\Forecast\Light;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Amount;
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
    $said = [Effect::Worn, Effect::Mask, Effect::Sheen, Effect::Marking, Effect::Fixed, Effect::Highlight];
    $films = Laid::films($effect);
    $grains = Laid::grains($effect);
    expect($films === [] && $grains === [])->toBe(in_array($effect, $said, true));
    foreach ($films as $place => $coats) {
        expect(Spot::tryFrom($place))->not->toBeNull()->and($coats)->toBeGreaterThan(0.0)->toBeLessThan(10.0);
    }
    foreach ($grains as $place => $share) {
        expect(Spot::tryFrom($place))->not->toBeNull()->and($share)->toBeGreaterThan(0.0)->toBeLessThan(1.0);
    }
})->with(Effect::cases());

it('bears chips, signs and dust in any order under any coat, sealed or fixed', function (string $mark) {
    $dusts = ['dry-pigment dust on hull', 'dust-mist sand on hull', 'oil-dust oil on hull'];
    $coats = ['spray-colour sand on hull', 'brush-colour acrylic on hull', 'spray-colour white on hull'];
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

it('leaves markings bare that a winter white was painted round, and covers all else', function (string $white) {
    $marked = "prime primer on hull\nspray-colour olive on hull\ndecal decals on hull\n";
    $fresh = comesTo($marked, 'hull', Spot::Marking);
    $chipped = forecast("{$marked}sponge-chips redbrown on hull\n{$white} white on hull")->atEnd('hull');

    expect($chipped->of(Spot::Marking)->differenceTo($fresh))
        ->toBeLessThan(0.01)
        ->and($chipped->of(Spot::Face)->l)->toBeGreaterThan(55.0)
        ->and(array_filter($chipped->made(), static fn (array $made) => $made[0] === Spot::Marking))
        ->toHaveCount(1);
})->with(['winter-wash', 'winter-wash-brushed']);

it('keeps a veil of the lower third off the faces and signs above it', function (string $veil) {
    $steps = "prime primer on hull\nspray-colour olive on hull\ndecal decals on hull\n";
    $before = forecast($steps)->atEnd('hull');
    $low = forecast("{$steps}{$veil}, at lower-third")->atEnd('hull');
    $all = forecast($steps.$veil)->atEnd('hull');

    foreach ([Spot::Face, Spot::Edge, Spot::Marking] as $spot) {
        expect($low->of($spot)->differenceTo($before->of($spot)))->toBe(0.0);
    }
    expect($low->of(Spot::Lower)->differenceTo($before->of(Spot::Lower)))
        ->toBeGreaterThan(1.0)
        ->and($low->of(Spot::Lower)->differenceTo($all->of(Spot::Lower)))->toBe(0.0);
})->with([
    'dust-mist sand on hull',
    'dry-pigment dust on hull',
    'filter wash on hull',
    'mud-splash mud on hull',
]);

it('lays what is new on top of dust, not under it', function () {
    $base = "prime primer on hull\nspray-colour brown on hull\n";
    $fresh = "decal decals on hull\nclear-coat satin on hull";
    $dusty = "{$base}decal decals on hull\ndry-pigment dust on hull\n";
    $clean = comesTo($base.$fresh, 'hull', Spot::Marking);

    expect(comesTo("{$dusty}clear-coat satin on hull", 'hull', Spot::Marking)->differenceTo($clean))
        ->toBeGreaterThan(0.5)
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
        Light::ground(jarOf('canvas'))->soaked($left / 10_000);
    }
    Light::ground(jarOf('brown'));
    expect($light('dry-pigment dust on hull', 3))->not->toBe($dusty)
        ->and(comesTo("{$steps}dry-pigment dust on hull\nclear-coat satin on hull", 'hull', Spot::Lower))
        ->toEqual($known);
});

it('keeps the colour of every step of marks, whatever comes to lie in them', function () {
    $steps = "prime primer on hull\nspray-colour acrylic on hull\nlight-chips canvas on hull\n"
        ."brush-chips brown on hull\nneedle-scratches on hull\nbrush-chips redbrown on hull";
    $seen = forecast($steps)->atEnd('hull');

    expect($seen->madeBy(2, Spot::Chip)->differenceTo(jarOf('canvas')))->toBeLessThan(4.0)
        ->and($seen->madeBy(3, Spot::Chip)->differenceTo(jarOf('brown')))->toBeLessThan(3.0)
        ->and($seen->madeBy(4, Spot::Chip)->differenceTo(jarOf('primer')))->toBeLessThan(1.0)
        ->and($seen->madeBy(5, Spot::Chip)->differenceTo(jarOf('redbrown')))->toBeLessThan(3.0)
        ->and($seen->of(Spot::Chip))->toEqual($seen->madeBy(5, Spot::Chip))
        ->and(array_map(static fn (array $made) => [$made[0], $made[1]], $seen->made()))
        ->toEqualCanonicalizing([[Spot::Chip, 2], [Spot::Chip, 3], [Spot::Chip, 4], [Spot::Chip, 5]]);

    // What comes later mutes all of them, and a coat takes all of them away.
    $dusty = forecast("{$steps}\ndust-coat buffpaint on hull")->atEnd('hull');
    $dust = jarOf('buffpaint');
    foreach ([2, 3, 4, 5] as $step) {
        $was = $seen->madeBy($step, Spot::Chip);
        expect($dusty->madeBy($step, Spot::Chip)->differenceTo($dust))->toBeLessThan($was->differenceTo($dust));
    }
    expect(forecast("{$steps}\nspray-colour acrylic on hull")->atEnd('hull')->made())->toBe([]);
});

it('is as strong on a tenth of a zone as on all of it', function (string $work) {
    $base = "prime primer on hull\nspray-colour acrylic on hull\nclear-coat satin on hull\n";
    $all = forecast($base.$work)->atEnd('hull');
    $little = forecast("{$base}{$work}, over 8")->atEnd('hull');
    foreach (Spot::cases() as $spot) {
        expect($little->of($spot)->differenceTo($all->of($spot)))->toBeLessThan(1e-6);
    }
})->with([
    'enamel-wash wash on hull, clean spirit 30min',
    'filter filterbrown on hull',
    'dry-pigment dust on hull',
    'brush-chips brown on hull',
    'mud-paste mud on hull',
]);

it('shows more, never less, of what there is more of', function (string $work) {
    $seen = null;
    $base = "prime primer on hull\nspray-colour brown on hull\nclear-coat satin on hull\n";
    $bare = forecast($base)->atEnd('hull');
    foreach (Amount::cases() as $amount) {
        $now = forecast("{$base}{$work}, amount {$amount->value}")->atEnd('hull');
        foreach ([Spot::Face, Spot::Recess, Spot::Lower, Spot::Streak] as $spot) {
            $from = $bare->of($spot);
            expect($now->of($spot)->differenceTo($from))
                ->toBeGreaterThanOrEqual(($seen?->of($spot)->differenceTo($from) ?? 0.0) - 1e-6);
        }
        $seen = $now;
    }
    $light = forecast("{$base}{$work}, amount breath")->atEnd('hull');
    expect($seen?->of(Spot::Lower)->differenceTo($light->of(Spot::Lower)) +
        $seen?->of(Spot::Recess)->differenceTo($light->of(Spot::Recess)) +
        $seen?->of(Spot::Streak)->differenceTo($light->of(Spot::Streak)))->toBeGreaterThan(5.0);
})->with([
    'dry-pigment dust on hull',
    'dust-coat buffpaint on hull',
    'mud-paste mud on hull',
    'rust-wash orangewash on hull',
    'grime-streak orangewash on hull',
]);

/** @return list<string> a step each, on a ground that has seen something */
function anyWork(Chance $chance): array
{
    $grounds = ['acrylic', 'sand', 'brown', 'white', 'black', 'lacquer', 'redbrown'];
    $steps = ['prime primer on hull', "spray-colour {$chance->one($grounds)} on hull, 2 coats"];
    $works = [
        'clear-coat satin on hull',
        'clear-coat gloss on hull',
        'filter filterbrown on hull',
        'enamel-wash wash on hull, clean spirit 30min',
        'brush-chips brown on hull',
        'rust-streak rustwash on hull',
        'oil-dots oil on hull',
        'dry-brush sand on hull',
        'mud-paste mud on hull',
    ];
    for ($count = $chance->number(0, 4); $count > 0; $count--) {
        $steps[] = $chance->one($works);
    }

    return $steps;
}

it('keeps the laws of light over any ground', function () {
    $chance = new Chance(30);
    for ($plan = 0; $plan < 300; $plan++) {
        $steps = implode("\n", anyWork($chance));
        $before = forecast($steps)->atEnd('hull');
        $after = static fn (string $work): Colours => forecast("{$steps}\n{$work}")->atEnd('hull');

        // More coats come nearer, and in the end are there.
        $jar = $chance->one(['sand', 'brown', 'acrylic', 'white', 'black', 'yellow']);
        $left = INF;
        foreach ([1, 2, 4, 8] as $coats) {
            $now = $after("spray-colour {$jar} on hull, {$coats} coats")->of(Spot::Face)->differenceTo(jarOf($jar));
            expect($now)->toBeLessThanOrEqual($left + 0.05);
            $left = $now;
        }
        // A clear coat never lightens a dark face by more than two.
        foreach ($before->clear === null ? ['matte', 'satin', 'gloss'] : ['gloss'] as $sheen) {
            $clear = $after("clear-coat {$sheen} on hull")->of(Spot::Face)->l;
            expect($clear)->toBeLessThanOrEqual($before->of(Spot::Face)->l + 2.0);
        }
        // More dust is nearer to dust, and its colour lies on the line in light between ground and dust.
        $dust = jarOf('dust');
        $steps .= $before->clear === null ? '' : "\nclear-coat matte on hull";
        $bare = forecast($steps)->atEnd('hull');
        $one = $after('dry-pigment dust on hull');
        $two = $after("dry-pigment dust on hull\ndry-pigment dust on hull");
        foreach ([Spot::Face, Spot::Recess, Spot::Lower] as $spot) {
            $from = $bare->lights[$spot->value]->bands();
            $to = Light::ground($dust)->bands();
            foreach ([$one, $two] as $seen) {
                $shares = [];
                foreach ($seen->lights[$spot->value]->bands() as $band => $is) {
                    if (abs($to[$band] - $from[$band]) > 0.01) {
                        $shares[] = ($is - $from[$band]) / ($to[$band] - $from[$band]);
                    }
                }
                expect($shares === [] || max($shares) - min($shares) < 1e-6)->toBeTrue();
            }
            expect(abs($two->of($spot)->l - $dust->l))->toBeLessThanOrEqual(abs($one->of($spot)->l - $dust->l) + 1e-6);
        }
        // Nothing leaves what a surface can throw back.
        foreach ([...$one->lights, ...$two->lights] as $light) {
            expect(min($light->bands()))->toBeGreaterThanOrEqual(0.0)
                ->and(max($light->bands()))->toBeLessThanOrEqual(1.0);
        }
    }
});
