<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A jar of the colour that a technique usually takes. */
function jarFor(string $technique, ?Sheen $sheen, bool $metallic, ?BinderFamily $family = null): Material
{
    return new Material(
        family: $family ?? TechniqueLibrary::get($technique)->families[0],
        carrier: Carrier::Water,
        sheen: $sheen,
        colour: Lab::fromHex((string) TechniqueLibrary::get($technique)->wants?->colour),
        metallic: $metallic,
    );
}

it('takes a jar of the purpose, and none that is only near in colour', function (
    string $technique,
    ?Sheen $sheen,
    bool $metallic,
    bool $does,
    ?BinderFamily $family = null,
) {
    $need = Need::of(TechniqueLibrary::get($technique));
    expect($need->isMetBy(jarFor($technique, $sheen, $metallic, $family)))->toBe($does);
})->with([
    'no polish with grey paint' => ['track-polish', Sheen::Matte, false, false, BinderFamily::WaterborneAcrylic],
    'polish with metal paint' => ['track-polish', Sheen::Satin, true, true, BinderFamily::WaterborneAcrylic],
    'polish with graphite' => ['graphite', null, false, true, BinderFamily::MetalPencil],
    'no filter with wet gloss' => ['filter', Sheen::Gloss, false, false],
    'a filter' => ['filter', null, false, true],
    'no dust with flakes in it' => ['dust-mist', Sheen::Matte, true, false],
    'dust of paint' => ['dust-mist', Sheen::Matte, false, true],
    'no vehicle in metal paint' => ['spray-colour', Sheen::Matte, true, false],
    'an oil stain may shine' => ['oil-stain', Sheen::Gloss, false, true],
]);
