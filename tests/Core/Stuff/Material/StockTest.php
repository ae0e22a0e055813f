<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Stock;

it('says when a jar is past its time', function (Stock $stock, BinderFamily $family, ?string $day) {
    expect($stock->goesOffOn(new Material($family, $family->usualCarrier())))->toBe($day);
})->with([
    'closed' => [new Stock(keepsMonths: 24), BinderFamily::Enamel, null],
    'nobody said how long' => [new Stock(openedOn: '2026-01-31'), BinderFamily::Enamel, null],
    'a month after its last day' => [
        new Stock(openedOn: '2026-01-31', keepsMonths: 1),
        BinderFamily::Enamel,
        '2026-02-28',
    ],
    'a leap year' => [new Stock(openedOn: '2028-01-31', keepsMonths: 1), BinderFamily::Enamel, '2028-02-29'],
    'over new year' => [new Stock(openedOn: '2026-11-15', keepsMonths: 14), BinderFamily::Enamel, '2028-01-15'],
    'thinned with water' => [
        new Stock(openedOn: '2026-01-31', keepsMonths: 24, thinnedOn: '2026-11-30'),
        BinderFamily::WaterborneAcrylic,
        '2027-02-28',
    ],
    'thinned, and open for long' => [
        new Stock(openedOn: '2025-01-31', keepsMonths: 24, thinnedOn: '2026-11-30'),
        BinderFamily::WaterborneAcrylic,
        '2027-01-31',
    ],
    'lacquer loses nothing by its thinner' => [new Stock(thinnedOn: '2026-11-30'), BinderFamily::Lacquer, null],
]);

it('knows what a millilitre has cost only of a jar whose price and size are known', function () {
    expect((new Stock(price: 3.4, holdsMl: 17.0))->perMl())
        ->toEqualWithDelta(0.2, 1e-9)
        ->and((new Stock(price: 3.4))->perMl())
        ->toBeNull()
        ->and((new Stock(holdsMl: 17.0))->perMl())
        ->toBeNull();
});

it('understands the signs of a label by their code and by their words', function (LabelSign $sign) {
    expect(LabelSign::called(" {$sign->value} "))
        ->toBe($sign)
        ->and(LabelSign::called(mb_strtoupper($sign->says())))
        ->toBe($sign)
        ->and(LabelSign::called('spicy'))
        ->toBeNull();
})->with(LabelSign::cases());

it('tells what a jar is there for from what is in it', function (Material $material, JarRole $role) {
    expect(JarRole::of($material))
        ->toBe($role)
        ->and(JarRole::called($role->label()))
        ->toBe($role)
        ->and(JarRole::called(strtoupper($role->value)))
        ->toBe($role);
})->with([
    [new Material(BinderFamily::Enamel, null, Sheen::Matte, Lab::fromHex('#566043')), JarRole::Paint],
    [new Material(BinderFamily::Enamel, null, null, Lab::fromHex('#566043')), JarRole::Wash],
    [new Material(BinderFamily::Lacquer, null, Sheen::Gloss), JarRole::Clear],
    [new Material(BinderFamily::Lacquer, null, Sheen::Gloss, Lab::fromHex('#888888'), metallic: true), JarRole::Metal],
    [new Material(BinderFamily::ArtistOil, null), JarRole::Oil],
    [new Material(BinderFamily::Salt, null), JarRole::Chipping],
    [new Material(BinderFamily::BoundPigment, null), JarRole::Aid],
]);
