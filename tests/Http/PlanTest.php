<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\PlanRevision;

beforeEach(function () {
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $this->edit = fn (array $edits, int $version = 1) => $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => $version,
        'edits' => $edits,
    ]);
});

it('saves every edit at once and judges the plan', function () {
    ($this->edit)([$this->primerJar(), $this->primer()])
        ->assertOk()
        ->assertJsonPath('version', 2)
        ->assertJsonPath('undo', 'Add Prime');
    $this->getJson("/api/builds/{$this->id}")
        ->assertJsonPath('plan.steps.0.id', 'first')
        ->assertJsonPath('verdict.summary.stops', 0);
});

it('undoes and redoes step by step, also after a reload', function () {
    ($this->edit)([$this->primerJar(), $this->primer()]);
    ($this->edit)([$this->primer('second', 'glacis')], 2)->assertJsonCount(2, 'plan.steps');
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 3])
        ->assertOk()
        ->assertJsonCount(1, 'plan.steps')
        ->assertJsonPath('redo', 'Add Prime');
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 4])->assertJsonCount(0, 'plan.steps');
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 5])
        ->assertConflict()
        ->assertJsonPath('message', 'There is nothing left to undo.');
    $this->postJson("/api/builds/{$this->id}/redo", ['version' => 5])->assertJsonCount(1, 'plan.steps');
    $this->postJson("/api/builds/{$this->id}/redo", ['version' => 6])->assertJsonCount(2, 'plan.steps');
    $this->postJson("/api/builds/{$this->id}/redo", ['version' => 7])->assertConflict();
});

it('lets a new edit after an undo take the place of what was undone', function () {
    ($this->edit)([$this->primerJar(), $this->primer()]);
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 2]);
    ($this->edit)([$this->primerJar(), $this->primer('other', 'glacis')], 3)->assertJsonPath('redo', null);
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 4])->assertJsonPath('redo', 'Add Prime');
    $this->postJson("/api/builds/{$this->id}/redo", ['version' => 5])->assertJsonPath('plan.steps.0.id', 'other');
});

it('refuses a change made on an outdated version, and shows the present one', function () {
    ($this->edit)([$this->primerJar(), $this->primer()]);
    ($this->edit)([$this->primer('second', 'glacis')], 1)
        ->assertConflict()
        ->assertJsonPath('current.version', 2)
        ->assertJsonPath('current.plan.steps.0.id', 'first');
    $this->getJson("/api/builds/{$this->id}")->assertJsonCount(1, 'plan.steps');
});

it('previews a change without keeping it', function () {
    $preview = $this->postJson("/api/builds/{$this->id}/preview", ['edits' => [$this->primerJar(), $this->primer()]])
        ->assertOk()
        ->assertJsonCount(1, 'plan.steps')
        ->json('verdict.zones');
    expect(array_column($preview, 'layers', 'id')['turret'][0]['step'])->toBe('first');
    $this->getJson("/api/builds/{$this->id}")
        ->assertJsonCount(0, 'plan.steps')
        ->assertJsonPath('version', 1);
});

it('offers proved remedies, and mends the plan with one of them', function () {
    $soft = [
        'id' => 'soft',
        'technique' => 'spray-colour',
        'product' => 'primer',
        'zones' => ['turret'],
        'waitMinutes' => 1,
    ];
    $state = ($this->edit)([
        $this->primerJar(),
        $this->primer(),
        ['edit' => 'insert-step', 'at' => 1, 'step' => $soft],
    ])->json();
    $finding =
        collect($state['verdict']['findings'])->firstWhere('code', 'too-early') ?? $state['verdict']['findings'][0];
    $remedy = $this->getJson("/api/builds/{$this->id}/remedies/{$finding['key']}")
        ->assertOk()
        ->assertJsonPath('version', 2)
        ->json('remedies.0');
    $after = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 2,
        'edits' => $remedy['edits'],
        'label' => $remedy['label'],
    ])
        ->assertOk()
        ->assertJsonPath('undo', $remedy['label'])
        ->json('verdict.findings');
    expect(array_column($after, 'code'))->not->toContain($finding['code']);
    $this->getJson("/api/builds/{$this->id}/remedies/{$finding['key']}")->assertNotFound();
});

it('names the field of an edit that does not fit', function (mixed $edits, string $path) {
    $answer = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => $edits,
    ])->assertUnprocessable();
    expect(array_column($answer->json('faults'), 'path'))->toContain($path);
    $this->getJson("/api/builds/{$this->id}")->assertJsonPath('version', 1);
})->with([
    'nothing at all' => [null, '/edits'],
    'an empty list' => [[], '/edits'],
    'an unknown edit' => [[['edit' => 'explode']], '/edits/0/edit'],
    'a step without a technique' => [
        [['edit' => 'insert-step', 'at' => 0, 'step' => ['id' => 'a', 'zones' => []]]],
        '/edits/0/step/technique',
    ],
    'negative coats' => [
        [
            [
                'edit' => 'insert-step',
                'at' => 0,
                'step' => ['id' => 'a', 'technique' => 'lift-off', 'zones' => [], 'coats' => -3],
            ],
        ],
        '/edits/0/step/coats',
    ],
    'a product of somebody else' => [
        [
            [
                'edit' => 'insert-step',
                'at' => 0,
                'step' => ['id' => 'a', 'technique' => 'prime', 'product' => 'theirs', 'zones' => []],
            ],
        ],
        '/edits/0/step/product',
    ],
    'a step that is not there' => [[['edit' => 'remove-step', 'id' => 'gone']], '/edits/0/id'],
    'a huge note' => [
        [
            [
                'edit' => 'insert-step',
                'at' => 0,
                'step' => ['id' => 'a', 'technique' => 'lift-off', 'zones' => [], 'note' => str_repeat('x', 100_000)],
            ],
        ],
        '/edits/0/step/note',
    ],
    'too hot a room' => [
        [['edit' => 'set-bench', 'bench' => ['temperatureC' => 400, 'humidityPercent' => 50]]],
        '/edits/0/bench/temperatureC',
    ],
]);

it('saves all edits of a request or none', function () {
    ($this->edit)([
        $this->primerJar(),
        $this->primer(),
        ['edit' => 'remove-step', 'id' => 'gone'],
    ])->assertUnprocessable();
    $this->getJson("/api/builds/{$this->id}")
        ->assertJsonCount(0, 'plan.steps')
        ->assertJsonCount(0, 'plan.products');
});

it('asks for the version as a whole number', function (mixed $version) {
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => $version, 'edits' => [$this->primerJar()]])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('version');
})->with([null, 'two', 1.5, [[]], -1]);

it('keeps texts as they were typed', function () {
    $jar = $this->primerJar();
    $jar['product']['name'] = '  Fennick "grey" <b>ærø</b> ';
    ($this->edit)([$jar])
        ->assertOk()
        ->assertJsonPath('plan.products.0.name', '  Fennick "grey" <b>ærø</b> ');
});

it('looks now and then for revisions beyond five hundred, and goes on without them', function () {
    ($this->edit)([$this->primerJar(), $this->primer()]);
    $row = PlanRevision::query()->latest('id')->firstOrFail();
    foreach (range(1, 505) as $ignored) {
        $row = PlanRevision::query()->create([
            'build_id' => $this->id,
            'parent_id' => $row->id,
            'label' => 'Change',
            'document' => $row->document,
        ]);
    }
    Build::query()
        ->whereKey($this->id)
        ->update(['head_id' => $row->id, 'version' => 549]);
    ($this->edit)([$this->primer('second', 'glacis')], 549)->assertOk();
    expect(PlanRevision::query()->count())->toBe(508);
    ($this->edit)([$this->primer('third', 'glacis')], 550)->assertOk();
    expect(PlanRevision::query()->count())
        ->toBe(500)
        ->and(PlanRevision::query()->oldest('id')->first()?->parent_id)
        ->toBeNull();
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 551])
        ->assertOk()
        ->assertJsonCount(2, 'plan.steps');
});
