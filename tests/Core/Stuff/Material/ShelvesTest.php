<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Material\Shelves;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

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

it('takes what the plan has before what is on the shelf, and that before what everybody begins with', function () {
    $clear = static fn (string $id, Sheen $sheen) => new Product(
        $id,
        $id,
        new Material(BinderFamily::WaterborneAcrylic, Carrier::Water, $sheen),
    );
    $need = Need::clearCoat(Sheen::Satin);
    $planned = [$clear('planned', Sheen::Satin)];
    $own = new ProductShelf([$clear('own', Sheen::Satin)]);

    expect(Shelves::around($planned, $own)->find($need)?->id)
        ->toBe('planned')
        ->and(Shelves::around([$clear('planned', Sheen::Gloss)], $own)->find($need)?->id)
        ->toBe('own')
        ->and(Shelves::around([])->find($need)?->material->sheen)
        ->toBe(Sheen::Satin);
});

it('takes nothing of another sheen where the sheen is asked for', function () {
    $paint = new Material(BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, Lab::fromHex('#3c3c3c'));
    $need = Need::of(TechniqueLibrary::get('spray-colour'))->inColour(Lab::fromHex('#3c3c3c'));

    expect($need->isMetBy($paint))->toBeTrue()->and($need->inSheen(Sheen::Satin)->isMetBy($paint))->toBeFalse();
});
