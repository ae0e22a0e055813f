<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\StoryFile;
use Ulvrach\Report\BenchSheet;

/** The sheet of a story of the folder beside this file. */
function sheetOf(string $story): string
{
    $file = StoryFile::read((string) file_get_contents(__DIR__."/stories/{$story}.json"));
    $zones = DraftKit::plan($file->build->kind->value, 'sealed-steps', [])->zones;

    $draft = (new Drafter())->draft($file->plan(array_values($zones)), $file->story, $file->shelf);

    return BenchSheet::ofDraft($draft, $file->shelf !== null);
}

it('drafts stories as they were read and judged line by line', function (string $story) {
    expect(sheetOf($story))->toBe((string) file_get_contents(__DIR__."/golden/{$story}.md"));
})->with(array_map(
    static fn (string $file) => basename($file, '.json'),
    glob(__DIR__.'/stories/*.json') ?: [],
));

it('says where a story file is not as it should be', function (Closure $spoil, string $path) {
    $data = json_decode((string) file_get_contents(__DIR__.'/stories/brae-harbour.json'), true);
    $spoil($data);
    try {
        StoryFile::read((string) json_encode($data));
        $paths = [];
    } catch (BadPlanFile $bad) {
        $paths = array_map(static fn ($fault) => $fault->path, $bad->faults);
    }

    expect($paths)->toContain($path);
})->with([
    'no brief' => [function (array &$data) {
        unset($data['build']['brief']);
    }, '/build/brief'],
    'a colour that is none' => [function (array &$data) {
        $data['build']['brief']['base'] = 'sand';
    }, '/build/brief/base'],
    'another format' => [function (array &$data) {
        $data['format'] = 'ulvrach-plan';
    }, '/format'],
]);
