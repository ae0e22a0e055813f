<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Str;

beforeEach(function () {
    Illuminate\Support\Carbon::setTestNow('2026-11-20T18:00:00Z');
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $brief = ['base' => '#566043', 'scheme' => 'plain', 'season' => 'spring', 'weather' => 'showers',
        'driving' => 'road', 'ambition' => 'weeks'];
    $draft = $this->postJson("/api/builds/{$this->id}/draft", ['brief' => $brief])->assertOk();
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => 1, 'edits' => $draft->json('edits')])->assertOk();
    $this->log = fn (string $kind, string $step, string $at, ?string $id = null) => $this->postJson(
        "/api/builds/{$this->id}/log",
        ['entries' => [['id' => $id ?? Str::uuid()->toString(), 'kind' => $kind, 'step' => $step, 'at' => $at]]],
    );
});

afterEach(fn () => Illuminate\Support\Carbon::setTestNow());

it('lays the next steps on the desk in the order of the clock, each whole in itself', function () {
    $desk = $this->getJson('/api/work')->assertOk();
    $first = $desk->json('cards.0');

    expect(unlikeTheContract($desk, 'workDesk'))->toBe([])
        ->and($desk->json('builds.0.id'))->toBe($this->id)
        ->and($desk->json('clocks'))->toBe([])
        ->and($first['step'])->toBe('cut-and-sand-1')
        ->and($first['number'])->toBe(1)
        ->and($first['plannedAt'])->not->toBeNull()
        ->and(count($desk->json('cards')))->toBeGreaterThan(5);
});

it('moves on as things are written down, and keeps the clocks of what dries', function () {
    ($this->log)('begun', 'cut-and-sand-1', '2026-11-20T17:00:00Z')->assertCreated();
    expect($this->getJson('/api/work')->json('cards.0.begunAt'))->toBe('2026-11-20T17:00:00Z');
    foreach (['cut-and-sand-1', 'dry-fit-1', 'prime-1'] as $step) {
        ($this->log)('finished', $step, '2026-11-20T17:30:00Z')->assertCreated();
    }
    $desk = $this->getJson('/api/work')->assertOk();

    expect(unlikeTheContract($desk, 'workDesk'))->toBe([])
        ->and(array_column($desk->json('cards'), 'step'))->not->toContain('prime-1')
        ->and($desk->json('builds.0.done'))->toBe(3)
        ->and(array_column($desk->json('clocks'), 'step'))->toContain('prime-1')
        ->and($desk->json('clocks.0.cures.recoatable'))->toBeGreaterThan('2026-11-20T17:30:00Z');
});

it('shows first what lies wet and what is begun, of all builds, however late the clock would come to it', function () {
    $other = $this->startBuild($this->user)->json('id');
    $steps = array_column($this->getJson("/api/builds/{$this->id}")->json('plan.steps'), 'id');
    $late = $steps[count($steps) - 2];
    $wash = array_values(array_filter($steps, static fn (string $id) => str_contains($id, 'wash')))[0];
    ($this->log)('begun', $late, '2026-11-20T17:00:00Z')->assertCreated();
    ($this->log)('begun', $wash, '2026-11-20T17:10:00Z')->assertCreated();
    ($this->log)('laid', $wash, '2026-11-20T17:40:00Z')->assertCreated();
    $cards = $this->getJson('/api/work')->assertOk()->json('cards');
    $shown = array_column($cards, 'step');

    expect(array_slice($shown, 0, 2))->toBe([$wash, $late])
        ->and($cards[0]['laidAt'])->not->toBeNull()
        ->and($shown)->toBe(array_values(array_unique($shown)))
        ->and($other)->not->toBe($this->id);
    ($this->log)('finished', $wash, '2026-11-20T17:59:00Z')->assertCreated();

    expect($this->getJson('/api/work')->json('cards.0.step'))->toBe($late);
});

it('has the next step of every build on the desk', function () {
    $brief = ['base' => '#566043', 'scheme' => 'plain', 'season' => 'spring', 'weather' => 'dry',
        'driving' => 'road', 'ambition' => 'weeks'];
    foreach (['Strag', 'Pell'] as $ignored) {
        $id = $this->startBuild($this->user)->json('id');
        $draft = $this->postJson("/api/builds/{$id}/draft", ['brief' => $brief])->assertOk();
        $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => $draft->json('edits')])->assertOk();
    }
    $desk = $this->getJson('/api/work')->assertOk();

    expect(array_values(array_unique(array_column($desk->json('cards'), 'build'))))
        ->toEqualCanonicalizing(array_column($desk->json('builds'), 'id'));
});

it('dries as long over a change to summer time, and plans by the hours of the bench on both sides of it', function () {
    $this->putJson('/api/week', [
        'timeZone' => 'Europe/Paris',
        'sessions' => array_fill_keys(range(1, 7), [[1140, 1320]]),
        'exceptions' => [],
        'compressor' => [0, 1440],
        'daylight' => [0, 1440],
        'setup' => 15,
    ])->assertOk();
    $dries = function (string $at): int {
        Illuminate\Support\Carbon::setTestNow(Illuminate\Support\Carbon::parse($at)->addMinute());
        foreach (['cut-and-sand-1', 'dry-fit-1', 'prime-1'] as $step) {
            ($this->log)('finished', $step, $at)->assertCreated();
        }
        $clock = collect($this->getJson('/api/work')->json('clocks'))->firstWhere('step', 'prime-1');
        expect($clock['doneAt'])->toBe($at);

        return strtotime($clock['cures']['solventProof']) - strtotime($at);
    };
    $plannedAt = function (string $now): string {
        Illuminate\Support\Carbon::setTestNow($now);

        return $this->getJson('/api/work')->json('cards.0.plannedAt');
    };
    // Seven in the evening, on the Saturday and on the Sunday on which the clocks go forward.
    expect($plannedAt('2027-03-27T06:00:00Z'))
        ->toBe('2027-03-27T18:00:00Z')
        ->and($plannedAt('2027-03-28T06:00:00Z'))
        ->toBe('2027-03-28T17:00:00Z')
        ->and($plannedAt('2027-10-31T06:00:00Z'))
        ->toBe('2027-10-31T18:00:00Z');
    // An hour that the clocks skip, or have twice, is an hour of drying all the same.
    $usual = $dries('2027-03-20T00:30:00Z');
    expect($usual)
        ->toBeGreaterThan(3600)
        ->and($dries('2027-03-28T00:30:00Z'))
        ->toBe($usual)
        ->and($dries('2027-10-31T00:30:00Z'))
        ->toBe($usual);
});

it('says of what a jar on the desk is mixed, and what the hands held', function () {
    $green = ['name' => 'Olive', 'family' => 'waterborne-acrylic', 'carrier' => 'water', 'sheen' => 'matte'];
    $this->putJson('/api/jars/olive', [...$green, 'colour' => '#556043'])->assertCreated();
    $this->putJson('/api/jars/white', [...$green, 'name' => 'White', 'colour' => '#eeeeee'])->assertCreated();
    $parts = [['jar' => 'olive', 'parts' => 3], ['jar' => 'white', 'parts' => 1]];
    $cup = ['name' => 'Hull', 'parts' => $parts, 'share' => 1];
    $mix = $this->postJson('/api/mixes', $cup)->assertCreated();
    $jar = [
        ...$this->primerJar()['product'],
        ...$green,
        'id' => $mix->json('jar'),
        'name' => 'Hull',
        'colour' => '#7b836c',
    ];
    $build = $this->getJson("/api/builds/{$this->id}")->json();
    $first = ['id' => 'mixed', 'technique' => 'spray-colour', 'product' => $jar['id'], 'zones' => ['turret']];
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => $build['version'], 'edits' => [
        ['edit' => 'put-product', 'product' => $jar],
        ['edit' => 'insert-step', 'at' => 0, 'step' => $first],
    ]])->assertOk();
    $desk = $this->getJson('/api/work')->assertOk();
    $card = collect($desk->json('cards'))->firstWhere('step', 'mixed');

    expect($desk->json('mixes'))
        ->toBe([[
            'jar' => $jar['id'],
            'parts' => [['name' => 'Olive', 'parts' => 3], ['name' => 'White', 'parts' => 1]],
        ]])
        ->and(array_column($card['washUp'], 'says'))
        ->toBe([
            'Airbrush: sprayed through with water, needle out, cup wiped',
            'Lids: on, threads wiped, jars stood upside down once',
        ]);
});

it('counts an entry once that comes twice, and takes kinds that only happen at the bench', function () {
    $id = Str::uuid()->toString();
    foreach ([1, 2] as $_) {
        ($this->log)('paused', 'prime-1', '2026-11-20T17:00:00Z', $id)->assertCreated();
    }
    ($this->log)('laid', 'pin-wash-1', '2026-11-20T17:50:00Z')->assertCreated();
    ($this->log)('ready', 'pin-wash-1', '2026-11-20T17:58:00Z')->assertCreated();
    ($this->log)('dreamt', 'pin-wash-1', '2026-11-20T17:58:00Z')->assertUnprocessable();
    $log = $this->getJson("/api/builds/{$this->id}/log")->json('log');
    $clocks = $this->getJson('/api/work')->json('clocks');

    expect(array_column($log, 'kind'))->toBe(['paused', 'laid', 'ready'])
        ->and($clocks)->toHaveCount(1)
        ->and($clocks[0]['windows'][0]['kind'])->toBe('clean-up');
});

it('shows nobody the desk of another, and an empty one to who has no plan', function () {
    $this->actingAs(User::factory()->create());
    $desk = $this->getJson('/api/work')->assertOk();

    expect($desk->json('builds'))->toBe([])->and($desk->json('cards'))->toBe([]);
});

it('is behind the door', function () {
    $this->app['auth']->forgetGuards();
    $this->assertGuest();
    $this->getJson('/api/work')->assertUnauthorized();
});

it('says what can still be done about a mishap, and what is done about it becomes a step', function () {
    $mishaps = $this->getJson('/api/mishaps')->assertOk();
    expect(unlikeTheContract($mishaps, 'mishaps'))->toBe([])
        ->and(count($mishaps->json('mishaps')))->toBeGreaterThan(25);
    ($this->log)('laid', 'pin-wash-1', '2026-11-20T17:40:00Z')->assertCreated();
    $ask = fn (array $changes = []) => $this->postJson("/api/builds/{$this->id}/rescue", [
        'mishap' => 'wash-too-strong',
        'zone' => 'turret',
        'step' => 'pin-wash-1',
        ...$changes,
    ]);
    $fresh = $ask()->assertOk();
    $way = $fresh->json('ways.0');
    $step = collect($fresh->json('ways'))->firstWhere('kind', 'weather');

    expect(unlikeTheContract($fresh, 'rescue'))->toBe([])
        ->and($way['liquid'])->toBe('odourless spirit')
        ->and($way['until'])->toBeGreaterThan('2026-11-20T18:00:00Z')
        ->and($step['edits'])->not->toBe([]);
    $after = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => $fresh->json('version'),
        'edits' => $step['edits'],
    ])->assertOk();
    expect(array_column($after->json('plan.steps'), 'note'))->toContain($step['says']);
    // Asked for all that was laid with it, it goes where all of that lies.
    $whole = collect($ask(['zone' => null])->assertOk()->json('ways'))->firstWhere('kind', 'weather');
    expect(count($whole['edits'][array_key_last($whole['edits'])]['step']['zones']))->toBeGreaterThan(1);
    foreach (['mishap' => 'rain', 'zone' => 'cellar', 'step' => 'lunch'] as $field => $wrong) {
        $ask([$field => $wrong])->assertJsonValidationErrorFor($field);
    }
    $this->actingAs(User::factory()->create());
    $ask()->assertNotFound();
});
