<?php

declare(strict_types=1);

use Tests\Core\Mixables;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\ShelfFile\RecipeTable;

beforeEach(function () {
    $this->jars = [
        'green + grey' => Mixables::jar('green + grey', '#3f5a37'),
        'white' => Mixables::jar('white', '#e8e6dd'),
    ];
    $faded = new KeptMix('', '=Faded, hull', new Cup(
        [[$this->jars['green + grey'], 3], [$this->jars['white'], 1]],
        0.35,
        new Lab(45.25, -9.125, 100.0 / 7.0),
        0.05,
    ), "Two \"thin\"\ncoats.");
    $this->mixes = [$faded, new KeptMix('', 'Lighter', new Cup([[$faded, 2], [$this->jars['white'], 1]], flow: 0.02))];
});

it('reads back all that it writes, with mixes in mixes', function () {
    $table = RecipeTable::read(RecipeTable::write($this->mixes), $this->jars, []);

    expect($table->faults)->toBe([])->and($table->mixes)->toEqual($this->mixes);
});

it('names every row that cannot be read', function (string $row, string $says) {
    $table = RecipeTable::read("mix,parts,paint %,retarder %,wanted\n{$row}\n", $this->jars, []);

    expect($table->mixes)
        ->toBe([])
        ->and($table->faults[0]['row'])
        ->toBe(2)
        ->and($table->faults[0]['message'])
        ->toContain($says);
})->with([
    'a stranger’s jar' => ['Hull,3 plum,50,,', 'neither a jar'],
    'no number' => ['Hull,white,50,,', 'is no part'],
    'nothing in it' => ['Hull,,50,,', 'is no part'],
    'no name' => [',1 white,50,,', 'name'],
    'no paint' => ['Hull,1 white,0,,', '1 to 100'],
    'too much retarder' => ['Hull,1 white,50,120,', '0 to 100'],
    'a colour that is none' => ['Hull,1 white,50,,plum', 'no colour'],
]);

it('says which column is missing', function () {
    expect(RecipeTable::read("name;of\nHull;1 white", $this->jars, [])->faults)->toBe([
        ['row' => 1, 'message' => 'There is no column “mix”.'],
        ['row' => 1, 'message' => 'There is no column “parts”.'],
    ]);
});

it('takes decimal commas and leaves out what nobody says', function () {
    $table = RecipeTable::read("mix;parts;paint %\nHull;2 White;33,5 %\n", $this->jars, []);

    expect($table->mixes)->toEqual([new KeptMix('', 'Hull', new Cup([[$this->jars['white'], 2]], 0.335))]);
});
