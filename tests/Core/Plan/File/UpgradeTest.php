<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\File\SchemaCheck;

it('reads every old version as it was read when it was new', function (string $name) {
    $read = PlanReader::read((string) file_get_contents(__DIR__."/golden/{$name}.v1.json"));

    expect(PlanWriter::toJson($read))
        ->toBe((string) file_get_contents(__DIR__."/golden/{$name}.v2.json"))
        ->and(SchemaCheck::faults(json_decode(PlanWriter::toJson($read)), SchemaCheck::PLAN))
        ->toBe([]);
})->with(['brae-lorry', 'ostrel-tank', 'harnvik-carrier', 'everything']);

it('takes what was done and tried out of the steps, and puts it into the log', function () {
    $file = PlanReader::read((string) file_get_contents(__DIR__.'/golden/everything.v1.json'));

    expect($file->log->finishedAt('wash'))
        ->toBe(intdiv((int) strtotime('2026-11-21T20:15:00Z'), 60))
        ->and($file->log->isFinished('n1'))
        ->toBeFalse()
        ->and($file->log->trial('wash', 'not-in-the-tables')?->passed)
        ->toBeFalse()
        ->and($file->log->finish('wash')?->step?->inWords())
        ->toBe('Enamel wash with “Dark wash”')
        ->and($file->log->finish('wash')?->step?->zones)
        ->toBe(['n7' => 'Hull'])
        ->and($file->plan->steps[1]->accepted)
        ->toHaveCount(1)
        ->and($file->plan->steps[1]->accepted[0]->reason)
        ->toBe('Tide marks are wanted.')
        ->and($file->plan->steps[1]->cleanUp[0]->rubbed)
        ->toBeTrue()
        ->and($file->plan->steps[1]->cleanUp[0]->afterMinutes)
        ->toBe(45);
});

it('gives ids of digits only a letter, wherever they are named', function () {
    $plan = PlanReader::read((string) file_get_contents(__DIR__.'/golden/everything.v1.json'))->plan;

    expect(array_keys($plan->zones))
        ->toBe(['n7'])
        ->and(array_keys($plan->products))
        ->toBe(['n3', 'dark-wash'])
        ->and($plan->steps[0]->id)
        ->toBe('n1')
        ->and($plan->steps[0]->product)
        ->toBe('n3')
        ->and($plan->steps[0]->zones)
        ->toBe(['n7']);
});

it('gives the same log for the same file', function () {
    $json = (string) file_get_contents(__DIR__.'/golden/everything.v1.json');

    expect(PlanReader::read($json)->log->entries)->toEqual(PlanReader::read($json)->log->entries);
});

it('refuses a newer version in a sentence, and changes nothing of it', function () {
    $newer = str_replace(
        '"version": 2',
        '"version": 9',
        PlanWriter::toJson(new PlanFile(PlanKit::plan('prime primer on hull'))),
    );

    expect(fn () => PlanReader::read($newer))->toThrow(BadPlanFile::class, 'This was written by a newer Ulvrach');
});
