<?php

declare(strict_types=1);

it('starts a build with the zones of its kind', function () {
    $state = $this->startBuild($this->modeller(), 'lorry')->json();
    expect($state['plan']['build']['kind'])
        ->toBe('lorry')
        ->and(array_column($state['plan']['zones'], 'name'))
        ->toContain('Tilt', 'Load bed')
        ->and($state['version'])
        ->toBe(1)
        ->and($state['undo'])
        ->toBeNull();
});

it('starts a build with the measures that were chosen, and with areas measured on it', function () {
    $start = fn (array $form) => $this->actingAs($this->modeller())
        ->postJson('/api/builds', ['name' => 'Brae', 'kind' => 'lorry', 'scale' => 35, 'form' => $form])
        ->assertCreated()
        ->json('plan');
    $usual = $start([]);
    $open = $start(['tilt' => 0, 'length' => 7000]);
    $bed = static fn (array $plan) => array_column($plan['zones'], 'areaCm2', 'id')['load-bed'];

    expect($usual['build']['form'])->toBeNull()
        ->and($open['build']['form'])->toMatchArray(['tilt' => 0, 'length' => 7000])
        ->and(array_column($open['zones'], 'name'))->not->toContain('Tilt')
        ->and($bed($open))->toBeGreaterThan($bed($usual));
});

it('names the field of a build that cannot be started', function (array $change, string $field) {
    $this->actingAs($this->modeller())
        ->postJson('/api/builds', [...['name' => 'Pell', 'kind' => 'scout-car', 'scale' => 35], ...$change])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
})->with([
    'no name' => [['name' => ''], 'name'],
    'an unknown kind' => [['kind' => 'airship'], 'kind'],
    'a scale of nothing' => [['scale' => 0], 'scale'],
    'a negative scale' => [['scale' => -35], 'scale'],
    'a scale in words' => [['scale' => 'large'], 'scale'],
    'measures that are no list' => [['form' => 'long'], 'form'],
    'a measure in words' => [['form' => ['length' => 'long']], 'form.length'],
    'a measure that cannot be built' => [['form' => ['length' => 100]], 'form.length'],
    'a measure that the kind has not' => [['form' => ['wings' => 2]], 'form.wings'],
    'a huge story' => [['story' => str_repeat('rain ', 10000)], 'story'],
]);

it('asks to sign in first', function (string $method, string $path) {
    $this->json($method, $path)->assertUnauthorized();
})->with([
    ['GET', '/api/builds'],
    ['POST', '/api/builds'],
    ['POST', '/api/builds/import'],
    ['GET', '/api/builds/0193b2f2-0000-7000-8000-000000000000'],
]);

it('shows a stranger nothing of a build, not even that it exists', function (string $method, string $path) {
    $id = $this->startBuild($this->modeller())->json('id');
    $body = $method === 'POST' ? ['version' => 1, 'edits' => [$this->primerJar()]] : [];
    $answer = $this->actingAs($this->modeller())
        ->json($method, "/api/builds/{$id}{$path}", $body)
        ->assertNotFound();
    $nowhere = $this->json(
        $method,
        "/api/builds/0193b2f2-0000-7000-8000-000000000000{$path}",
        $body,
    )->assertNotFound();
    expect($answer->json())
        ->toBe($nowhere->json())
        ->and($answer->json('message'))
        ->toBe('There is nothing at this address.');
    expect($this->actingAs($this->modeller())->getJson('/api/builds')->json('builds'))->toBe([]);
})->with([
    ['GET', ''],
    ['DELETE', ''],
    ['GET', '/check'],
    ['POST', '/edits'],
    ['POST', '/preview'],
    ['POST', '/undo'],
    ['POST', '/redo'],
    ['GET', '/remedies/too-early.a.00000000'],
    ['GET', '/plan-file'],
]);

it('exports a plan that can be imported again with nothing lost', function () {
    $user = $this->modeller();
    $id = $this->startBuild($user)->json('id');
    $this->postJson("/api/builds/{$id}/edits", [
        'version' => 1,
        'edits' => [$this->primerJar(), $this->primer()],
    ])->assertOk();
    $file = $this->get("/api/builds/{$id}/plan-file")
        ->assertOk()
        ->assertDownload('ostrel-third-troop.ulvrach.json')
        ->getContent();
    $copy = $this->call(
        'POST',
        '/api/builds/import',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $file,
    )
        ->assertCreated()
        ->json('id');
    expect($copy)
        ->not->toBe($id)
        ->and($this->get("/api/builds/{$copy}/plan-file")->getContent())
        ->toBe($file);
});

it('names the faults of a plan file that cannot be imported', function (string $body, int $status, ?string $path) {
    $answer = $this->actingAs($this->modeller())
        ->call(
            'POST',
            '/api/builds/import',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        )
        ->assertStatus($status);
    expect($path === null ? $answer->json('message') : array_column($answer->json('faults'), 'path'))
        ->when($path !== null, fn ($paths) => $paths->toContain($path))
        ->when($path === null, fn ($message) => $message->toBeString()->not->toBe(''));
})->with([
    'broken JSON' => ['{"format":', 400, null],
    'a number' => ['7', 422, ''],
    'an empty object' => ['{}', 422, '/format'],
    'five megabytes' => [fn () => '{"format":"'.str_repeat('x', 5_000_000).'"}', 413, null],
    'a zero character' => ['{"format":"a\u0000b"}', 400, null],
]);

it('deletes a build with its plan', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $this->deleteJson("/api/builds/{$id}")->assertNoContent();
    $this->getJson("/api/builds/{$id}")->assertNotFound();
    expect(App\Models\PlanRevision::query()->count())->toBe(0);
});

it('tells what a build waits for', function () {
    $user = $this->modeller();
    $id = $this->startBuild($user)->json('id');
    $primed = [
        'id' => 'first',
        'technique' => 'prime',
        'product' => 'primer',
        'zones' => ['turret'],
    ];
    $this->postJson("/api/builds/{$id}/edits", [
        'version' => 1,
        'edits' => [
            $this->primerJar(),
            ['edit' => 'insert-step', 'at' => 0, 'step' => $primed],
            [
                'edit' => 'insert-step',
                'at' => 1,
                'step' => [
                    'id' => 'second',
                    'technique' => 'spray-colour',
                    'product' => 'primer',
                    'zones' => ['turret'],
                ],
            ],
        ],
    ])->assertOk();
    $this->postJson("/api/builds/{$id}/log", [
        'entries' => [logged('finished', 'first', ['at' => gmdate('Y-m-d\TH:i:00\Z', time() - 60)])],
    ])->assertCreated();
    $card = $this->getJson('/api/builds')->json('builds.0');
    expect($card)
        ->toMatchArray(['steps' => 2, 'done' => 1])
        ->and($card['next'])
        ->toMatchArray(['id' => 'second', 'number' => 2, 'waitsFor' => 'lacquer of step 1 to be recoatable'])
        ->and(strtotime($card['next']['opensAt']))
        ->toBeGreaterThan(time())
        ->and($card['curing'][0]['product'])
        ->toBe('Fennick grey primer');
});

it('tells at which stage a build is, by the parts of the work', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $step = static fn (string $id, string $technique, int $at) => ['edit' => 'insert-step', 'at' => $at, 'step' => [
        'id' => $id, 'technique' => $technique, 'product' => $technique === 'look-over' ? null : 'primer',
        'zones' => ['turret']]];
    $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => [
        $this->primerJar(),
        $step('first', 'prime', 0),
        $step('look', 'look-over', 1),
        $step('colour', 'spray-colour', 2),
        $step('late', 'prime', 3),
    ]])->assertOk();
    $this->postJson("/api/builds/{$id}/log", ['entries' => [logged('finished', 'first')]])->assertCreated();

    // What belongs to no part goes with what comes before it, and a part is one however often it comes.
    expect($this->getJson('/api/builds')->json('builds.0.stages'))->toBe([
        ['part' => 'Ground', 'done' => 1, 'steps' => 3],
        ['part' => 'Colour', 'done' => 0, 'steps' => 1],
    ]);
});

it('answers what is not there as JSON', function () {
    $this->getJson('/api/nothing')->assertNotFound()->assertJsonPath('message', 'There is nothing at this address.');
    $this->actingAs($this->modeller())->getJson('/api/builds/not-an-id')->assertNotFound();
});

it('publishes the library to everybody', function () {
    $this->getJson('/api/library')
        ->assertOk()
        ->assertJsonPath('techniques.3.code', 'prime')
        ->assertJsonStructure([
            'techniques',
            'families',
            'carriers',
            'substrates',
            'materials',
            'zoneKinds',
            'vehicleKinds',
            'schools',
            'starterShelf',
        ]);
});
