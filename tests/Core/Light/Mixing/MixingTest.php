<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Mixing\Film;
use Ulvrach\Light\Mixing\MixSolver;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Light\Mixing\PaintTable;
use Ulvrach\Light\Mixing\Parts;

/** @return list<Paint> a shelf such as chance makes it, the same for the same seed */
function shelf(int $count, int $seed): array
{
    mt_srand($seed);
    $random = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
    $paints = [];
    for ($paint = 0; $paint < $count; $paint++) {
        $paints[] = PaintMaker::paint(
            new Lab($random(12, 90), $random(-25, 30), $random(-20, 45)),
            $random(0.2, 0.97),
        );
    }

    return $paints;
}

/** @param  list<float>  $reflectance */
function farthest(array $reflectance, array $other): float
{
    return max(array_map(static fn (float $one, float $two) => abs($one - $two), $reflectance, $other));
}

it('keeps a mix of one paint that paint, whatever the parts, the order, or how often it is doubled', function () {
    $table = new PaintTable(shelf(6, 1), Observer::weights());
    foreach (range(0, 5) as $paint) {
        expect(farthest($table->ratioOf([$paint, 1]), $table->ratioOf([$paint, 7])))->toBeLessThan(1e-9)
            ->and(farthest($table->ratioOf([$paint, 2, $paint, 5]), $table->ratioOf([$paint, 1])))->toBeLessThan(1e-9);
    }
    expect(farthest($table->ratioOf([0, 2, 3, 5, 4, 1]), $table->ratioOf([4, 1, 0, 2, 3, 5])))->toBeLessThan(1e-9)
        ->and(farthest($table->ratioOf([0, 2, 3, 5]), $table->ratioOf([0, 4, 3, 10])))->toBeLessThan(1e-9)
        ->and(Parts::reduced([3, 4, 1, 6]))
        ->toBe([1, 3, 3, 2]);
});

it('gives a paint the colour and the hiding power that it is made from', function (string $hex, float $hides) {
    $paint = PaintMaker::paint(Lab::fromHex($hex), $hides);
    $colour = (new PaintTable([$paint], Observer::weights()))->colourOf([0, 1]);

    expect($colour->differenceTo(Lab::fromHex($hex)))->toBeLessThan(0.01)
        ->and(PaintMaker::hiding($paint))->toEqualWithDelta($hides, 1e-6);
})->with(['#566043', '#8c8560', '#4a3830', '#d8d2b8', '#9a2a22', '#2b2f4a'])->with([0.15, 0.6, 0.92]);

it('comes closer to the colour of the paint with every coat, and lets all of the ground through at none', function () {
    $ground = array_fill(0, Observer::BANDS, 0.8);
    foreach (shelf(12, 2) as $paint) {
        $own = Film::of($paint, 1e4)->over($ground);
        $away = INF;
        foreach ([0.0, 0.5, 1.0, 2.0, 4.0, 8.0, 16.0] as $coats) {
            $seen = Film::of($paint, $coats)->over($ground);
            $now = farthest($seen, $own);
            expect($now)->toBeLessThanOrEqual($away + 1e-12)
                ->and(min($seen))->toBeGreaterThanOrEqual(0.0)
                ->and(max($seen))->toBeLessThanOrEqual(1.0);
            $away = $now;
        }
        expect(Film::of($paint, 0.0)->over($ground))->toEqualWithDelta($ground, 1e-12);
    }
});

it('is moved by thinner towards the ground only', function () {
    $ground = array_fill(0, Observer::BANDS, 0.05);
    foreach (shelf(12, 3) as $paint) {
        $away = INF;
        foreach ([1.0, 0.7, 0.4, 0.2, 0.05, 0.0] as $share) {
            $now = farthest(Film::of($paint, 1.0, $share)->over($ground), $ground);
            expect($now)->toBeLessThan($away);
            $away = $now;
        }
    }
});

it('lays two thin coats as one thick one', function () {
    $ground = array_fill(0, Observer::BANDS, 0.3);
    foreach (shelf(8, 4) as $paint) {
        $thin = Film::of($paint, 0.4);

        expect(farthest($thin->over($thin->over($ground)), Film::of($paint, 0.8)->over($ground)))->toBeLessThan(1e-9);
    }
});

it('finds the same as looking at every mix', function (int $count, int $parts) {
    $paints = shelf($count, 10 + $count);
    $table = new PaintTable($paints, Observer::weights());
    $solver = new MixSolver($paints, Observer::weights(), $parts);
    mt_srand(5);
    foreach (range(1, 4) as $ignored) {
        $target = new Lab(mt_rand(25, 75), mt_rand(-12, 18), mt_rand(-5, 30));
        $best = INF;
        for ($i = 0; $i < $count; $i++) {
            $best = min($best, $target->differenceTo($table->colourOf([$i, 1])));
            for ($j = $i + 1; $j < $count; $j++) {
                foreach (Parts::of(2, $parts) as [$a, $b]) {
                    $best = min($best, $target->differenceTo($table->colourOf([$i, $a, $j, $b])));
                }
                for ($k = $j + 1; $k < $count; $k++) {
                    foreach (Parts::of(3, $parts) as [$a, $b, $c]) {
                        $best = min($best, $target->differenceTo($table->colourOf([$i, $a, $j, $b, $k, $c])));
                    }
                }
            }
        }
        $found = $solver->closest($target)[0];

        expect($found->difference)->toEqualWithDelta($best, 1e-6)
            ->and(array_sum($found->parts))->toBeLessThanOrEqual($parts);
    }
})->with(['a small shelf' => [6, 12], 'one beyond what is gone through whole' => [24, 6]]);

it('knows every way to share parts, and none that is another one doubled', function (int $paints, int $most) {
    $all = [];
    foreach (range(1, $most) as $a) {
        foreach (range(1, $most) as $b) {
            foreach ($paints === 2 ? [0] : range(1, $most) as $c) {
                $parts = $paints === 2 ? [$a, $b] : [$a, $b, $c];
                $isDoubled = false;
                for ($by = 2; $by <= $most; $by++) {
                    $isDoubled = $isDoubled || array_filter($parts, static fn (int $one) => $one % $by !== 0) === [];
                }
                if (array_sum($parts) <= $most && ! $isDoubled) {
                    $all[] = $parts;
                }
            }
        }
    }

    expect(Parts::of($paints, $most))->toEqualCanonicalizing($all);
})->with([[2, 2], [2, 3], [2, 12], [3, 3], [3, 4], [3, 12]]);

it('mixes three paints in twelve parts where nothing is said', function () {
    $paints = shelf(60, 3);
    $most = $parts = 0;
    foreach ([[30, -12, 8], [45, 3, 25], [60, -4, -14], [70, 6, 3]] as [$l, $a, $b]) {
        foreach ((new MixSolver($paints, Observer::weights()))->closest(new Lab($l, $a, $b), 60) as $mix) {
            $most = max($most, count($mix->parts));
            $parts = max($parts, array_sum($mix->parts));
        }
    }

    expect([$most, $parts])->toBe([3, 12]);
});

it('takes one paint where several are the same', function () {
    $same = array_fill(0, 40, PaintMaker::paint(Lab::fromHex('#566043'), 0.8));
    $found = (new MixSolver($same, Observer::weights()))->closest(new Lab(50, 0, 0))[0];

    expect(array_values($found->parts))->toBe([1]);
});

it('answers for what no paint comes near, and for paints at the ends of what there can be', function (Lab $target) {
    $paints = [
        ...shelf(30, 9),
        new Paint(1.0, array_fill(0, Observer::BANDS, 0.0)),
        new Paint(1e-6, array_fill(0, Observer::BANDS, 1e3)),
    ];
    $found = (new MixSolver($paints, Observer::weights()))->closest($target)[0];

    expect(is_finite($found->difference))->toBeTrue()->and($found->difference)->toBeGreaterThanOrEqual(0.0);
})->with([
    'black' => [new Lab(0, 0, 0)],
    'white' => [new Lab(100, 0, 0)],
    'a violet of no world' => [new Lab(50, 120, -120)],
]);

it('mixes no more paints and parts than it may, and gives what one paint gives where one is allowed', function () {
    $paints = shelf(40, 7);
    $target = new Lab(45, -5, 20);
    foreach ([20, 35, 50, 65, 80] as $l) {
        foreach ((new MixSolver($paints, Observer::weights(), 12, 2))->closest(new Lab($l, 5, 12), 200) as $mix) {
            expect(count($mix->parts))->toBeLessThanOrEqual(2);
        }
    }
    $two = (new MixSolver($paints, Observer::weights(), 12, 2))->closest($target, 5);
    $one = (new MixSolver($paints, Observer::weights(), 12, 1))->closest($target)[0];

    expect(max(array_map(static fn ($mix) => count($mix->parts), $two)))->toBe(2)
        ->and($one->parts)->toHaveCount(1)
        ->and($two)->toHaveCount(5)
        ->and($two[0]->difference)->toBeLessThanOrEqual($two[4]->difference)
        ->and($two[0]->difference)->toBeLessThanOrEqual($one->difference)
        ->and((new MixSolver([], Observer::weights()))->closest($target))->toBe([]);
});
