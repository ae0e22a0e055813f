<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\ShelfFile\Cells;
use Ulvrach\Stuff\ShelfFile\ShelfRow;
use Ulvrach\Stuff\ShelfFile\ShelfTable;

it('reads back all that it writes', function () {
    $rows = [
        new ShelfRow(
            'Vellow 31 island green',
            new Material(
                BinderFamily::WaterborneAcrylic,
                Carrier::Water,
                Sheen::Matte,
                Lab::fromHex('#566043'),
                0.88,
            ),
            new Stock(
                leftMl: 7.5,
                price: 2.9,
                openedOn: '2026-05-02',
                keepsMonths: 24,
                note: 'for the "2nd", thinned; see 4',
                thinner: 'Vellow thinner',
                thinnedOn: '2026-06-03',
                signs: [LabelSign::Irritant, LabelSign::Water],
                isWithdrawn: true,
                holdsMl: 17.0,
                role: JarRole::Primer,
            ),
        ),
        new ShelfRow(
            '=Fennick "steel"',
            new Material(BinderFamily::Lacquer, Carrier::LacquerThinner, null, Lab::fromHex('#8b8d8e'), metallic: true),
        ),
        new ShelfRow('Clear', new Material(BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Gloss)),
    ];
    $table = ShelfTable::read(ShelfTable::write($rows));

    expect($table->faults)
        ->toBe([])
        ->and($table->rows)
        ->toEqual($rows)
        // A spreadsheet would compute it.
        ->and(ShelfTable::write($rows))
        ->not
        ->toMatch('/(^|,)"?=/m');
});

it('understands what other people call their columns, and how they part them', function (string $text) {
    $table = ShelfTable::read($text);

    expect($table->faults)
        ->toBe([])
        ->and($table->rows)
        ->toHaveCount(1)
        ->and($table->rows[0]->name)
        ->toBe('Fir')
        ->and($table->rows[0]->material->family)
        ->toBe(BinderFamily::Enamel)
        ->and($table->rows[0]->material->carrier)
        ->toBe(BinderFamily::Enamel->usualCarrier())
        ->and($table->rows[0]->material->colour?->toHex())
        ->toBe('#3f4a38')
        ->and($table->rows[0]->stock->leftMl)
        ->toBe(12.5);
})->with([
    'commas' => ["Paint,Type,Hex,Volume (ml)\nFir,enamel,#3f4a38,12.5\n"],
    'semicolons and decimal commas' => ["Product;Binder;Color;Stock\r\nFir;Alkyd;3F4A38;12,5 ml\r\n\r\n"],
    'tabs, a mark of its encoding, other columns' => [
        "\u{FEFF}Shop\tname\tfamily\tcolour\tleft\nLow Street\tFir\tEnamel\t#3f4a38\t1,25 cl",
    ],
]);

it('takes the columns that it is told', function () {
    $text = "A,B,C\nx,Fir,#3f4a38\n";
    $guessed = ShelfTable::read($text);
    $told = ShelfTable::read($text, ['name' => 1, 'colour' => 2, 'nonsense' => 0, 'price' => 99]);

    expect(array_column($guessed->faults, 'message'))
        ->toContain('Which column names the jar?')
        ->and($told->faults)
        ->toBe([])
        ->and($told->map)
        ->toBe(['name' => 1, 'colour' => 2])
        ->and($told->rows[0]->name)
        ->toBe('Fir');
});

it('names every row that it cannot read, by row and column', function () {
    $table = ShelfTable::read(
        "name,colour,left,opened on\nFir,green,1,2026-01-01\n,#112233,a lot,\nBuff,#b7a37c,3,31.02.2026",
    );

    expect(array_map(static fn (array $fault) => "{$fault['row']} {$fault['column']}", $table->faults))
        ->toBe(['2 colour', '3 name', '3 left', '4 opened on'])
        ->and($table->faults[0]['message'])
        ->toContain('“green”')
        ->and($table->rows)
        ->toBe([]);
});

it('reads what old spreadsheets write, and gives up on nothing', function () {
    expect(ShelfTable::read("name\nGr\xFCn")->rows[0]->name)
        ->toBe('Grün')
        ->and(ShelfTable::read('')->rows)
        ->toBe([])
        ->and(ShelfTable::read("\n\n")->faults)
        ->not
        ->toBe([]);
});

it('reads numbers, amounts and days as people write them', function (callable $reader, string $text, mixed $is) {
    expect($reader($text))->toEqual($is);
})->with([
    [Cells::number(...), '1.234,50', 1234.5],
    [Cells::number(...), '1,234.50', 1234.5],
    [Cells::number(...), '€ 2,90', 2.9],
    [Cells::number(...), 'two', null],
    [Cells::share(...), 'Opaque', 0.9],
    [Cells::share(...), 'semi-opaque', 0.7],
    [Cells::share(...), 'transparent', 0.2],
    [Cells::share(...), 'clear', 0.05],
    [Cells::share(...), '85', 0.85],
    [Cells::share(...), '0,85', 0.85],
    [Cells::share(...), '1 %', 0.01],
    [Cells::share(...), '1', 1.0],
    [Cells::share(...), '101', null],
    [Cells::millilitres(...), '0.5 l', 500.0],
    [Cells::millilitres(...), '17', 17.0],
    [Cells::millilitres(...), '3 buckets', null],
    [Cells::millilitres(...), '-3 ml', null],
    [Cells::share(...), '85 %', 0.85],
    [Cells::share(...), '140', null],
    [Cells::day(...), '2.5.2026', '2026-05-02'],
    [Cells::day(...), '2026/5', '2026-05-01'],
    [Cells::day(...), '30.02.2026', null],
    [Cells::months(...), '2 years', 24],
    [Cells::months(...), '0', null],
    [Cells::yes(...), 'X', true],
    [Cells::yes(...), 'perhaps', null],
    [Cells::sheen(...), 'Semi-Gloss', Sheen::Satin],
    [Cells::family(...), 'Oil paint', BinderFamily::ArtistOil],
]);

it('leaves of a jar that is known what a table does not speak of', function () {
    $known = new Material(BinderFamily::Enamel, Carrier::WhiteSpirit, Sheen::Satin, Lab::fromHex('#3f4a38'), 0.9);
    $signs = [LabelSign::Toxic];
    $stock = new Stock(4.0, 3.5, '2026-05-02', 24, 'shaken', 'spirit', '2026-05-03', $signs, true, 17.0, JarRole::Oil);
    $table = ShelfTable::read("name,left ml,hides %\nFir,9,\n");
    $row = $table->rows[0]->onto($known, $stock, $table->map);

    expect($row->material)
        ->toEqual(new Material(BinderFamily::Enamel, Carrier::WhiteSpirit, Sheen::Satin, Lab::fromHex('#3f4a38')))
        ->and($row->stock)
        ->toEqual($stock->with(leftMl: 9.0));
});

it('reads a palette of the GPL kind as jars with names and colours', function () {
    $text = "GIMP Palette\nName: Shelf\nColumns: 8\n#\n 86  96  67\tIsland, green\n233 231 223\n10 10 10 Untitled\n";
    $table = ShelfTable::read($text);

    expect($table->faults)
        ->toBe([])
        ->and(array_map(static fn (ShelfRow $row) => [$row->name, $row->material->colour?->toHex()], $table->rows))
        ->toBe([['Island, green', '#566043'], ['#e9e7df', '#e9e7df'], ['#0a0a0a', '#0a0a0a']]);
});
