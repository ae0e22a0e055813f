<?php

declare(strict_types=1);

use Ulvrach\Material\Need;
use Ulvrach\Material\Product;
use Ulvrach\Material\Shelves;
use Ulvrach\Material\StarterShelf;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueLibrary;

/** What a newcomer with nothing on the shelf begins a technique with. */
function beginning(Technique $technique): ?Product
{
    return $technique->takesProduct() ? Shelves::around([])->find(Need::of($technique)) : null;
}

it('has something to begin each technique with that takes a product', function (Technique $technique) {
    $usual = beginning($technique);

    expect($usual !== null)->toBe($technique->takesProduct());
    if ($usual !== null) {
        expect($technique->accepts($usual->material->family))
            ->toBeTrue()
            ->and(array_map(static fn (Product $product) => $product->id, StarterShelf::all()))
            ->toContain($usual->id);
    }
})->with(TechniqueLibrary::all());

it('begins with a product that suits the work, not with the first that fits', function (string $code, string $id) {
    expect(beginning(TechniqueLibrary::get($code))?->id)->toBe($id);
})->with([
    ['prime', 'primer-grey'],
    ['spray-colour', 'paint-olive'],
    ['pin-wash', 'wash-brown'],
    ['filter', 'filter-ochre'],
    ['rust-streak', 'wash-rust'],
    ['exhaust-soot', 'pigment-soot'],
    ['winter-wash', 'paint-white'],
    ['track-base', 'paint-track'],
    ['wet-spots', 'clear-gloss'],
    ['oil-dust', 'oil-buff'],
]);

it('begins what shows rust with a rust, and nothing but priming with a primer', function (Technique $technique) {
    $usual = beginning($technique);

    expect($technique->role !== ColourRole::Rust || str_contains((string) $usual?->id, 'rust'))
        ->toBeTrue()
        ->and($technique->isGroundWork() || ! str_contains((string) $usual?->id, 'primer'))
        ->toBeTrue();
})->with(TechniqueLibrary::all());
