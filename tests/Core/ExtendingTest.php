<?php

declare(strict_types=1);

use Ulvrach\Judgement\Rules\Rule;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Technique\Kinds;
use Ulvrach\Stuff\Technique\TechniqueKind;

// docs/extending.md and docs/plan-file.md tell strangers where things are; here they are held to the code.

function project(string $path): string
{
    return dirname(__DIR__, 2)."/{$path}";
}

/** @return array<string, mixed> */
function schemaOf(string $name): array
{
    return json_decode((string) file_get_contents(project("core/Plan/File/{$name}.schema.json")), true);
}

/** @return list<class-string> the classes in these files that are of a kind and can be made */
function classesOf(string $pattern, string $kind): array
{
    $classes = array_map(
        static fn (string $file) => 'Ulvrach\\'.strtr(substr($file, strlen(project('core/')), -4), '/', '\\'),
        glob(project($pattern)) ?: [],
    );

    return array_values(
        array_filter(
            $classes,
            static fn (string $class) => is_subclass_of($class, $kind) &&
                (new ReflectionClass($class))->isInstantiable(),
        ),
    );
}

/** @return list<string> names of what a class is made of */
function partsOf(string $class): array
{
    return array_map(
        static fn (ReflectionParameter $one) => $one->name,
        (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [],
    );
}

/** @return list<string> as in "zones[].areaCm2" */
function fieldPaths(array $schema, array $definitions, string $path = ''): array
{
    $schema = isset($schema['$ref']) ? $definitions[basename($schema['$ref'])] : $schema;
    $schema = isset($schema['then']) ? $definitions[basename($schema['then']['$ref'])] : $schema;
    $below = match (true) {
        isset($schema['items']) && in_array('array', (array) ($schema['type'] ?? ''), true) => array_map(
            static fn (string $one) => "[]{$one}",
            fieldPaths($schema['items'], $definitions),
        ),
        default => [],
    };
    foreach ($schema['properties'] ?? [] as $name => $property) {
        $below = [...$below, ".{$name}", ...fieldPaths($property, $definitions, ".{$name}")];
    }

    return array_map(static fn (string $one) => $path.$one, $below);
}

it('names only places that exist', function () {
    preg_match_all('/`([\w.\/-]+\/[\w.\/-]*)`/', (string) file_get_contents(project('docs/extending.md')), $found);
    $missing = array_filter(array_unique($found[1]), static fn (string $path) => ! file_exists(project($path)));

    expect(count($found[1]))->toBeGreaterThan(30)->and($missing)->toBe([]);
});

it('describes every field of a plan file and no other', function () {
    $schema = schemaOf('plan-v2');
    $fields = array_map(static fn (string $path) => ltrim($path, '.'), fieldPaths($schema, $schema['$defs']));
    preg_match_all('/^\| `([^`]+)` \|/m', (string) file_get_contents(project('docs/plan-file.md')), $rows);
    $groups = ['build', 'bench', 'zones', 'products', 'steps'];

    expect(array_values(array_diff($fields, $groups, $rows[1])))
        ->toBe([])
        ->and(array_values(array_diff($rows[1], $fields)))
        ->toBe([])
        ->and(array_diff_assoc($rows[1], array_unique($rows[1])))
        ->toBe([]);
});

it('has a field in the plan file for every part of a plan', function (string $class, string $definition, array $other) {
    $fields = array_keys(schemaOf('plan-v2')['$defs'][$definition]['properties']);
    $parts = array_map(static fn (string $part) => $other[$part] ?? $part, partsOf($class));

    expect($parts)->toEqualCanonicalizing(array_values(array_diff($fields, $other['only'] ?? [])));
})->with([
    'a step' => [Step::class, 'step', []],
    'a zone' => [Zone::class, 'zone', []],
    'a build' => [Build::class, 'build', []],
    'a clean-up pass' => [CleanUpPass::class, 'cleanUpPass', []],
    'the room' => [BenchConditions::class, 'bench', []],
    'a material' => [Material::class, 'product', ['only' => ['id', 'name']]],
    'an entry' => [Entry::class, 'entry', ['stepId' => 'step', 'step' => 'asItWas']],
]);

it('knows the same codes as the schema', function (string $enum, string $definition, string $field) {
    $codes = array_map(static fn (BackedEnum $case) => $case->value, $enum::cases());

    expect($codes)->toEqualCanonicalizing(schemaOf('plan-v2')['$defs'][$definition]['properties'][$field]['enum']);
})->with([
    'families' => [BinderFamily::class, 'product', 'family'],
    'kinds of entries' => [EntryKind::class, 'entry', 'kind'],
]);

it('knows what every kind of work is like', function (TechniqueKind $kind) {
    expect(Kinds::of($kind)->natures)->not->toBe([]);
})->with(TechniqueKind::cases());

it('asks nowhere for a kind of work by its name, so that a new one is known to all', function (string $folder) {
    $askers = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}"));
    foreach ($files as $file) {
        assert($file instanceof SplFileInfo);
        $text = $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
        $isItsHome = str_contains($file->getPath(), 'core/Stuff/Technique');
        if (! $isItsHome && preg_match('/TechniqueKind::[A-Z]/', $text) === 1) {
            $askers[] = $file->getFilename();
        }
    }

    expect($askers)->toBe([]);
})->with(['core', 'app']);

it('knows how every material dries, however it is laid', function (BinderFamily $family) {
    foreach (array_map(Kinds::of(...), TechniqueKind::cases()) as $kind) {
        foreach (Load::cases() as $load) {
            $times = CureTable::for($family, $kind, $load);
            expect($times->touchDry[1])->toBeGreaterThanOrEqual(0);
        }
    }
})->with(BinderFamily::cases());

it('knows what carriers do to every material that can be dissolved', function () {
    $without = array_filter(
        BinderFamily::cases(),
        static fn (BinderFamily $film) => AttackTable::onFilm($film, Carrier::Water, CureState::SolventProof) === null,
    );

    expect(array_values($without))->toBe([BinderFamily::MaskingFilm]);
});

it('has every rule in the book', function () {
    $written = classesOf('core/Judgement/Rules/*/*.php', Rule::class);
    $inBook = array_map(static fn (Rule $rule) => $rule::class, array_values(RuleBook::ofAll()->rules));

    expect(count($written))->toBeGreaterThan(40)->and($inBook)->toEqualCanonicalizing($written);
});

it('has a shape for every edit', function () {
    expect(classesOf('core/Plan/Edit/*.php', PlanEdit::class))->toHaveCount(
        count(schemaOf('edits-v2')['items']['properties']['edit']['enum']),
    );
});

it('lets every edit that the browser makes through', function () {
    preg_match_all(
        "/\\| \\{ edit: '([a-z-]+)'/",
        (string) file_get_contents(project('resources/js/features/plan/state/edits.ts')),
        $found,
    );

    expect(count($found[1]))
        ->toBeGreaterThan(8)
        ->and(array_diff($found[1], schemaOf('edits-v2')['items']['properties']['edit']['enum']))
        ->toBe([]);
});
