<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;

function ownShelf(): OwnShelfFile
{
    $products = PlanKit::products();
    $jars = [];
    foreach (array_values($products) as $place => $product) {
        $jars[] = $place % 2 === 0
            ? new OwnJar($product, new Stock(
                12.5,
                3.1,
                '2026-02-28',
                24,
                "Row {$place}, “shaken”",
                'spirit',
                '2026-03-01',
                [LabelSign::Flammable],
                true,
                17.0,
                JarRole::Primer,
            ))
            : new OwnJar($product, new Stock());
    }

    $green = new KeptMix('0b1f4a52-9d0c-4f6e-8a17-5f2f6e0a9c11', 'Faded green', new Cup(
        [[$products['acrylic'], 3], [$products['offwhite'], 1]],
        0.6,
        new Lab(45.25, -9.125, 14.5),
    ), "For the hull.\nTwo coats.");

    return new OwnShelfFile($jars, [
        $green,
        new KeptMix('', 'Lighter', new Cup([[$green, 2], [$products['offwhite'], 1]], retarder: 0.05, flow: 0.02)),
        new KeptMix('', 'Plain', new Cup([[$products['brown'], 1]])),
    ]);
}

it('reads again what it has written, with nothing lost', function () {
    $json = ownShelf()->toJson();

    expect(OwnShelfFile::read($json))->toEqual(ownShelf())
        ->and(OwnShelfFile::read($json)->toJson())->toBe($json);
});

it('names what is wrong with a file, and where', function (Closure $spoil, string $path) {
    $data = json_decode(ownShelf()->toJson(), true);
    $spoil($data);
    try {
        OwnShelfFile::read((string) json_encode($data));
        $paths = [];
    } catch (BadPlanFile $bad) {
        $paths = array_map(static fn ($fault) => $fault->path, $bad->faults);
    }

    expect($paths)->toContain($path);
})->with([
    'another format' => [function (array &$data) {
        $data['format'] = 'csv';
    }, '/format'],
    'a day that is none' => [function (array &$data) {
        $data['jars'][0]['openedOn'] = 'spring';
    }, '/jars/0/openedOn'],
    'less than nothing' => [function (array &$data) {
        $data['jars'][0]['leftMl'] = -1;
    }, '/jars/0/leftMl'],
    'an empty cup' => [function (array &$data) {
        $data['mixes'][1]['parts'] = [];
    }, '/mixes/1/parts'],
    'no paint at all' => [function (array &$data) {
        $data['mixes'][0]['share'] = 0;
    }, '/mixes/0/share'],
]);
