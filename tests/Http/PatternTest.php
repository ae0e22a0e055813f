<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function () {
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $this->step = static fn (string $id, string $technique, ?string $product = null) => [
        'id' => $id,
        'technique' => $technique,
        'product' => $product,
        'zones' => ['turret'],
    ];
    $this->lay = fn (string $build, array ...$steps) => $this->postJson("/api/builds/{$build}/edits", [
        'version' => 1,
        'edits' => array_map(
            static fn (array $step, int $at) => ['edit' => 'insert-step', 'at' => $at, 'step' => $step],
            $steps,
            array_keys($steps),
        ),
    ])->assertOk();
});

it('keeps a plan as a pattern, replaces it under its name, and lets it go', function () {
    $this->postJson("/api/builds/{$this->id}/pattern", ['name' => 'Quick'])->assertJsonValidationErrorFor('name');
    ($this->lay)($this->id, ($this->step)('look', 'look-over'));
    $kept = $this->postJson("/api/builds/{$this->id}/pattern", ['name' => ' Quick '])->assertCreated();
    $this->postJson("/api/builds/{$this->id}/pattern", ['name' => 'Quick'])->assertJson(['id' => $kept->json('id')]);
    $this->postJson("/api/builds/{$this->id}/pattern", ['name' => ''])->assertJsonValidationErrorFor('name');
    $all = $this->getJson('/api/patterns')->assertOk();

    expect(unlikeTheContract($kept, 'pattern'))->toBe([])
        ->and(unlikeTheContract($all, 'patterns'))->toBe([])
        ->and($all->json('patterns'))->toBe([['id' => $kept->json('id'), 'name' => 'Quick']]);
    $this->deleteJson("/api/patterns/{$kept->json('id')}")->assertNoContent();
    expect($this->getJson('/api/patterns')->json('patterns'))->toBe([]);
});

it('takes steps from a pattern, as they were when it was kept, also when the build has gone', function () {
    ($this->lay)($this->id, ($this->step)('look', 'look-over'));
    $pattern = $this->postJson("/api/builds/{$this->id}/pattern", ['name' => 'Quick'])->json('id');
    $this->deleteJson("/api/builds/{$this->id}")->assertNoContent();
    $other = $this->startBuild($this->user)->json('id');
    $brief = ['base' => '#566043', 'scheme' => 'plain', 'season' => 'summer', 'weather' => 'dry',
        'driving' => 'road', 'ambition' => 'weeks'];
    $draft = $this->postJson("/api/builds/{$other}/draft", ['brief' => $brief, 'from' => $pattern])->assertOk();

    expect(array_column($draft->json('steps'), 'technique'))->toBe(['Look it over']);
    $this->actingAs(User::factory()->create());
    $this->deleteJson("/api/patterns/{$pattern}")->assertNotFound();
    expect($this->getJson('/api/patterns')->json('patterns'))->toBe([]);
});

it('shows what steps come to on other builds, and lays them there with an undo of their own', function () {
    $other = $this->startBuild($this->user)->json('id');
    ($this->lay)($this->id, ($this->step)('look', 'look-over'), ($this->step)('fit', 'dry-fit'));
    $looked = $this->postJson("/api/builds/{$this->id}/spread/look", ['steps' => ['fit']])->assertOk();

    expect(unlikeTheContract($looked, 'spread'))->toBe([])
        ->and($looked->json('builds'))->toHaveCount(1)
        ->and($looked->json('builds.0.id'))->toBe($other)
        ->and($looked->json('builds.0.steps'))->toBe([
            ['technique' => 'Fit it dry and measure', 'zones' => ['Turret'], 'number' => 1],
        ]);
    $this->postJson("/api/builds/{$this->id}/spread", ['steps' => ['fit'], 'onto' => [$other]])->assertNoContent();
    $after = $this->getJson("/api/builds/{$other}");

    expect($after->json('plan.steps.0.technique'))->toBe('dry-fit')
        ->and($after->json('undo'))->toContain('As on');
    $this->postJson("/api/builds/{$other}/undo", ['version' => $after->json('version')])->assertOk();
    expect($this->getJson("/api/builds/{$other}")->json('plan.steps'))->toBe([]);
});

it('lays nothing on builds of others, on itself, or of steps that are not there', function () {
    ($this->lay)($this->id, ($this->step)('fit', 'dry-fit'));
    $theirs = $this->startBuild($this->modeller())->json('id');
    $this->actingAs($this->user);
    $own = $this->startBuild($this->user)->json('id');
    $spread = fn (array $steps, array $onto) => $this->postJson(
        "/api/builds/{$this->id}/spread",
        ['steps' => $steps, 'onto' => $onto],
    );
    $spread(['fit'], [$own, $theirs])->assertJsonValidationErrorFor('onto');
    $spread(['fit'], [$this->id])->assertJsonValidationErrorFor('onto');
    $spread(['wash'], [$own])->assertJsonValidationErrorFor('steps');
    $spread(['fit'], [])->assertJsonValidationErrorFor('onto');

    expect($this->getJson("/api/builds/{$own}")->json('plan.steps'))->toBe([]);
    $this->actingAs(User::factory()->create());
    $spread(['fit'], [$own])->assertNotFound();
});
