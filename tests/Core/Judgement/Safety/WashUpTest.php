<?php

declare(strict_types=1);

use Ulvrach\Judgement\Safety\WashUp;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;

it('says of what was in hand what is washed up, and with what', function (
    Application $tool,
    ?Carrier $carrier,
    bool $isMetal,
    array $says,
) {
    $jar = new Product('jar', 'A jar', new Material(BinderFamily::Enamel, $carrier, metallic: $isMetal));
    $washUp = WashUp::after(new Step('one', 'prime', 'jar', ['hull'], 1, $tool), $jar);
    $places = array_column($washUp, 'place');
    $sorted = $places;
    sort($sorted);

    expect(array_map(static fn (array $one) => mb_substr($one['says'], 0, 36), $washUp))
        ->toBe([...$says, 'Lids: on, threads wiped, jars stood '])
        ->and($places)->toBe($sorted);
})->with([
    [Application::Airbrush, Carrier::Water, false, ['Airbrush: sprayed through with water']],
    [Application::Airbrush, Carrier::LacquerThinner, true, ['Airbrush: sprayed through with lacqu']],
    [
        Application::Brush,
        Carrier::WhiteSpirit,
        false,
        ['The brushes that had white spirit: r', 'Rags and buds with spirit: spread ou'],
    ],
    [Application::Dry, Carrier::Water, true, ['The brush that had metal: rinsed in ']],
    [Application::Sponge, Carrier::Water, false, ['Sponges: rinsed, or thrown away']],
    [Application::Sponge, Carrier::Water, true, ['The brush that had metal: rinsed in ']],
    [Application::Sponge, null, false, ['Sponges: rinsed, or thrown away']],
    [Application::Brush, null, false, []],
    [Application::Can, Carrier::LacquerThinner, false, []],
]);

it('has only lids to see to where nothing was in a jar', function () {
    $washUp = WashUp::after(new Step('one', 'sand', null, ['hull'], 1, Application::Dry), null);

    expect(array_column($washUp, 'says'))->toBe(['Lids: on, threads wiped, jars stood upside down once']);
});
