<?php

declare(strict_types=1);

use App\Models\User;
use Tests\Http\Stocks;

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

it('knows what is left of a jar, since when it is open, and where it is used', function () {
    $this->putJson('/api/jars/slate', jar(['colour' => '#4a5358']))->assertCreated();
    $this->putJson('/api/shelf/slate', Stocks::of([
        'leftMl' => 8.5,
        'price' => 2.9,
        'openedOn' => '2026-01-31',
        'keepsMonths' => 1,
        'note' => ' thinned once ',
        'thinner' => 'Vellow thinner',
        'signs' => ['irritant', 'water'],
        'holdsMl' => 17,
        'isWithdrawn' => true,
        'role' => 'primer',
    ]))->assertOk();
    $standing = $this->getJson('/api/shelf')->assertOk()->json('jars.0');

    expect($standing)
        ->toMatchArray(['leftMl' => 8.5, 'price' => 2.9, 'openedOn' => '2026-01-31', 'note' => 'thinned once'])
        ->toMatchArray(['thinner' => 'Vellow thinner', 'signs' => ['irritant', 'water'], 'isWithdrawn' => true])
        ->and($standing['isFor'])
        ->toBe('primer')
        ->and($standing['goesOffOn'])
        ->toBe('2026-02-28')
        ->and($standing['isOff'])
        ->toBeTrue()
        ->and($standing['usedIn'])
        ->toBe([]);
    // A changed colour keeps what is known of the jar; what goes into plans and their files has none of it.
    $this->putJson('/api/jars/slate', jar(['colour' => '#50595e']))->assertOk();
    expect($this->getJson('/api/shelf')->json('jars.0.leftMl'))
        ->toBe(8.5)
        ->and(array_keys($this->getJson('/api/jars')->json('jars.0')))
        ->not
        ->toContain('price');
});

it('keeps one’s own numbers to oneself', function () {
    $this->putJson('/api/jars/slate', jar())->assertCreated();
    $this->actingAs(User::factory()->create());
    $stock = Stocks::of(['leftMl' => 1]);
    $this->putJson('/api/shelf/slate', $stock)->assertNotFound();

    expect($this->getJson('/api/shelf')->json('jars'))->toBe([]);
});

it('says where what is known of a jar is not as it should be', function (array $change, string $field) {
    $this->putJson('/api/jars/slate', jar())->assertCreated();
    $stock = Stocks::of(['leftMl' => 1]);
    $this->putJson('/api/shelf/slate', [...$stock, ...$change])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
})->with([
    'less than nothing' => [['leftMl' => -1], 'leftMl'],
    'a word for a price' => [['price' => 'cheap'], 'price'],
    'no day' => [['openedOn' => '31.01.2026'], 'openedOn'],
    'a role that is none' => [['role' => 'sauce'], 'role'],
    'a sign that is none' => [['signs' => ['spicy']], 'signs.0'],
    'a jar that holds nothing' => [['holdsMl' => 0], 'holdsMl'],
    'half a month' => [['keepsMonths' => 0.5], 'keepsMonths'],
    'an endless note' => [['note' => str_repeat('x', 501)], 'note'],
]);

it('writes the shelf as a table, in which nothing is computed', function () {
    $jar = jar(['name' => '=1+1', 'colour' => '#4a5358', 'opacity' => 0.9]);
    $this->putJson('/api/jars/slate', $jar)->assertCreated();
    $answer = $this->get('/api/shelf.csv')->assertOk();
    $rows = array_map(
        static fn (string $line) => str_getcsv($line, escape: ''),
        explode("\n", trim((string) $answer->getContent())),
    );

    expect($answer->headers->get('Content-Type'))
        ->toContain('text/csv')
        ->and(array_combine($rows[0], $rows[1]))
        ->toMatchArray(['name' => "'=1+1", 'colour' => '#4a5358', 'hides %' => '90']);
});

it('takes a table of jars whole or not at all, after saying what would come of it', function () {
    $this->putJson('/api/jars/slate', jar(['name' => 'Slate', 'colour' => '#4a5358']))->assertCreated();
    $send = function (string $table, bool $take) {
        return $this->postJson('/api/shelf/import', ['table' => $table, 'take' => $take]);
    };
    $good = "name;colour;left\nslate;#50595e;4,5\nBuff;#b7a37c;";
    $count = fn () => count($this->getJson('/api/shelf')->json('jars'));

    $bad = $send("{$good}\nFir;green;1", true)->assertOk();
    expect($bad->json('isTaken'))
        ->toBeFalse()
        ->and($bad->json('faults.0'))
        ->toMatchArray(['row' => 4, 'column' => 'colour'])
        ->and($count())
        ->toBe(1);
    $seen = $send($good, false)->assertOk();
    expect($seen->json('jars.0.isKnown'))->toBeTrue()->and($seen->json('isTaken'))->toBeFalse()->and($count())->toBe(1);

    expect($send($good, true)->json('isTaken'))->toBeTrue()->and($count())->toBe(2);
    $slate = collect($this->getJson('/api/shelf')->json('jars'))->firstWhere('jar.id', 'slate');
    expect($slate['leftMl'])->toBe(4.5)->and($slate['jar']['colour'])->toBe('#50595e');
    // What is written is read again with nothing lost.
    $again = $this->get('/api/shelf.csv')->getContent();
    expect($send((string) $again, true)->json('faults'))->toBe([])->and($count())->toBe(2);
});

it('refuses what is no table', function (mixed $table) {
    $this->postJson('/api/shelf/import', ['table' => $table])->assertClientError();
})->with(['nothing' => [''], 'a list' => [['name']], 'far too much' => [str_repeat('x', 1_000_001)]]);

it('writes the colours of the shelf as a palette, without what is clear', function () {
    $this->putJson('/api/jars/slate', jar(['name' => "Slate\n9", 'colour' => '#4a5358']))->assertCreated();
    $this->putJson('/api/jars/clear', jar(['name' => 'Clear']))->assertCreated();

    expect($this->get('/api/shelf.gpl')->assertOk()->getContent())
        ->toBe("GIMP Palette\nName: Shelf\nColumns: 8\n#\n 74  83  88\tSlate 9\n");
});

it('says which jars a mix is looked for among, and which can be poured', function () {
    $this->actingAs($this->modeller());
    $jars = [
        'green' => ['family' => 'waterborne-acrylic', 'carrier' => 'water', 'sheen' => 'matte', 'colour' => '#3f5a37'],
        'flakes' => ['family' => 'waterborne-acrylic', 'carrier' => 'water', 'sheen' => 'satin', 'colour' => '#8a8a8a',
            'metallic' => true],
        'clear' => ['family' => 'waterborne-acrylic', 'carrier' => 'water', 'sheen' => 'gloss', 'colour' => null],
        'fluid' => ['family' => 'chipping-fluid', 'carrier' => 'water', 'sheen' => null, 'colour' => null],
    ];
    foreach ($jars as $id => $jar) {
        $this->putJson("/api/jars/{$id}", ['name' => $id, ...$jar])->assertCreated();
    }
    $said = $this->getJson('/api/jars')->assertOk()->json();

    expect($said['mixed'])->toBe(['green'])->and($said['poured'])->toBe(['clear', 'flakes', 'green']);
});
