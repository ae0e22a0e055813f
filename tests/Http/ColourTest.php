<?php

declare(strict_types=1);

use App\Models\User;

/** @return array<string, mixed> an edit that brings a jar into the plan */
function jarOfPlan(string $id, string $family, string $colour, ?string $sheen = null): array
{
    return [
        'edit' => 'put-product',
        'product' => [
            'id' => $id,
            'name' => $id,
            'family' => $family,
            'carrier' => $family === 'waterborne-acrylic' ? 'water' : 'odourless-spirit',
            'sheen' => $sheen,
            'colour' => $colour,
        ],
    ];
}

beforeEach(function () {
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $panel = static fn (string $id, string $name, string ...$beside) => ['id' => $id, 'name' => $name,
        'neighbours' => $beside];
    $steps = [
        ['id' => 'base', 'technique' => 'spray-colour', 'product' => 'green', 'zones' => ['turret']],
        ['id' => 'wash', 'technique' => 'enamel-wash', 'product' => 'faint', 'zones' => ['turret']],
        ['id' => 'tint', 'technique' => 'oil-dots', 'product' => 'umber', 'zones' => ['turret']],
        ['id' => 'look', 'technique' => 'look-over', 'product' => null, 'zones' => ['turret']],
    ];
    $turret = collect($this->getJson("/api/builds/{$this->id}")->json('plan.zones'))->firstWhere('id', 'turret');
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => [
            ['edit' => 'put-zone', 'zone' => [...$turret, 'panels' => [
                $panel('roof', 'Roof', 'left', 'right'),
                $panel('left', 'Left side', 'right'),
                $panel('right', 'Right side'),
            ]]],
            jarOfPlan('green', 'waterborne-acrylic', '#566043', 'matte'),
            jarOfPlan('faint', 'enamel', '#4d563c'),
            jarOfPlan('umber', 'artist-oil', '#4d3523', 'satin'),
            ...array_map(
                static fn (array $step, int $at) => ['edit' => 'insert-step', 'at' => $at, 'step' => $step],
                $steps,
                array_keys($steps),
            ),
        ],
    ])->assertOk();
    foreach (['cream' => '#e6dcc2', 'sienna' => '#9a6b3a'] as $id => $colour) {
        $this->putJson("/api/jars/{$id}", ['name' => $id, 'family' => 'artist-oil', 'carrier' => 'odourless-spirit',
            'sheen' => 'satin', 'colour' => $colour])->assertCreated();
    }
    $this->putJson('/api/jars/dark-wash', ['name' => 'Dark wash', 'family' => 'enamel',
        'carrier' => 'odourless-spirit', 'colour' => '#35291f'])->assertCreated();
});

it('lays every jar on the ground of a step, and one that reads is taken with what it brings', function () {
    $answer = $this->getJson("/api/builds/{$this->id}/steps/wash/jars?zone=turret")->assertOk();
    expect(unlikeTheContract($answer, 'jarChoices'))->toBe([])
        ->and($answer->json('place'))->toBe('recess');
    $jars = collect($answer->json('jars'));
    [$dark, $faint] = [$jars->firstWhere('jar', 'dark-wash'), $jars->firstWhere('jar', 'faint')];
    expect($dark['atEnd'])->toBeGreaterThan($faint['atEnd'] + 4)
        ->and($jars->pluck('atEnd')->all())->toBe($jars->sortByDesc('atEnd')->pluck('atEnd')->values()->all())
        // A wash is not made with a stick or a sheet, nor with something that has no colour.
        ->and($jars->pluck('family')->unique()->diff(['enamel', 'artist-oil'])->all())->toBe([]);

    $taken = $this->postJson("/api/builds/{$this->id}/edits", ['version' => 2, 'edits' => $dark['edits']])->assertOk();
    $wash = collect($taken->json('plan.steps'))->firstWhere('id', 'wash');
    expect($wash['product'])->toBe('dark-wash')
        ->and(collect($taken->json('plan.products'))->pluck('id'))->toContain('dark-wash');
});

it('has nothing to compare where a step shows no colour, and does not know what is not there', function () {
    $this->getJson("/api/builds/{$this->id}/steps/look/jars")
        ->assertOk()
        ->assertJsonPath('place', null)
        ->assertJsonPath('jars', []);
    $this->getJson("/api/builds/{$this->id}/steps/nowhere/jars")->assertNotFound();
    // A zone that the step does not go on is passed over.
    $this->getJson("/api/builds/{$this->id}/steps/wash/jars?zone=hull-top")->assertJsonPath('zone', 'turret');
});

it('gives three panels that meet three mixes, keeps what is locked, and puts them in place of the step', function () {
    $ask = fn (array $more = []) => $this->postJson(
        "/api/builds/{$this->id}/steps/tint/panel-mixes",
        ['jars' => ['umber', 'cream', 'sienna'], 'band' => 'strongly', ...$more],
    );
    $answer = $ask(['locked' => ['roof' => 1]])->assertOk();
    expect(unlikeTheContract($answer, 'panelMixes'))->toBe([])
        ->and($answer->json('mixes'))->toHaveCount(7)
        ->and($answer->json('alike'))->toBe(0)
        ->and($answer->json('mostUsed'))->toBe(1)
        ->and($answer->json('mixes.1.panels.0.id'))->toBe('roof');

    $put = $this->postJson("/api/builds/{$this->id}/edits", ['version' => 2, 'edits' => $answer->json('edits')]);
    $steps = collect($put->assertOk()->json('plan.steps'))->where('technique', 'oil-dots');
    expect($steps)->toHaveCount(3)
        ->and($steps->pluck('extent.panels')->flatten()->sort()->values()->all())->toBe(['left', 'right', 'roof'])
        ->and($steps->pluck('product')->unique())->toHaveCount(3)
        ->and(collect($put->json('verdict.findings'))->pluck('code'))->not->toContain('neighbours-alike');
});

it('begins with tones of the jar of the step where nobody has chosen, and knows its bands', function () {
    $address = "/api/builds/{$this->id}/steps/tint/panel-mixes";
    $answer = $this->postJson($address, ['jars' => []])->assertOk()->assertJsonPath('chosen.0', 'umber');
    expect(unlikeTheContract($answer, 'panelMixes'))->toBe([])
        ->and($answer->json('alike'))->toBe(0)
        ->and($answer->json('least'))->toBeGreaterThanOrEqual(2.0)->toBeLessThanOrEqual(8.0);
    $this->postJson($address, ['jars' => ['umber'], 'band' => 'loudly'])->assertJsonValidationErrors('band');
});

it('says what is wrong with the jars that were chosen, at the jars', function (array $body) {
    $this->postJson("/api/builds/{$this->id}/steps/tint/panel-mixes", $body)->assertJsonValidationErrors('jars');
})->with([
    'none' => [[]],
    'strangers' => [['jars' => ['umber', 'green']]],
    'not there' => [['jars' => ['of-nobody']]],
    'a wash, which is no paint' => [['jars' => ['faint']]],
    'too many' => [['jars' => ['a', 'b', 'c', 'd', 'e', 'f', 'g']]],
]);

it('has no panels to tint where the zones have none, and shows nobody another’s plan', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => 2, 'edits' => [['edit' => 'insert-step', 'at' => 3,
        'step' => ['id' => 'other', 'technique' => 'oil-dots', 'product' => 'umber', 'zones' => ['glacis']]]],
    ])->assertOk();
    $this->postJson("/api/builds/{$this->id}/steps/other/panel-mixes", ['jars' => ['umber']])
        ->assertJsonValidationErrors(['jars' => 'have no panels']);
    $this->actingAs(User::factory()->create());
    $this->getJson("/api/builds/{$this->id}/steps/wash/jars")->assertNotFound();
    $this->postJson("/api/builds/{$this->id}/steps/tint/panel-mixes", ['jars' => ['umber']])->assertNotFound();
});
