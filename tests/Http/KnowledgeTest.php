<?php

declare(strict_types=1);

beforeEach(function () {
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $steps = [
        ['id' => 'first', 'technique' => 'prime', 'product' => 'primer', 'zones' => ['turret']],
        [
            'id' => 'colour',
            'technique' => 'spray-colour',
            'product' => 'green',
            'zones' => ['turret'],
            'waitMinutes' => 1,
        ],
        [
            'id' => 'wash',
            'technique' => 'enamel-wash',
            'product' => 'wash',
            'zones' => ['turret'],
            'waitMinutes' => 2880,
            'cleanUp' => [['carrier' => 'white-spirit', 'rubbed' => true, 'afterMinutes' => 30]],
        ],
        ['id' => 'seal', 'technique' => 'clear-coat', 'product' => 'gloss', 'zones' => ['turret']],
    ];
    $jar = fn (string $id, string $family, ?string $carrier, ?string $sheen, ?string $colour) => [
        'edit' => 'put-product',
        'product' => compact('id', 'family', 'carrier', 'sheen', 'colour') + ['name' => $id],
    ];
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => [
            $this->primerJar(),
            $jar('green', 'waterborne-acrylic', 'water', 'matte', '#566043'),
            $jar('wash', 'enamel', 'odourless-spirit', null, '#35291f'),
            $jar('gloss', 'waterborne-acrylic', 'water', 'gloss', null),
            ...array_map(
                fn (array $step, int $at) => ['edit' => 'insert-step', 'at' => $at, 'step' => $step],
                $steps,
                array_keys($steps),
            ),
        ],
    ])->assertOk();
});

it('tells of a step how it is undone, what to look at first, and what to guard against', function () {
    $wash = $this->getJson("/api/builds/{$this->id}/steps/wash")
        ->assertOk()
        ->json();
    expect(array_column($wash['hazards'], 'code'))
        ->toContain('vapour', 'rags', 'skin')
        ->and($wash['undo']['ways'])
        ->not->toBe([])
        ->and($wash['signs'])
        ->toContain('dull: clean it')
        ->and($wash['lookFirst'])
        ->toBe([]);
    expect($this->getJson("/api/builds/{$this->id}/steps/seal")->json('lookFirst.0'))->toStartWith('Step 1:');
    $this->getJson("/api/builds/{$this->id}/steps/nowhere")->assertNotFound();
});

it('tells what a scratch would uncover', function () {
    $this->getJson("/api/builds/{$this->id}/zones/turret/scratch?before=wash")
        ->assertOk()
        ->assertJsonPath('colours.0.name', 'green')
        ->assertJsonPath('colours.1.step', 'first')
        ->assertJsonCount(2, 'colours')
        ->assertJsonPath('layers.0', ['step' => 'first', 'broken' => false, 'protectedBy' => 2])
        ->assertJsonPath('layers.1.protectedBy', null);
    $this->getJson("/api/builds/{$this->id}/zones/attic/scratch")->assertNotFound();
    $this->getJson("/api/builds/{$this->id}/zones/turret/scratch?before=nowhere")->assertNotFound();
    $this->getJson("/api/builds/{$this->id}/zones/turret/scratch?before[]=x")->assertStatus(400);
});

it('gives a piece to be drawn from close, as it is meant and as it goes wrong', function () {
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after=wash")
        ->assertOk()
        ->assertJsonPath('zone.id', 'turret')
        ->assertJsonPath('fault', null);
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after=wash&finding=wash-on-matte")
        ->assertOk()
        ->assertJsonPath('fault.look', 'tide-marks');
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece")->assertOk();
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after=wash&jar=of-nobody")->assertNotFound();
    $other = $this->getJson("/api/builds/{$this->id}")->json('plan.products.0');
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after=wash&jar={$other['id']}")
        ->assertOk()
        ->assertJsonPath('own', $other['colour']);
    $this->getJson("/api/builds/{$this->id}/zones/attic/piece")->assertNotFound();
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after=nowhere")->assertNotFound();
    $this->getJson("/api/builds/{$this->id}/zones/turret/piece?after[]=x")->assertStatus(400);
});

it('offers a repair that mends the plan when it is applied', function () {
    $repair = $this->getJson("/api/builds/{$this->id}/repair")
        ->assertOk()
        ->assertJsonPath('isSound', true)
        ->json();
    expect($repair['before']['stops'])->toBeGreaterThan(0)->and($repair['after']['stops'])->toBe(0);
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => $repair['version'],
        'edits' => array_merge(...array_column($repair['actions'], 'edits')),
        'label' => 'Make it sound',
    ])
        ->assertOk()
        ->assertJsonPath('verdict.summary.stops', 0)
        ->assertJsonPath('undo', 'Make it sound');
});

it('keeps what a person accepts, and stops at a failed trial', function () {
    $step = [
        'id' => 'wash',
        'technique' => 'enamel-wash',
        'product' => 'wash',
        'zones' => ['turret'],
        'waitMinutes' => 2880,
    ];
    $accepted = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => $this->getJson("/api/builds/{$this->id}")->json('version'),
        'edits' => [
            [
                'edit' => 'replace-step',
                'step' => [
                    ...$step,
                    'accepted' => [['rule' => 'wash-on-matte', 'reason' => 'Dirty is wanted.']],
                ],
            ],
        ],
    ])
        ->assertOk()
        ->json('verdict');
    $finding = fn (array $verdict) => collect($verdict['findings'])->firstWhere('code', 'wash-on-matte');
    expect($finding($accepted)['accepted'])->toBe(['reason' => 'Dirty is wanted.', 'trial' => null]);
    $trial = ['rule' => 'wash-on-matte', 'where' => 'underside', 'rubs' => 10, 'passed' => false];
    $failed = $this->postJson("/api/builds/{$this->id}/log", [
        'entries' => [
            [
                'id' => '00000000-0000-4000-8000-000000000001',
                'kind' => 'trial',
                'at' => '2026-11-20T12:00:00Z',
                'step' => 'wash',
                'trial' => $trial,
            ],
        ],
    ])
        ->assertCreated()
        ->json('verdict');
    expect($finding($failed))->toMatchArray(['severity' => 'stop', 'accepted' => null]);
});

it('judges at once by another school, and by one of one’s own', function () {
    $mine = [
        'from' => 'sealed-steps',
        'name' => 'Mine',
        'answers' => ['clear-before-solvents' => 'never'],
        'severities' => ['zone-left-out' => null],
    ];
    $this->postJson('/api/schools', $mine)->assertCreated()->assertJsonPath('school.name', 'Mine');
    $version = $this->getJson("/api/builds/{$this->id}")->json('version');
    $verdict = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => $version,
        'edits' => [['edit' => 'set-school', 'school' => $mine]],
    ])
        ->assertOk()
        ->json();
    expect($verdict['plan']['school'])
        ->toBe($mine)
        ->and(collect($verdict['verdict']['findings'])->firstWhere('code', 'wash-on-matte')['severity'])
        ->toBe('note');
});

it('keeps schools of one’s own, and nobody else’s', function () {
    $id = $this->postJson('/api/schools', ['from' => 'one-satin', 'name' => 'Mine'])
        ->assertCreated()
        ->json('id');
    $this->postJson('/api/schools', ['from' => 'bare-matte', 'name' => 'Mine'])
        ->assertCreated()
        ->assertJsonPath('id', $id)
        ->assertJsonPath('school.from', 'bare-matte');
    $this->getJson('/api/schools')->assertJsonCount(1, 'schools');
    $this->actingAs($this->modeller())->getJson('/api/schools')->assertJsonCount(0, 'schools');
    $this->deleteJson("/api/schools/{$id}")->assertNotFound();
    $this->actingAs($this->user)
        ->deleteJson("/api/schools/{$id}")
        ->assertNoContent();
});

it('names the field of a school that cannot be', function (array $change, string $field) {
    $this->postJson('/api/schools', [...['from' => 'one-satin', 'name' => 'Mine'], ...$change])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
})->with([
    'no name' => [['name' => ''], 'name'],
    'a copy of nothing' => [['from' => 'academy'], 'from'],
    'an unknown question' => [['answers' => ['colour' => 'red']], 'answers.colour'],
    'an unknown answer' => [['answers' => ['dust' => 'magic']], 'answers.dust'],
    'an unknown severity' => [['severities' => ['wash-on-matte' => 'fatal']], 'severities.wash-on-matte'],
    'an unknown rule' => [['severities' => ['gravity' => 'note']], 'severities.gravity'],
    'answers that are no list' => [['answers' => 'all'], 'answers'],
]);

it('publishes the almanac', function () {
    $this->getJson('/api/almanac')
        ->assertOk()
        ->assertJsonStructure([
            'techniques',
            'attack',
            'drying',
            'rules',
            'habits',
            'schools',
            'questions',
            'hazards',
            'defers',
        ]);
});
