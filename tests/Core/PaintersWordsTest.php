<?php

declare(strict_types=1);

use Ulvrach\Stuff\Technique\PaintersWords;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

it('knows what painters call things', function (string $word, string $code) {
    $found = array_filter(
        array_keys(TechniqueLibrary::all()),
        static fn (string $one) => in_array($word, PaintersWords::of($one), true),
    );

    expect($found)->toContain($code);
})->with([
    ['base coat', 'spray-colour'],
    ['panel line', 'pin-wash'],
    ['masking tape', 'mask'],
    ['transfers', 'decal'],
    ['sealer', 'final-coat'],
    ['lacquer', 'clear-coat'],
    ['flat', 'final-coat'],
    ['whitewash', 'winter-wash'],
    ['highlight', 'light-tone'],
    ['varnish', 'clear-coat'],
]);

it('has words for every technique of the library, and for no other', function () {
    expect(array_diff(PaintersWords::codes(), array_keys(TechniqueLibrary::all())))
        ->toBe([])
        ->and(array_diff(array_keys(TechniqueLibrary::all()), PaintersWords::codes()))
        ->toBe([]);
});
