<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Light\Colour\DeltaE2000;
use Ulvrach\Light\Colour\InWords;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Colour\Upsampler;

it('agrees with the published pairs, both ways round', function (array $one, array $two, float $difference) {
    expect(round(DeltaE2000::between(new Lab(...$one), new Lab(...$two)), 4))
        ->toBe($difference)
        ->and(round(DeltaE2000::between(new Lab(...$two), new Lab(...$one)), 4))
        ->toBe($difference);
})->with(
    array_map(
        static fn (array $pair) => [
            array_map(floatval(...), $pair[0]),
            array_map(floatval(...), $pair[1]),
            (float) $pair[2],
        ],
        json_decode((string) file_get_contents(__DIR__.'/sharma-2005.json'), true)['pairs'],
    ),
);

it('turns screen colours into Lab', function (string $hex, array $lab) {
    $colour = Lab::fromHex($hex);
    expect([round($colour->l, 2), round($colour->a, 2), round($colour->b, 2)])->toEqual($lab);
})->with([
    'white' => ['#ffffff', [100.0, 0.0, 0.0]],
    'black' => ['#000000', [0.0, 0.0, 0.0]],
    'red' => ['#ff0000', [53.24, 80.09, 67.2]],
    'mid grey' => ['#777777', [50.03, 0.0, 0.0]],
]);

it('names hue and chroma', function () {
    expect(round(Lab::fromHex('#ff0000')->hue()))
        ->toBe(40.0)
        ->and(round(Lab::fromHex('#0000ff')->hue()))
        ->toBe(306.0)
        ->and(Lab::fromHex('#808080')->chroma())
        ->toBeLessThan(0.01);
});

it('finds a smooth spectrum for a colour, which has that colour', function () {
    mt_srand(8);
    for ($one = 0; $one < 200; $one++) {
        $colour = Lab::fromHex(sprintf('#%06x', mt_rand(0, 0xFFFFFF)));
        $reflectance = Upsampler::reflectanceOf($colour);
        expect(Observer::colourOf($reflectance)->differenceTo($colour))->toBeLessThan(1e-3)
            ->and(min($reflectance))->toBeGreaterThan(0.0)
            ->and(max($reflectance))->toBeLessThan(1.0);
    }
});

it('takes black, white and what no surface can be to the nearest that can', function (Lab $colour, float $within) {
    expect(Observer::colourOf(Upsampler::reflectanceOf($colour))->differenceTo($colour))->toBeLessThan($within);
})->with([
    'black' => [new Lab(0, 0, 0), 0.2],
    'white' => [new Lab(100, 0, 0), 0.2],
    'a red too strong for its lightness' => [new Lab(80, 90, 60), 25.0],
    'a blue beyond all' => [new Lab(20, 60, -140), 25.0],
]);

it('sees a perfect white as the white of daylight', function () {
    $white = Observer::colourOf(array_fill(0, Observer::BANDS, 1.0));
    expect([$white->l, $white->a, $white->b])->toEqualWithDelta([100.0, 0.0, 0.0], 1e-9);
});

it('says in words how one colour differs from another', function (array $wanted, array $other, string $words) {
    expect(InWords::ofDifference(new Lab(...$wanted), new Lab(...$other)))->toBe($words);
})->with([
    'the same' => [[50, -8, 20], [50.2, -8, 20], 'not to be told apart'],
    'lighter' => [[50, -8, 20], [54, -8, 20], 'a little lighter'],
    'darker and redder' => [[50, 2, 2], [40, 14, 2], 'much redder and darker'],
    'faded' => [[50, -8, 20], [50, -5, 12.5], 'a little more faded'],
    'a browner olive' => [[50, -2, 20], [50, 1, 19.9], 'a little redder'],
    'a yellower green' => [[50, -10, 12], [50, -7, 14.1], 'a little yellower'],
]);

it('reads colours as people type them, and says of the rest that it is none', function (string $text, ?array $lab) {
    $colour = ColourText::read($text);
    expect($colour === null ? null : [round($colour->l, 1), round($colour->a, 1), round($colour->b, 1)])->toEqual($lab);
})->with([
    ['#FFFFFF', [100.0, 0.0, 0.0]],
    [' 777777 ', [50.0, 0.0, 0.0]],
    ['38.9 -9 14.5', [38.9, -9.0, 14.5]],
    ['38,9; −9; 14,5', [38.9, -9.0, 14.5]],
    ['38.9, -9, 14.5', [38.9, -9.0, 14.5]],
    ['38,-9,14', [38.0, -9.0, 14.0]],
    ['olive', null],
    ['101 0 0', null],
    ['50 200 0', null],
    ['50 0 -161', null],
    ['#12345', null],
    ['50 0', null],
    ['', null],
]);

it('names a colour as one would across a table', function (string $hex, string $name) {
    expect(InWords::named(Lab::fromHex($hex)))->toBe($name);
})->with([
    ['#3d4a36', 'dark green'],
    ['#5c5a37', 'olive'],
    ['#c2a878', 'light sand'],
    ['#f2f1ec', 'white'],
    ['#111111', 'black'],
    ['#7c8184', 'grey'],
    ['#6b3f2e', 'dark red-brown'],
    ['#2f4f86', 'dark blue'],
    ['#b3201f', 'red'],
    ['#4a4f52', 'dark grey'],
]);
