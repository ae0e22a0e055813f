<?php

declare(strict_types=1);

use App\Models\User;
use Tests\Http\Stocks;

beforeEach(function () {
    $this->actingAs(User::factory()->create());
    foreach (['white' => '#e8e6dd', 'green' => '#3f5a37', 'ochre' => '#b58a3c'] as $id => $colour) {
        $this->putJson("/api/jars/{$id}", [
            'name' => $id,
            'family' => 'waterborne-acrylic',
            'carrier' => 'water',
            'sheen' => 'matte',
            'colour' => $colour,
        ])->assertCreated();
    }
});

/** @return array<string, mixed> */
function cup(array $changes = []): array
{
    return [
        'parts' => [['jar' => 'green', 'parts' => 3], ['jar' => 'white', 'parts' => 1]],
        'share' => 1,
        ...$changes,
    ];
}

it('finds the mix that comes closest, from the jars that one owns', function () {
    $own = $this->postJson('/api/mixes/closest', ['wanted' => '#3f5a37'])->assertOk();
    $between = $this->postJson('/api/mixes/closest', ['wanted' => '#7f8f6f', 'jars' => 2, 'parts' => 8]);

    expect($own->json('answers.0.parts'))
        ->toBe([['jar' => 'green', 'parts' => 1]])
        ->and($own->json('isReached'))
        ->toBeTrue()
        ->and($own->json('answers.0.says'))
        ->toBe('not to be told apart')
        ->and(max(array_map(static fn ($answer) => count($answer['parts']), $between->json('answers'))))
        ->toBe(2);
    $lab = $this->postJson('/api/mixes/closest', ['wanted' => '35,2 -16,4 15,1'])->assertOk();
    expect($lab->json('answers'))->not->toBe([]);
});

it('says when nothing on the shelf comes close, and when there is nothing on it', function () {
    expect($this->postJson('/api/mixes/closest', ['wanted' => '#1010c0'])->json('isReached'))->toBeFalse();
    $this->actingAs(User::factory()->create());
    $this->postJson('/api/mixes/closest', ['wanted' => '#1010c0'])
        ->assertOk()
        ->assertJsonPath('answers', [])
        ->assertJsonPath('isReached', false);
});

it('shows a cup on its ground coat by coat, nearer to its own colour each time, thinned more slowly', function () {
    $left = fn (float $share) => array_column(
        $this->postJson('/api/mixes/look', cup(['share' => $share, 'ground' => '#202020']))->json('coats'),
        'left',
    );
    $sorted = $left(1.0);
    rsort($sorted);

    expect($left(1.0))->toBe($sorted)->and($left(0.3)[2])->toBeGreaterThan($left(1.0)[2]);
});

it('fills a jar with a mix, both or neither', function () {
    $mix = $this->postJson('/api/mixes', cup(['name' => 'Faded green', 'fills' => true]))->assertCreated();
    $jars = array_column($this->getJson('/api/jars')->json('jars'), null, 'id');
    $jar = $jars[$mix->json('jar')];
    $this->postJson('/api/mixes', cup(['name' => 'Kept alone']))->assertCreated();
    $this->postJson('/api/mixes', cup(['name' => '', 'fills' => true]))->assertUnprocessable();

    expect($jar['name'])
        ->toBe('Faded green')
        ->and($jar['colour'])
        ->toBe($mix->json('colour'))
        ->and($jar['family'])
        ->toBe('waterborne-acrylic')
        ->and($this->getJson('/api/jars')->json('jars'))
        ->toHaveCount(4);
});

it('keeps a mix with its jars as they were, also when they are gone', function () {
    $id = $this->postJson('/api/mixes', cup(['name' => ' Faded green ', 'wanted' => '#5f7557']))
        ->assertCreated()
        ->assertJsonPath('name', 'Faded green')
        ->json('id');
    $this->deleteJson('/api/jars/green');
    $kept = $this->getJson('/api/mixes')->json('mixes.0');

    expect($kept['parts'][0]['jar'])
        ->toMatchArray(['id' => 'green', 'colour' => '#3f5a37'])
        ->and($kept['wanted'])
        ->toBe('#5f7557')
        ->and($kept['colour'])
        ->toMatch('/^#[0-9a-f]{6}$/');
    $this->postJson('/api/mixes/look', cup())->assertJsonValidationErrorFor('parts.0.jar');

    $this->actingAs(User::factory()->create());
    expect($this->getJson('/api/mixes')->json('mixes'))->toBe([]);
    $this->deleteJson("/api/mixes/{$id}")->assertNoContent();
    $this->actingAs(User::query()->orderBy('id')->firstOrFail());
    expect($this->getJson('/api/mixes')->json('mixes'))->toHaveCount(1);
    $this->deleteJson("/api/mixes/{$id}")->assertNoContent();
    expect($this->getJson('/api/mixes')->json('mixes'))->toBe([]);
});

it('says where a wish or a cup is not as it should be', function (string $to, array $body, string $field) {
    $this->postJson("/api/mixes{$to}", $body)->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    'no colour' => ['/closest', [], 'wanted'],
    'a colour that is none' => ['/closest', ['wanted' => 'olive'], 'wanted'],
    'lightness beyond white' => ['/closest', ['wanted' => '120 0 0'], 'wanted'],
    'a family that is not mixed' => ['/closest', ['wanted' => '#222222', 'families' => ['salt']], 'families.0'],
    'too many jars' => ['/closest', ['wanted' => '#222222', 'jars' => 4], 'jars'],
    'a list for a colour' => ['/closest', ['wanted' => ['#222222']], 'wanted'],
    'an empty cup' => ['/look', cup(['parts' => []]), 'parts'],
    'half a part' => ['/look', cup(['parts' => [['jar' => 'green', 'parts' => 0.5]]]), 'parts.0.parts'],
    'a jar twice' => [
        '/look',
        cup(['parts' => [['jar' => 'green', 'parts' => 1], ['jar' => 'green', 'parts' => 2]]]),
        'parts.0.jar',
    ],
    'a stranger’s jar' => ['/look', cup(['parts' => [['jar' => 'plum', 'parts' => 1]]]), 'parts.0.jar'],
    'nothing but thinner' => ['/look', cup(['share' => 0]), 'share'],
    'a ground that is none' => ['/look', cup(['ground' => 'mud']), 'ground'],
    'no name' => ['', cup(), 'name'],
]);

it('makes lighter and darker tones of a cup, by jar', function () {
    $lighter = $this->postJson('/api/mixes/tones', cup(['to' => 'lighter']))->assertOk();

    expect(unlikeTheContract($lighter, 'cupTones'))->toBe([])
        ->and($lighter->json('ladders.0.jar'))->toBe('white')
        ->and($lighter->json('ladders.0.rungs'))->toHaveCount(7)
        ->and($lighter->json('ladders.0.rungs.6.lighter'))->toBeGreaterThan(8);
    $this->postJson('/api/mixes/tones', cup(['to' => 'bluer']))->assertJsonValidationErrors('to');
    $this->postJson('/api/mixes/tones', cup(['parts' => [], 'to' => 'darker']))->assertJsonValidationErrors('parts');
});

it('names the jar that would help most where nothing comes near', function () {
    $answer = $this->postJson('/api/mixes/closest', ['wanted' => '#b3261e'])->assertOk();

    expect($answer->json('isReached'))->toBeFalse()
        ->and($answer->json('missing.word'))->toBe('red')
        ->and($answer->json('missing.difference'))->toBeLessThan($answer->json('answers.0.difference'));
});

it('remembers what a mix was before it was changed, and pours it into another as if it were a jar', function () {
    $id = $this->postJson('/api/mixes', cup(['name' => 'Faded', 'share' => 0.5]))->assertCreated()->json('id');
    $changed = $this->putJson("/api/mixes/{$id}", cup([
        'name' => 'Faded',
        'note' => 'paler',
        'parts' => [['jar' => 'green', 'parts' => 2], ['jar' => 'white', 'parts' => 1]],
    ]))->assertOk();
    $same = $this->putJson("/api/mixes/{$id}", cup([
        'name' => 'Faded green',
        'parts' => [['jar' => 'green', 'parts' => 2], ['jar' => 'white', 'parts' => 1]],
    ]))->assertOk();

    expect(unlikeTheContract($same, 'savedMix'))->toBe([])
        ->and($changed->json('history'))->toHaveCount(1)
        ->and($changed->json('history.0.parts.0.parts'))->toBe(3)
        ->and($changed->json('history.0.share'))->toBe(0.5)
        // Another name is no other cup.
        ->and($same->json('history'))->toHaveCount(1)
        ->and($same->json('jar'))->toBe("mix-{$id}");
    $poured = $this->postJson('/api/mixes', cup([
        'name' => 'Warm',
        'parts' => [['jar' => "mix-{$id}", 'parts' => 3], ['jar' => 'ochre', 'parts' => 1]],
        'retarder' => 0.05,
    ]))->assertCreated();
    $flat = $this->postJson('/api/mixes/look', cup(['parts' => [
        ['jar' => 'green', 'parts' => 6],
        ['jar' => 'white', 'parts' => 3],
        ['jar' => 'ochre', 'parts' => 3],
    ]]));
    expect($poured->json('parts.0.of'))->toBe([['name' => 'green', 'parts' => 2], ['name' => 'white', 'parts' => 1]])
        ->and($poured->json('parts.0.jar.name'))->toBe('Faded green')
        ->and($poured->json('colour'))->toBe($flat->json('colour'));
    // No mix is part of itself, nobody changes another person's, and none that is not there.
    $this->putJson("/api/mixes/{$id}", cup(['name' => 'x', 'parts' => [['jar' => "mix-{$id}", 'parts' => 1]]]))
        ->assertJsonValidationErrorFor('parts.0.jar');
    $this->actingAs(User::factory()->create());
    $this->putJson('/api/jars/green', [
        'name' => 'green',
        'family' => 'enamel',
        'carrier' => 'white-spirit',
        'sheen' => 'matte',
        'colour' => '#3f5a37',
    ])->assertCreated();
    $own = ['name' => 'x', 'parts' => [['jar' => 'green', 'parts' => 1]]];
    $this->putJson("/api/mixes/{$id}", cup($own))->assertNotFound();
    $this->postJson('/api/mixes/look', cup(['parts' => [['jar' => "mix-{$id}", 'parts' => 1]]]))
        ->assertJsonValidationErrorFor('parts.0.jar');
});

it('says what a cup costs, how far it lasts, and how much an area takes', function () {
    $stock = fn (array $more) => Stocks::of(['price' => 3.4, 'holdsMl' => 17, ...$more]);
    $this->putJson('/api/shelf/green', $stock(['leftMl' => 9]))->assertOk();
    $this->putJson('/api/shelf/white', $stock(['leftMl' => 2]))->assertOk();
    $look = $this->postJson('/api/mixes/look', cup(['areaCm2' => 120, 'coats' => 2]))->assertOk();

    expect(unlikeTheContract($look, 'cupLook'))->toBe([])
        ->and($look->json('perMl'))->toBe(0.2)
        ->and($look->json('lastsMl'))->toEqual(8.0)
        ->and($look->json('scarcest'))->toBe('white')
        ->and($look->json('sheen'))->toBe('matte')
        // 1.2 dm² by 0.25 ml by two coats, of which six tenths arrive, and what stays in the cup.
        ->and($look->json('needMl'))->toBe(1.4)
        ->and($this->postJson('/api/mixes/look', cup())->json('needMl'))->toBeNull();
    $this->postJson('/api/mixes/look', cup(['areaCm2' => 0]))->assertJsonValidationErrorFor('areaCm2');
    $this->postJson('/api/mixes/look', cup(['application' => 'roller']))->assertJsonValidationErrorFor('application');
    $closest = $this->postJson('/api/mixes/closest', ['wanted' => '#3f5a37'])->assertOk();
    expect(unlikeTheContract($closest, 'closestMixes'))->toBe([])
        ->and($closest->json('answers.0.lastsMl'))->toEqual(9.0);
});

it('finds the kept mix that comes nearest to a colour, and knows which steps still need it', function () {
    $this->postJson('/api/mixes', cup(['name' => 'Green']))->assertCreated();
    $this->postJson('/api/mixes', cup(['name' => 'Ochre', 'parts' => [['jar' => 'ochre', 'parts' => 1]]]));
    $names = fn (string $near) => array_column($this->getJson("/api/mixes?near={$near}")->json('mixes'), 'name');

    expect($names('%233f5a37'))->toBe(['Green', 'Ochre'])
        ->and($names('%23b58a3c'))->toBe(['Ochre', 'Green'])
        ->and($names('nothing'))->toHaveCount(2);
    $this->artisan('ulvrach:demo');
    $this->actingAs(User::query()->whereHas('builds')->firstOrFail());
    $mixes = collect($this->getJson('/api/mixes')->assertOk()->json('mixes'));
    $used = $mixes->firstWhere('name', 'Island green, faded');
    expect($used['usedIn'])->not->toBe([])
        ->and($used['usedIn'][0]['isDone'])->toBeTrue()
        ->and($mixes->firstWhere('name', 'Canvas, new')['usedIn'])->toBe([]);
});

it('writes the mixes as a table, and takes them again, all or nothing', function () {
    $this->postJson('/api/mixes', cup(['name' => 'Faded', 'share' => 0.5, 'wanted' => '#5f7557']))->assertCreated();
    $table = (string) $this->get('/api/mixes.csv')->assertOk()->getContent();
    $take = fn (string $table, bool $isTaken = true) => $this->postJson(
        '/api/mixes/import',
        ['table' => $table, 'take' => $isTaken],
    );
    // What is there already stays once.
    $take($table)->assertOk()->assertJsonPath('mixes.0.isKnown', true);
    expect($this->getJson('/api/mixes')->json('mixes'))->toHaveCount(1);
    $more = $table."Warm,3 Faded + 1 ochre\n";
    $bad = $take($more."Cold,1 plum\n")->assertOk();
    expect(unlikeTheContract($bad, 'recipeTable'))->toBe([])
        ->and($bad->json('isTaken'))->toBeFalse()
        ->and($bad->json('faults.0'))->toBe(['row' => 4, 'message' => '“plum” is neither a jar of yours nor a mix.'])
        ->and($this->getJson('/api/mixes')->json('mixes'))->toHaveCount(1);
    $take($more, false)->assertJsonPath('isTaken', false);
    $take($more)->assertJsonPath('isTaken', true);
    expect($this->getJson('/api/mixes')->json('mixes'))->toHaveCount(2);
    $take('')->assertJsonValidationErrorFor('table');
});
