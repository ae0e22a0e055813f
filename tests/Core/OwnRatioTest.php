<?php

declare(strict_types=1);

use Tests\Core\SimulatedModeller;
use Ulvrach\Quantity\OwnRatio;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

it('is as the tables say for whom nobody knows, and says how little that is', function () {
    $nobody = OwnRatio::of([]);

    expect($nobody->ratio)->toBe(1.0)
        ->and($nobody->low)->toBeLessThan(0.65)
        ->and($nobody->high)->toBeGreaterThan(1.5)
        ->and($nobody->high)->toBeLessThan(2.5)
        // One observation moves it, and not all the way.
        ->and(OwnRatio::of([2.0])->ratio)->toBeGreaterThan(1.2)
        ->and(OwnRatio::of([2.0])->ratio)->toBeLessThan(1.8)
        ->and($nobody->count)->toBe(0);
});

it('at least halves the error with ten noisy observations, for fast and slow hands', function (float $ratio) {
    $before = $after = 0.0;
    for ($seed = 0; $seed < 60; $seed++) {
        $modeller = new SimulatedModeller($ratio, new Random\Randomizer(new Random\Engine\Mt19937($seed)));
        $before += abs(log($ratio));
        $after += abs(log(OwnRatio::of($modeller->observe(10))->ratio) - log($ratio));
    }
    expect($after / $before)->toBeLessThan(0.5);
})->with([0.5, 0.7, 1.5, 2.2]);

it('lets a careless press do little', function (float $careless) {
    $modeller = new SimulatedModeller(1.3, new Random\Randomizer(new Random\Engine\Mt19937(7)));
    $ten = $modeller->observe(10);
    $careful = OwnRatio::of($ten)->ratio;
    $once = OwnRatio::of([...$ten, $careless])->ratio;

    expect(abs($once / $careful - 1.0))->toBeLessThan(0.08);
})->with(['a night between begun and done' => 14.0, 'begun and done in a second' => 0.01]);

it('draws its width in with each observation, and holds the truth eight times in ten', function () {
    $held = 0;
    for ($seed = 0; $seed < 200; $seed++) {
        $modeller = new SimulatedModeller(1.6, new Random\Randomizer(new Random\Engine\Mt19937($seed)));
        $own = OwnRatio::of($modeller->observe(12));
        $held += $own->low <= 1.6 && $own->high >= 1.6 ? 1 : 0;
    }
    $few = OwnRatio::of([1.5, 1.5]);
    $many = OwnRatio::of(array_fill(0, 20, 1.5));

    expect($many->high / $many->low)->toBeLessThan($few->high / $few->low)
        ->and($held)->toBeGreaterThan(130)
        ->and($held)->toBeLessThan(190);
});

it('counts with a technique of one’s own, and with the tables for all others', function () {
    $wash = TechniqueLibrary::get('pin-wash');
    $prime = TechniqueLibrary::get('prime');
    $own = new Pace(2.0, 1.0, ['pin-wash' => 1.5]);

    expect($own->applyMinutes($wash))->toBe(3.0 * $wash->applyMinutes)
        ->and($own->cleanMinutes($wash))->toBe(1.5 * $wash->cleanMinutes)
        ->and($own->applyMinutes($prime))->toBe(2.0 * $prime->applyMinutes);
});
