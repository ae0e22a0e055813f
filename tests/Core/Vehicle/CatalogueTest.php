<?php

declare(strict_types=1);

use Tests\Core\Vehicle\Soundness;
use Tests\Core\Vehicle\Usual;
use Tests\Thorough;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Mesh;
use Ulvrach\Vehicle\Parameter;

/** @return list<Form> with all at the least, all at the greatest, and some by chance, the same in each run */
function formsOf(VehicleKind $kind, int $byChance): array
{
    $parameters = Catalogue::parametersOf($kind);
    $choose = static fn (Closure $value) => Catalogue::formOf(
        $kind,
        array_combine(array_column($parameters, 'code'), array_map($value, $parameters)),
    );
    $forms = [
        $choose(static fn (Parameter $parameter) => $parameter->least),
        $choose(static fn (Parameter $parameter) => $parameter->greatest),
    ];
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(crc32($kind->value)));
    for ($set = 0; $set < $byChance; $set++) {
        $forms[] = $choose(static fn (Parameter $parameter) => match ($chance->getInt(0, 3)) {
            0 => $parameter->least,
            1 => $parameter->greatest,
            default => $chance->getInt($parameter->least, $parameter->greatest),
        });
    }

    return $forms;
}

it('has measures with names of their own, whose usual value is one that is allowed', function (VehicleKind $kind) {
    $parameters = Catalogue::parametersOf($kind);

    expect(array_unique(array_column($parameters, 'code')))->toHaveCount(count($parameters));
    foreach ($parameters as $parameter) {
        expect($parameter->allows($parameter->usual))->toBeTrue()
            ->and($parameter->allows($parameter->least - 1))->toBeFalse()
            ->and($parameter->allows($parameter->greatest + 1))->toBeFalse()
            ->and($parameter->code)->toMatch('/^[a-z][a-z-]{0,39}$/')
            ->and($parameter->label)->not->toBe('');
    }
})->with(VehicleKind::cases());

it('makes sound bodies of whatever measures are allowed', function (VehicleKind $kind) {
    foreach (formsOf($kind, Thorough::times(6, 40)) as $form) {
        expect(Soundness::faultsOf(Catalogue::build($kind, $form)))->toBe([], json_encode($form->values()) ?: '');
    }
})->with(VehicleKind::cases());

it('brings what cannot be built to the nearest that can, and passes over what it does not know', function () {
    $form = Catalogue::formOf(VehicleKind::Lorry, ['length' => 99_000, 'width' => 1, 'wings' => 4]);
    $parameters = array_column(Catalogue::parametersOf(VehicleKind::Lorry), null, 'code');

    expect($form->values())->toHaveKeys(array_keys($parameters))
        ->and($form->values())->not->toHaveKey('wings')
        ->and($form->values()['length'])->toBe($parameters['length']->greatest)
        ->and($form->values()['width'])->toBe($parameters['width']->least);
});

it('is the same to the left and to the right, but for what is carried', function (VehicleKind $kind) {
    // Tools, tow ropes, the driver's place and what is stowed are on one side, as on the real thing.
    $bare = array_fill_keys(['tools', 'stowage', 'spare-links'], 0);
    $mesh = Catalogue::build($kind, Catalogue::formOf($kind, $bare));
    [$least, $greatest] = $mesh->bounds();

    expect($least[2])->toEqualWithDelta(-$greatest[2], 12.0)
        ->and(Soundness::momentToTheLeft($mesh))->toEqualWithDelta(0.0, 0.03);
})->with(array_filter(VehicleKind::cases(), static fn (VehicleKind $kind) => $kind !== VehicleKind::TestCard));

it('stands on the ground', function (VehicleKind $kind) {
    foreach (formsOf($kind, 3) as $form) {
        // A track sinks by its pins, a model on its stand does not.
        expect(Catalogue::build($kind, $form)->bounds()[0][1])->toEqualWithDelta(0.0, 6.0);
    }
})->with(VehicleKind::cases());

it('grows with its measures', function () {
    $size = static fn (array $form) => Catalogue::build(
        VehicleKind::Tank,
        Catalogue::formOf(VehicleKind::Tank, $form),
    )->bounds();
    $usual = $size([]);
    $longer = $size(['barrel-length' => Catalogue::formOf(VehicleKind::Tank)->values()['barrel-length'] + 400]);

    expect($longer[0][0])->toEqualWithDelta($usual[0][0] - 400.0, 1.0)
        ->and($longer[1])->toEqual($usual[1]);
});

it('leaves no zone out of sight, and hides some of it once all is joined', function (VehicleKind $kind) {
    $mesh = Catalogue::build($kind, Catalogue::formOf($kind));
    $measured = Usual::of($kind);
    $kinds = array_values(array_unique(array_column($mesh->zones, 'value')));

    expect(array_keys($measured->zones))->toEqualCanonicalizing($kinds);
    foreach ($measured->zones as $zone => $measure) {
        expect($measured->paintable($zone))->toBeGreaterThanOrEqual($measure->area - 1e-9)
            ->and($measure->upward + $measure->overhung)->toBeLessThanOrEqual(1.0 + 1e-9)
            ->and($measure->lowest)->toBeLessThanOrEqual($measure->mean)
            ->and($measure->highest)->toBeGreaterThanOrEqual($measure->mean);
    }
    foreach ($measured->neighbours as $one => $others) {
        foreach ($others as $other => $metres) {
            expect($measured->neighbours[$other][$one])->toBe($metres)->and($metres)->toBeGreaterThan(0.0);
        }
    }
})->with(VehicleKind::cases());

it('keeps a mesh that refers to nothing it does not have', function (VehicleKind $kind) {
    $mesh = Catalogue::build($kind, Catalogue::formOf($kind));

    expect($mesh)->toBeInstanceOf(Mesh::class)
        ->and(count($mesh->triangles))->toBe(3 * $mesh->size())
        ->and(max($mesh->triangles))->toBeLessThan(intdiv(count($mesh->points), 3))
        ->and(max($mesh->solids))->toBeLessThan(count($mesh->parts))
        // What is sent counts corners in sixteen bits.
        ->and(count($mesh->points) / 3)->toBeLessThan(65_536);
})->with(VehicleKind::cases());
