<?php

declare(strict_types=1);

use Ulvrach\Colour\DeltaE2000;
use Ulvrach\Colour\Lab;

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
