<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Str;

it('shows all that was written down, with its build, and to nobody else', function () {
    $user = $this->modeller();
    $id = $this->startBuild($user)->json('id');
    $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => [[
        'edit' => 'insert-step',
        'at' => 0,
        'step' => ['id' => 'look', 'technique' => 'look-over', 'product' => null, 'zones' => ['turret']],
    ]]])->assertOk();
    $this->postJson("/api/builds/{$id}/log", ['entries' => array_map(
        static fn (string $kind, string $at) => [
            'id' => Str::uuid()->toString(),
            'kind' => $kind,
            'step' => 'look',
            'at' => $at,
            'text' => $kind === 'finished' ? 'A seam is left' : '',
        ],
        ['begun', 'finished'],
        ['2026-11-20T18:00:00Z', '2026-11-20T18:30:00Z'],
    )])->assertCreated();
    $diary = $this->getJson('/api/diary')->assertOk();
    $table = $this->get('/api/diary.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8');

    expect(unlikeTheContract($diary, 'diary'))->toBe([])
        ->and(array_column($diary->json('entries'), 'kind'))->toBe(['finished', 'begun'])
        ->and($diary->json('entries.0.zones'))->toBe(['Turret'])
        ->and($diary->json('builds.0.spentMinutes'))->toBe(30)
        ->and($diary->json('paces.0.observations.0.own'))->toBe(30)
        ->and($table->getContent())->toContain('A seam is left');
    $this->actingAs(User::factory()->create());
    expect($this->getJson('/api/diary')->json('entries'))->toBe([])
        ->and($this->get('/api/diary.csv')->getContent())->not->toContain('seam');
});

it('lets the clock count with a technique as one’s own hands do it, within what hands can', function () {
    $this->actingAs(User::factory()->create());
    $week = $this->getJson('/api/week')->json('week');
    $put = fn (array $techniques) => $this->putJson('/api/week', [
        ...$week,
        'exceptions' => (object) [],
        'pace' => ['applying' => 1.0, 'cleaning' => 1.0, 'techniques' => (object) $techniques],
    ]);
    $kept = $put(['pin-wash' => 1.4])->assertOk();

    expect($kept->json('week.pace.techniques'))->toBe(['pin-wash' => 1.4])
        ->and(unlikeTheContract($kept, 'weekSettings'))->toBe([]);
    $put(['pin-wash' => 40.0])->assertJsonValidationErrorFor('pace.techniques.pin-wash');
});

it('writes the finish of a build on a card and as a file, for its owner', function () {
    $user = $this->modeller();
    $id = $this->startBuild($user)->json('id');
    $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => [
        $this->primerJar(),
        $this->primer(),
    ]])->assertOk();
    $this->postJson("/api/builds/{$id}/log", ['entries' => [logged('finished', 'first')]])->assertCreated();
    $card = $this->getJson("/api/builds/{$id}/card")->assertOk();
    $file = $this->get("/api/builds/{$id}/card.md")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/markdown; charset=utf-8');

    expect(unlikeTheContract($card, 'finishCard'))
        ->toBe([])
        ->and($card->json('steps.0.jar'))
        ->toBe('Fennick grey primer')
        ->and($card->json('doneAt'))
        ->toBe('2026-11-20T10:00:00Z')
        ->and($file->getContent())
        ->toContain('1. **Prime** with Fennick grey primer: Turret');
    $this->actingAs(User::factory()->create());
    $this->getJson("/api/builds/{$id}/card")->assertNotFound();
    $this->getJson("/api/builds/{$id}/card.md")->assertNotFound();
});
