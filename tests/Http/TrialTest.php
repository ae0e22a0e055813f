<?php

declare(strict_types=1);

use Illuminate\Support\Str;

beforeEach(function () {
    // Its wash is scrubbed with white spirit on paint that is not through.
    $this->lorry = fn () => $this->call(
        'POST',
        '/api/builds/import',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: (string) file_get_contents(database_path('demo/brae-lorry.ulvrach.json')),
    )->assertCreated()->json();
    $this->actingAs($this->modeller());
    $this->state = ($this->lorry)();
    $this->build = $this->state['id'];
});

/** An entry about a trial. @return array<string, mixed> */
function tried(string $step, array $more, ?string $corrects = null): array
{
    return [
        'entries' => [[
            'id' => (string) Str::uuid(),
            'kind' => $corrects === null ? 'trial' : 'withdrawn',
            'at' => now()->format('Y-m-d\TH:i:00\Z'),
            'step' => $step,
            ...($corrects === null ? [] : ['corrects' => $corrects]),
            ...($corrects === null
                ? ['trial' => ['rule' => null, 'where' => 'spoon', 'rubs' => 20, 'passed' => true, ...$more]]
                : []),
        ]],
    ];
}

it('makes a card with the layers that a step will meet, and lists it with its fields', function () {
    $step = collect($this->state['plan']['steps'])->firstWhere('id', 's12-enamel-wash');
    $where = ['build' => $this->build, 'step' => $step['id'], 'zone' => $step['zones'][0]];
    $card = $this->postJson('/api/trials', ['name' => 'The wash', ...$where])->assertCreated();
    $list = $this->getJson('/api/trials')->assertOk();
    $field = $list->json('cards.0.fields.0');
    $beside = ['zone' => 'one', 'name' => 'With less', 'version' => 1];
    $this->postJson("/api/builds/{$card->json('id')}/fields", $beside)->assertCreated();

    expect(unlikeTheContract($card, 'started'))
        ->toBe([])
        ->and(unlikeTheContract($list, 'trials'))
        ->toBe([])
        ->and($list->json('cards.0.name'))
        ->toBe('The wash')
        ->and($field['layers'])
        ->not->toBe([])
        ->and($field['tried']['step'])
        ->toBe($step['id'])
        ->and($this->getJson('/api/trials')->json('cards.0.fields.1.name'))
        ->toBe('With less');
    // What has changed meanwhile is not overwritten.
    $this->postJson("/api/builds/{$card->json('id')}/fields", $beside)->assertConflict();
});

it('takes what held on a card as evidence on every build, until it is taken back', function () {
    $finding = collect($this->state['verdict']['findings'])
        ->first(static fn (array $one) => $one['code'] === 'carrier-attacks-film' && $one['severity'] === 'risk');
    expect($finding)->not->toBeNull();
    $where = ['build' => $this->build, 'step' => $finding['step'], 'zone' => $finding['zones'][0]];
    $card = $this->postJson('/api/trials', ['name' => 'Risky', ...$where])->assertCreated()->json('id');
    $accepted = fn () => collect($this->getJson("/api/builds/{$this->build}")->json('verdict.findings'))
        ->firstWhere('key', $finding['key'])['accepted'] ?? null;
    $entry = tried($finding['step'], ['zone' => 'one']);
    $answer = $this->postJson("/api/builds/{$card}/log", $entry)->assertCreated();
    $written = $answer->json('log.0.trial');

    expect($written['tried'])
        ->not->toBe([])
        ->and($accepted()['trial']['card'])
        ->toBe($card)
        ->and($this->getJson('/api/trials')->json('cards.0.fields.0.results.0.rubs'))
        ->toBe(20);
    $back = tried($finding['step'], [], $entry['entries'][0]['id']);
    $this->postJson("/api/builds/{$card}/log", $back)->assertCreated();
    expect($accepted())->toBeNull();

    // Nobody else knows of it.
    $this->postJson("/api/builds/{$card}/log", tried($finding['step'], ['zone' => 'one']))->assertCreated();
    expect($accepted())->not->toBeNull();
    $this->actingAs($this->modeller());
    $all = collect(($this->lorry)()['verdict']['findings']);
    expect($all->firstWhere('key', $finding['key'])['accepted'])->toBeNull();
    $this->postJson('/api/trials', ['name' => 'Theirs', ...$where])->assertNotFound();
    $this->postJson("/api/builds/{$card}/fields", ['zone' => 'one', 'name' => 'x', 'version' => 1])->assertNotFound();
});

it('lists what was tried on the model itself', function () {
    $step = $this->state['plan']['steps'][3];
    $this->postJson("/api/builds/{$this->build}/log", tried($step['id'], ['passed' => false]))->assertCreated();
    $others = $this->getJson('/api/trials')->assertOk()->json('others');

    expect($others[0]['where'])->toBe('spoon')->and($others[0]['passed'])->toBeFalse();
});

it('names the field of what cannot be tried', function (array $body, string $field) {
    $body = array_map(fn (string $value) => $value === 'the build' ? $this->build : $value, $body);
    $this->postJson('/api/trials', $body)->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    'no name' => [['name' => ' '], 'name'],
    'a step without its build' => [['name' => 'x', 'step' => 'a', 'zone' => 'b'], 'build'],
    'a build without a step' => [['name' => 'x', 'build' => 'the build'], 'step'],
    'no such step' => [['name' => 'x', 'build' => 'the build', 'step' => 'nowhere', 'zone' => 'hull'], 'step'],
]);

it('makes fields on cards alone, and not without end', function () {
    $zone = $this->state['plan']['zones'][0]['id'];
    $this->postJson("/api/builds/{$this->build}/fields", ['zone' => $zone, 'name' => 'x', 'version' => 1])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('zone');
    $card = $this->postJson('/api/trials', ['name' => 'Many'])->assertCreated()->json('id');
    foreach (range(1, 7) as $version) {
        $field = ['zone' => 'one', 'name' => "F {$version}", 'version' => $version];
        $this->postJson("/api/builds/{$card}/fields", $field)->assertCreated();
    }
    $this->postJson("/api/builds/{$card}/fields", ['zone' => 'one', 'name' => 'F 8', 'version' => 8])
        ->assertJsonValidationErrors('zone');
});

it('writes the air of the thermometer beside what has happened just now, and beside nothing else', function () {
    $step = $this->state['plan']['steps'][3]['id'];
    $file = (string) tempnam(sys_get_temp_dir(), 'air');
    $reading = ['temperatureC' => 21.5, 'humidityPercent' => 47, 'at' => now()->toIso8601String()];
    file_put_contents($file, json_encode($reading));
    $this->app->instance(App\Room\Thermometer::class, new App\Room\FileThermometer($file));
    $log = function (array $more) use ($step): ?array {
        $entry = tried($step, [])['entries'][0];
        $this->postJson("/api/builds/{$this->build}/log", ['entries' => [[...$entry, 'kind' => 'note', ...$more]]])
            ->assertCreated();
        $log = collect($this->getJson("/api/builds/{$this->build}/log")->json('log'));

        return $log->firstWhere('id', $entry['id'])['air'];
    };
    $hoursAgo = now()->subHours(3)->format('Y-m-d\TH:i:00\Z');
    $own = ['temperatureC' => 15, 'humidityPercent' => 80];

    expect($log([]))
        ->toEqual(['temperatureC' => 21.5, 'humidityPercent' => 47])
        ->and($log(['at' => $hoursAgo]))
        ->toBeNull()
        ->and($log(['air' => $own]))
        ->toEqual($own);
    unlink($file);
});
