<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Plans\PlanStore;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Ulvrach\Plan\File\PlanReader;

beforeEach(function () {
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => [$this->primerJar(), $this->primer()],
    ])->assertOk();
    $this->log = fn (array ...$entries) => $this->postJson("/api/builds/{$this->id}/log", ['entries' => $entries]);
    $this->done = fn () => collect($this->getJson("/api/builds/{$this->id}")->json('verdict.steps'))->pluck(
        'done',
        'id',
    );
});

it('keeps what was done beside the plan, with the words of the step as it was', function () {
    $state = ($this->log)(logged('finished', 'first'))->assertCreated()->json();

    expect($state['version'])
        ->toBe(2)
        ->and($state['log'][0]['asItWas'])
        ->toBe([
            'technique' => 'prime',
            'words' => 'Prime',
            'product' => 'Fennick grey primer',
            'zones' => ['turret' => 'Turret'],
            'coats' => 2,
        ])
        ->and(($this->done)()['first'])
        ->toBe('2026-11-20T10:00:00Z')
        ->and($state['plan'])
        ->not->toHaveKey('log');
});

it('keeps an entry once that is sent twice', function () {
    $entry = logged('finished', 'first');
    ($this->log)($entry)->assertCreated();
    ($this->log)($entry, logged('note', null, ['text' => 'Evening.']))->assertCreated()->assertJsonCount(2, 'log');
});

it('lets no undo, redo or deletion of the step take the past away', function () {
    ($this->log)(logged('finished', 'first'))->assertCreated();
    $this->postJson("/api/builds/{$this->id}/undo", ['version' => 2])
        ->assertOk()
        ->assertJsonCount(1, 'log');
    $this->postJson("/api/builds/{$this->id}/redo", ['version' => 3])->assertOk();
    $state = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 4,
        'edits' => [['edit' => 'remove-step', 'id' => 'first']],
    ])
        ->assertOk()
        ->json();

    expect($state['log'])
        ->toHaveCount(1)
        ->and($state['verdict']['contradictions'])
        ->toBe([
            ['step' => null, 'says' => '“Prime with “Fennick grey primer”” was done, and is no longer in the plan.'],
        ]);
});

it('corrects an entry by another one', function () {
    $first = logged('finished', 'first');
    ($this->log)($first)->assertCreated();
    ($this->log)(logged('finished', 'first', ['at' => '2026-11-20T09:00:00Z', 'corrects' => $first['id']]));
    expect(($this->done)()['first'])->toBe('2026-11-20T09:00:00Z');
    ($this->log)(logged('withdrawn', 'first', ['corrects' => $first['id']]))->assertCreated();
});

it('names the field of an entry that cannot be kept', function (Closure $entry, string $path) {
    ($this->log)($entry())->assertUnprocessable()->assertJsonPath('faults.0.path', $path);
    expect(LogEntry::query()->count())->toBe(0);
})->with([
    'an unknown kind' => [fn () => logged('dreamt', 'first'), '/entries/0/kind'],
    'a moment that is none' => [fn () => logged('finished', 'first', ['at' => 'now']), '/entries/0/at'],
    'no id' => [fn () => logged('finished', 'first', ['id' => 'one']), '/entries/0/id'],
    'what corrects nothing' => [
        fn () => logged('withdrawn', 'first', ['corrects' => '00000000-0000-4000-8000-000000000009']),
        '/entries/0/corrects',
    ],
]);

it('asks for entries', function () {
    $this->postJson("/api/builds/{$this->id}/log", [])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.path', '/entries');
});

it('shows nobody else’s log, and adds nothing to it', function () {
    $this->actingAs($this->modeller());
    $this->getJson("/api/builds/{$this->id}/log")->assertNotFound();
    ($this->log)(logged('finished', 'first'))->assertNotFound();
    expect(LogEntry::query()->count())->toBe(0);
});

it('is never changed in the database', function () {
    ($this->log)(logged('finished', 'first'))->assertCreated();
    DB::table('log_entries')->update(['kind' => 'note']);
})->throws(QueryException::class, 'Log entries are never changed');

it('exports plan and log together, and imports them again with nothing lost', function () {
    ($this->log)(
        logged('begun', 'first', ['at' => '2026-11-20T09:30:00Z']),
        logged('finished', 'first', ['air' => ['temperatureC' => 20.5, 'humidityPercent' => 44]]),
    );
    $file = $this->get("/api/builds/{$this->id}/plan-file")
        ->assertOk()
        ->getContent();
    $copy = $this->call('POST', '/api/builds/import', [], [], [], ['CONTENT_TYPE' => 'application/json'], $file)
        ->assertCreated()
        ->json();
    $again = $this->get("/api/builds/{$copy['id']}/plan-file")->getContent();

    expect($again)
        ->toBe($file)
        ->and(PlanReader::read($file)->log->begunAt('first'))
        ->not->toBeNull();
});

it('reads a plan that was stored by an earlier version, and moves its history into the log', function () {
    $json = (string) file_get_contents(dirname(__DIR__).'/Core/Plan/File/golden/everything.v1.json');
    DB::table('plan_revisions')
        ->where('build_id', $this->id)
        ->update(['document' => $json]);
    $migration = require database_path('migrations/2026_11_26_000001_what_was_done.php');
    $migration->down();
    $migration->up();
    $state = $this->getJson("/api/builds/{$this->id}")
        ->assertOk()
        ->json();

    expect($state['plan']['version'])
        ->toBe(2)
        ->and(array_column($state['log'], 'kind'))
        ->toBe(['trial', 'finished'])
        ->and(($this->done)()['wash'])
        ->toBe('2026-11-21T20:15:00Z');
});

it('lets one build that cannot be read fail alone, says so, and gives it back as it is', function (string $document) {
    $sound = app(PlanStore::class)->create(
        $this->user,
        PlanReader::read((string) file_get_contents(database_path('demo/brae-lorry.ulvrach.json'))),
        'Load',
    );
    DB::table('plan_revisions')
        ->where('build_id', $this->id)
        ->update(['document' => $document]);
    $cards = collect($this->getJson('/api/builds')->assertOk()->json('builds'))->keyBy('id');

    expect($cards[$this->id]['unreadable'])
        ->toStartWith('This plan cannot be read.')
        ->and($cards[$sound->id]['unreadable'])
        ->toBeNull();
    $this->getJson("/api/builds/{$this->id}")->assertUnprocessable();
    $this->postJson('/api/clock')->assertOk()->assertJsonPath('unreadable.0.id', $this->id);
    $file = $this->get("/api/builds/{$this->id}/plan-file")
        ->assertOk()
        ->getContent();
    expect(json_decode($file, true))->toEqual(json_decode($document, true));
    $this->deleteJson("/api/builds/{$this->id}")->assertNoContent();
})->with([
    'of a newer program' => '{"format": "ulvrach-plan", "version": 7, "build": {"name": "Later"}}',
    'with an unknown word' => fn () => str_replace(
        '"polystyrene"',
        '"gingerbread"',
        (string) file_get_contents(__DIR__.'/../../database/demo/brae-lorry.ulvrach.json'),
    ),
    'that is no plan' => '{"version": 2}',
    'of nothing' => '[]',
]);
