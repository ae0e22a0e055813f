<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Plan\Edit\AddStep;
use Ulvrach\Plan\Edit\ChangeTechnique;
use Ulvrach\Plan\Edit\EditRefused;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\RemoveProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\RemoveZone;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** @return list<string> */
function order(Plan $plan): array
{
    return array_map(static fn ($step) => $step->id, $plan->steps);
}

beforeEach(function () {
    $this->plan = PlanKit::plan("prime primer on hull bed\nspray-colour acrylic on hull\nclear-coat gloss on hull");
});

it('moves a step so that it then stands there', function (string $id, int $to, array $order) {
    expect(order((new MoveStep($id, $to))->applyTo($this->plan)))->toBe($order);
})->with([
    'down' => ['s1', 2, ['s2', 's3', 's1']],
    'up' => ['s3', 0, ['s3', 's1', 's2']],
    'nowhere' => ['s2', 1, ['s1', 's2', 's3']],
    'past the end' => ['s1', 99, ['s2', 's3', 's1']],
]);

it('takes a removed zone out of every step and keeps the steps', function () {
    $plan = (new RemoveZone('hull'))->applyTo($this->plan);

    expect(order($plan))
        ->toBe(['s1', 's2', 's3'])
        ->and(array_keys($plan->zones))
        ->toBe(['bed'])
        ->and($plan->steps[0]->zones)
        ->toBe(['bed'])
        ->and($plan->steps[1]->zones)
        ->toBe([]);
});

it('leaves the plan it was applied to alone', function () {
    (new RemoveStep('s1'))->applyTo($this->plan);

    expect(order($this->plan))->toBe(['s1', 's2', 's3']);
});

it('refuses what would point nowhere', function (Closure $edit, string $path) {
    try {
        $edit($this->plan)->applyTo($this->plan);
    } catch (EditRefused $refused) {
        expect($refused->faults[0]->path)->toBe($path)->and($refused->faults[0]->message)->toEndWith('.');

        return;
    }
    $this->fail('The edit was not refused.');
})->with([
    'no such step' => [fn () => new RemoveStep('s9'), '/id'],
    'a step twice' => [fn (Plan $plan) => new InsertStep($plan->steps[0], 0), '/step/id'],
    'a product in use' => [fn () => new RemoveProduct('gloss'), '/id'],
    'a zone that is not there' => [
        fn (Plan $plan) => new ReplaceStep($plan->steps[0]->onZones(['attic'])),
        '/step/zones/0',
    ],
    'a product that can no longer do its step' => [
        fn () => new PutProduct(
            new Product(
                id: 'gloss',
                name: 'Gloss',
                material: new Material(
                    family: BinderFamily::ClayWash,
                    carrier: null,
                ),
            ),
        ),
        '/product/family',
    ],
]);

it('says whether a product suits a technique', function () {
    $plan = PlanKit::plan("prime primer on hull\ndecal decals on hull");
    $step = $plan->steps[1];
    $odd = new \Ulvrach\Plan\Step(
        id: $step->id,
        technique: $step->technique,
        product: 'primer',
        zones: $step->zones,
        coats: 1,
        application: $step->application,
    );

    expect(\Ulvrach\Plan\Consistency::faultsOf($odd, $plan, '/steps/0')[0])
        ->path->toBe('/steps/0/product')
        ->message->toBe('“Primer” is lacquer; “Decals” takes decal film.');
});

it('does another technique without the thinner of the one before', function () {
    $plan = PlanKit::plan('spray-colour acrylic on hull, thinned alcohol-blend');
    $step = (new ChangeTechnique('s1', 'brush-colour'))->applyTo($plan)->steps[0];

    expect([$step->technique, $step->product, $step->thinner])->toBe(['brush-colour', 'acrylic', null]);
});

it('begins a clean-up a little into its window', function () {
    $plan = (new AddStep('new', 'enamel-wash', 0, ['hull']))->applyTo(PlanKit::plan('prime primer on hull'));
    $window = TechniqueLibrary::get('enamel-wash')->cleanUp;

    expect($plan->steps[0]->cleanUp[0]->afterMinutes)->toBe($window->earliest + 10);
});

it('keeps a zone at least, since a file without one is no plan', function () {
    $all = array_map(static fn (string $id) => new RemoveZone($id), array_keys($this->plan->zones));
    $one = array_slice($all, 1);

    expect(EditCodec::apply($one, $this->plan)->zones)->toHaveCount(1)
        ->and(fn () => EditCodec::apply($all, $this->plan))->toThrow(BadPlanFile::class, 'at least one zone');
});
