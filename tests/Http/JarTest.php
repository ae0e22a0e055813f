<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function () {
    $this->actingAs(User::factory()->create());
});

/** @return array<string, mixed> */
function jar(array $changes = []): array
{
    return ['name' => 'Vellow 40 slate', 'family' => 'waterborne-acrylic', 'carrier' => 'water', ...$changes];
}

it('keeps a jar, changes it, and throws it away', function () {
    $this->putJson('/api/jars/slate', jar(['colour' => '#4a5358']))->assertCreated();
    $this->putJson('/api/jars/slate', jar(['colour' => '#50595e', 'metallic' => true]))->assertOk();

    expect($this->getJson('/api/jars')->json('jars'))
        ->toHaveCount(1)
        ->and($this->getJson('/api/jars')->json('jars.0'))
        ->toMatchArray(['id' => 'slate', 'colour' => '#50595e', 'metallic' => true]);
    $this->deleteJson('/api/jars/slate')->assertNoContent();
    $this->deleteJson('/api/jars/slate')->assertNoContent();
    expect($this->getJson('/api/jars')->json('jars'))->toBe([]);
});

it('shows and changes nobody else’s', function () {
    $this->putJson('/api/jars/slate', jar())->assertCreated();
    $this->actingAs(User::factory()->create());

    expect($this->getJson('/api/jars')->json('jars'))->toBe([]);
    $this->putJson('/api/jars/slate', jar(['name' => 'Another slate']))->assertCreated();
    $this->deleteJson('/api/jars/slate')->assertNoContent();
    $this->actingAs(User::query()->orderBy('id')->firstOrFail());
    expect($this->getJson('/api/jars')->json('jars.0.name'))->toBe('Vellow 40 slate');
});

it('says where a jar is not as it should be', function (mixed $body, string $path) {
    $this->json('PUT', '/api/jars/slate', $body)->assertUnprocessable()->assertJsonPath('faults.0.path', $path);
})->with([
    'no family' => [['name' => 'Slate'], '/family'],
    'a colour that is none' => [jar(['colour' => 'slate']), '/colour'],
    'a family that is none' => [jar(['family' => 'gravy']), '/family'],
    'an empty name' => [jar(['name' => ' ']), '/name'],
    'no object' => [[1, 2], ''],
]);

it('asks who is there', function () {
    $this->app['auth']->forgetGuards();
    $this->assertGuest();
    $this->getJson('/api/jars')->assertUnauthorized();
    $this->putJson('/api/jars/slate', jar())->assertUnauthorized();
});

it('is taken for a new step before what everybody begins with', function () {
    $this->putJson('/api/jars/own-wash', jar([
        'name' => 'Own dark wash',
        'family' => 'enamel',
        'carrier' => 'odourless-spirit',
        'colour' => '#3b2f24',
    ]))->assertCreated();
    $state = $this->postJson('/api/builds', [
        'name' => 'Ostrel',
        'vehicle' => 'Ostrel',
        'kind' => 'tank',
        'scale' => 35,
    ])->json();
    $edited = $this->postJson("/api/builds/{$state['id']}/edits", [
        'version' => 1,
        'edits' => [['edit' => 'add-step', 'id' => 'wash', 'technique' => 'enamel-wash', 'at' => 0]],
    ])->assertOk();

    expect($edited->json('plan.steps.0.product'))->toBe('own-wash');
});

it('says where a new step of each technique goes', function () {
    $state = $this->postJson('/api/builds', [
        'name' => 'Ostrel',
        'vehicle' => 'Ostrel',
        'kind' => 'tank',
        'scale' => 35,
    ])->json();
    $placing = $this->getJson("/api/builds/{$state['id']}/placing?at=0")->assertOk()->json();
    $tracks = array_column($placing, 'zones', 'technique')['track-base'];
    $kinds = array_column($state['plan']['zones'], 'kind', 'id');

    expect($tracks)->not->toBe([]);
    foreach ($tracks as $zone) {
        expect($kinds[$zone])->toBeIn(['tracks', 'spare-links']);
    }
});
