<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\Plan\File\GeneratedFile;
use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\File\SchemaCheck;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Technique\Application;

/** @return array<string, string> path => message */
function faultsIn(string $json): array
{
    try {
        PlanReader::read($json);
    } catch (BadPlanFile $bad) {
        return array_combine(
            array_map(static fn ($fault) => $fault->path, $bad->faults),
            array_map(static fn ($fault) => $fault->message, $bad->faults),
        );
    }

    return [];
}

/** @param  array<string, mixed>  $changes  dotted path => value */
function fileWith(array $changes): string
{
    $data = PlanWriter::toArray(
        PlanKit::plan("prime primer on hull turret\nenamel-wash wash on hull, clean spirit 30min"),
    );
    foreach ($changes as $path => $value) {
        $at = &$data;
        foreach (explode('.', $path) as $key) {
            $at = &$at[$key];
        }
        $at = $value;
        unset($at);
    }

    return json_encode($data, JSON_THROW_ON_ERROR);
}

it('gives back exactly what it wrote', function (string $school, string $plan) {
    $file = new PlanFile(PlanKit::plan($plan, $school), PlanKit::log($plan));
    $written = PlanWriter::toJson($file);

    expect(PlanWriter::toJson(PlanReader::read($written)))
        ->toBe($written)
        ->and(PlanReader::read($written)->plan)
        ->toEqual($file->plan);
})->with(array_filter(CaseFile::all(), static fn (string $title) => crc32($title) % 4 === 0, ARRAY_FILTER_USE_KEY));

it('keeps a school of one’s own, what was accepted, and what was tried', function () {
    $steps = 'enamel-wash wash on hull, accept wash-on-matte, passed not-in-the-tables';
    $plan = PlanKit::plan($steps)->with(
        school: new SchoolChoice('one-satin', 'My way', ['dust' => 'sprayed'], ['wash-on-matte' => null]),
    );
    $file = PlanReader::read(PlanWriter::toJson(new PlanFile($plan, PlanKit::log($steps))));

    expect($file->plan)
        ->toEqual($plan)
        ->and($file->log->trial('s1', 'not-in-the-tables')?->passed)
        ->toBeTrue();
});

it('gives back every field that a plan can have', function (int $seed) {
    $file = GeneratedFile::make($seed);
    $read = PlanReader::read(PlanWriter::toJson($file));

    expect($read->plan)
        ->toEqual($file->plan)
        ->and($read->log->entries)
        ->toEqual($file->log->entries)
        ->and(SchemaCheck::faults(json_decode(PlanWriter::toJson($file)), SchemaCheck::PLAN))
        ->toBe([]);
})->with(range(1, 40));

it('gives back every edit that it wrote', function (int $seed) {
    $edits = GeneratedFile::edits($seed);

    expect(EditCodec::read(json_decode(json_encode(EditCodec::write($edits), JSON_THROW_ON_ERROR))))->toEqual($edits);
})->with(range(1, 20));

it('reads a short file written by hand with what a modeller would expect', function (int $version) {
    $plan = PlanReader::read(
        '{"format":"ulvrach-plan","version":'.
            $version.
            ',
        "build":{"name":"Pell","vehicle":"","kind":"scout-car","scale":35},
        "zones":[{"id":"hull","name":"Hull","kind":"hull-sides","areaCm2":60,
            "substrate":"polystyrene","depicts":"steel"}],
        "products":[{"id":"p","name":"Primer","family":"lacquer","carrier":"lacquer-thinner"}],
        "steps":[{"id":"a","technique":"prime","product":"p","zones":["hull"]}]}',
    )->plan;

    expect($plan->steps[0]->coats)
        ->toBe(2)
        ->and($plan->steps[0]->application->value)
        ->toBe('airbrush')
        ->and($plan->bench->temperatureC)
        ->toBe(20.0)
        ->and($plan->school->from)
        ->toBe('sealed-steps')
        ->and($plan->zones['hull']->traffic->value)
        ->toBe('light')
        ->and($plan->zones['hull']->sheltered)
        ->toBeFalse()
        ->and($plan->bench->movingAir)
        ->toBeFalse();
})->with([1, 2]);

it('reads whole numbers that are written with a point', function () {
    $file = PlanReader::read(str_replace('"coats":2', '"coats":2.0', fileWith([])));

    expect($file->plan->steps[0]->coats)->toBe(2);
});

it('names the path of each fault', function (array $changes, string $path, string $message) {
    expect(faultsIn(fileWith($changes)))->toHaveKey($path, $message);
})->with([
    'something missing, at its own place' => [['zones' => [['id' => 'hull']]], '/zones/0/name', 'This is missing.'],
    'a wrong format' => [['format' => 'notes'], '/format', 'Must be ulvrach-plan.'],
    'a newer version' => [
        ['version' => 3],
        '/version',
        'This was written by a newer Ulvrach (version 3 of the format; this one reads up to 2). Nothing of it was '.
        'changed.',
    ],
    'a version before the first' => [['version' => 0], '/version', 'Must be 2.'],
    'an id of digits only' => [['zones.0.id' => '12'], '/zones/0/id', 'Does not have the form that is asked for here.'],
    'a zone twice in a step' => [
        ['steps.0.zones' => ['hull', 'hull']],
        '/steps/0/zones/1',
        'Names the same zone twice.',
    ],
    'a log entry at no moment' => [
        ['log' => [['id' => '00000000-0000-4000-8000-000000000001', 'kind' => 'note', 'at' => 'yesterday']]],
        '/log/0/at',
        'Does not have the form that is asked for here.',
    ],
    'a negative number of coats' => [['steps.0.coats' => -1], '/steps/0/coats', 'Must be 1 or more.'],
    'a text for a number' => [['zones.0.areaCm2' => 'large'], '/zones/0/areaCm2', 'Must be number, not string.'],
    'an unknown family' => [
        ['products.0.family' => 'tar'],
        '/products/0/family',
        'Must be one of: waterborne-acrylic, alcohol-acrylic, lacquer, enamel, artist-oil, chipping-fluid, hairspray, '.
        'clay-wash, dry-pigment, bound-pigment, mud-paste, decal-film, masking-film, metal-pencil, salt, '.
        'white-glue, epoxy-putty.',
    ],
    'an unknown technique' => [
        ['steps.0.technique' => 'levitate'],
        '/steps/0/technique',
        'There is no technique “levitate” in the library.',
    ],
    'a zone that does not exist' => [
        ['steps.0.zones' => ['attic']],
        '/steps/0/zones/0',
        'There is no zone “attic” in this plan.',
    ],
    'an id twice' => [['steps.1.id' => 's1'], '/steps/1/id', '“s1” is used twice.'],
    'something surplus' => [['steps.0.colour' => 'red'], '/steps/0/colour', 'This is not part of the format.'],
    'a huge note' => [['steps.0.note' => str_repeat('x', 2001)], '/steps/0/note', 'Must have at most 2000 characters.'],
    'a colour by name' => [
        ['products.0.colour' => 'red'],
        '/products/0/colour',
        'Does not have the form that is asked for here.',
    ],
]);

it('names every fault at once', function () {
    expect(faultsIn(fileWith(['steps.0.coats' => 0, 'build.scale' => 1, 'zones.1.substrate' => 'cheese'])))->toHaveKeys(
        ['/steps/0/coats', '/build/scale', '/zones/1/substrate'],
    );
});

it('says of a text that is not JSON that it is not', function (string $text) {
    expect(faultsIn($text))->toHaveKey('')->and(faultsIn($text)[''])->toStartWith('This is not JSON');
})->with(['', '{"format":', 'hello', str_repeat('[', 64).str_repeat(']', 64)]);

it('keeps the words of its schema and of its enumerations together', function (string $pointer, array $words) {
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 4).'/core/Plan/File/plan-v2.schema.json'), true);
    foreach (explode('/', $pointer) as $key) {
        $schema = $schema[$key];
    }
    expect($schema)->toBe($words);
})->with([
    'families' => [
        '$defs/product/properties/family/enum',
        array_map(fn ($case) => $case->value, BinderFamily::cases()),
    ],
    'carriers' => ['$defs/carrier/enum', array_map(fn ($case) => $case->value, Carrier::cases())],
    'substrates' => [
        '$defs/zone/properties/substrate/enum',
        array_map(fn ($case) => $case->value, Substrate::cases()),
    ],
    'materials' => [
        '$defs/zone/properties/depicts/enum',
        array_map(fn ($case) => $case->value, DepictedMaterial::cases()),
    ],
    'zone kinds' => [
        '$defs/zone/properties/kind/enum',
        array_map(fn ($case) => $case->value, ZoneKind::cases()),
    ],
    'vehicle kinds' => [
        '$defs/build/properties/kind/enum',
        array_map(fn ($case) => $case->value, VehicleKind::cases()),
    ],
    'schools' => ['$defs/schoolCode/enum', array_keys(School::all())],
    'terrains' => [
        '$defs/build/properties/terrain/enum',
        [...array_map(fn ($case) => $case->value, Terrain::cases()), null],
    ],
    'applications' => [
        '$defs/step/properties/application/enum',
        array_map(fn ($case) => $case->value, Application::cases()),
    ],
]);
