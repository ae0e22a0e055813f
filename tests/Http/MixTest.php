<?php

declare(strict_types=1);

use App\Models\User;

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
