<?php

declare(strict_types=1);

use Tests\Core\Filled;
use Ulvrach\Copies;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Edit\DescribeBuild;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Plan\Edit\SetSchool;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\ShelfFile\Column;
use Ulvrach\Stuff\ShelfFile\ShelfRow;
use Ulvrach\Stuff\ShelfFile\ShelfTable;

// A new field is one line in its class, and these tests say where else it has to be written and read.

/** A plan in which everything that can be said is said. */
function filledPlan(): Plan
{
    return new Plan(
        build: Filled::one(Build::class),
        school: Filled::one(SchoolChoice::class),
        bench: Filled::one(BenchConditions::class),
        zones: ['hull' => Filled::one(Zone::class)],
        products: ['jar' => Filled::one(Product::class, ['id' => 'jar'])],
        steps: [
            new Step('before', 'prime', 'jar', ['hull'], 1, Filled::one(Step::class)->application),
            Filled::one(Step::class, ['merge' => new Ulvrach\Plan\Merge('before')]),
        ],
    );
}

/** Colours are written with six digits: what was read once stays as it is from then on. */
function same(object $one, object $other): void
{
    $plain = static function (mixed $value) use (&$plain): mixed {
        return match (true) {
            $value instanceof Lab => $value->toHex(),
            is_object($value) && ! $value instanceof UnitEnum => [
                $value::class => array_map($plain, get_object_vars($value)),
            ],
            is_array($value) => array_map($plain, $value),
            default => $value,
        };
    };
    expect($plain($other))->toBe($plain($one));
}

it('loses no field of a plan or its log on the way through a file', function () {
    $file = new PlanFile(filledPlan(), new Log([Filled::one(Entry::class)]));
    $read = PlanReader::read(PlanWriter::toJson($file));

    same($file->plan, $read->plan);
    same($file->log->entries[0], $read->log->entries[0]);
});

it('loses no field of an edit, nor as it is applied', function () {
    $plan = filledPlan();
    [$before, $laid] = $plan->steps;
    $empty = $plan->with(steps: [$before, new Step('laid', 'prime', null, [], 1, $before->application)]);
    $edits = [
        new DescribeBuild($plan->build),
        new SetSchool($plan->school),
        new SetBench($plan->bench),
        new PutZone($plan->zones['hull']),
        new PutProduct($plan->products['jar']),
        new ReplaceStep($laid),
    ];
    $read = EditCodec::read(json_decode((string) json_encode(EditCodec::write($edits))));
    $after = EditCodec::apply($read, $empty);
    same($plan, $after);

    $inserted = new InsertStep($laid->with(id: 'more'), 2);
    $again = EditCodec::read(json_decode((string) json_encode(EditCodec::write([$inserted]))));
    same($laid->with(id: 'more'), EditCodec::apply($again, $plan)->steps[2]);
});

it('loses no field of a shelf on the way through its file', function () {
    $jar = new OwnJar(Filled::one(Product::class, ['id' => 'jar']), Filled::one(Stock::class));
    $mix = new KeptMix(
        '10000000-0000-4000-8000-000000000004',
        'Mixed',
        Filled::one(Cup::class, ['parts' => [[$jar->product, 3]]]),
        'A note',
    );
    $read = OwnShelfFile::read((new OwnShelfFile([$jar], [$mix]))->toJson());

    same($jar, $read->jars[0]);
    same($mix, $read->mixes[0]);
});

it('has a column for all that a table of a shelf can hold, and leaves what it does not speak of', function () {
    $fieldsOf = static fn (string $class) => array_column(
        (new ReflectionClass($class))->getConstructor()->getParameters(),
        'name',
    );
    // Drying times of one's own are too much for a cell.
    expect(array_keys(Column::ofMaterial()))->toEqualCanonicalizing(array_diff($fieldsOf(Material::class), ['times']))
        ->and(array_keys(Column::ofStock()))->toEqualCanonicalizing($fieldsOf(Stock::class));

    $row = new ShelfRow('A jar', Filled::one(Material::class), Filled::one(Stock::class));
    $table = ShelfTable::read(ShelfTable::write([$row]));
    expect($table->faults)->toBe([]);
    same($row->material->with(times: null), $table->rows[0]->material);
    same($row->stock, $table->rows[0]->stock);

    $known = new Material(Ulvrach\Stuff\Chemistry\BinderFamily::Lacquer, null);
    $blank = $table->rows[0]->onto($row->material, $row->stock, []);
    same($row->material, $blank->material);
    same($row->stock, $blank->stock);
    $all = $table->rows[0]->onto($known, new Stock(), $table->map);
    same($row->material->with(times: null), $all->material);
    same($row->stock, $all->stock);
});

it('copies every field, and changes what is named alone', function (string $class) {
    $one = Filled::one($class);
    same($one, $one->with());
    $other = Filled::one($class);
    foreach (get_object_vars($other) as $field => $value) {
        $copy = $one->with(...[$field => $value]);
        expect($copy->{$field})->toBe($value);
        foreach (get_object_vars($one) as $kept => $was) {
            expect($kept === $field || $copy->{$kept} === $was)->toBeTrue("{$class}: {$field} changed {$kept}");
        }
    }
    expect(class_uses($class))->toHaveKey(Copies::class);
})->with([
    Build::class,
    BenchConditions::class,
    CleanUpPass::class,
    Entry::class,
    Extent::class,
    Material::class,
    Product::class,
    Step::class,
    Stock::class,
    Story::class,
    Zone::class,
]);

it('makes a mix a jar that is what its first is, but for what mixing changes', function () {
    $first = Filled::one(Product::class);
    $mix = (new Cup([[$first, 1]]))->product('mix-1', 'A mix');
    same($first->material->with(opacity: null, colour: null), $mix->material->with(opacity: null, colour: null));

    $plain = $first->with(id: 'other', material: $first->material->with(metallic: false, times: null));
    $both = (new Cup([[$plain, 1], [$first, 1]]))->product('mix-2', 'Both')->material;
    expect($both->metallic)->toBeTrue()->and($both->times)->toBeNull();
});
