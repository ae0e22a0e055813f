<?php

declare(strict_types=1);

use App\Models\Jar;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Http\Stocks;

/** @return array<string, mixed> the jar "green" on the shelf, as it is known */
function stockOf(array $changes = []): array
{
    return Stocks::of(['leftMl' => 10, ...$changes]);
}

beforeEach(function () {
    Carbon::setTestNow('2026-11-20T10:00:00Z');
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $green = ['id' => 'green', 'name' => 'Island green', 'family' => 'waterborne-acrylic', 'carrier' => 'water',
        'sheen' => 'matte', 'colour' => '#566043'];
    $step = static fn (string $id) => ['edit' => 'insert-step', 'at' => 0, 'step' => [
        'id' => $id, 'technique' => 'spray-colour', 'product' => 'green', 'zones' => ['turret']]];
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => [['edit' => 'put-product', 'product' => $green], $step('two'), $step('one')],
    ])->assertOk();
    $this->own = fn () => $this->putJson('/api/jars/green', array_diff_key($green, ['id' => 0]))->assertSuccessful();
    $this->finish = fn (string $step, string $at) => $this->postJson("/api/builds/{$this->id}/log", [
        'entries' => [['id' => Str::uuid()->toString(), 'kind' => 'finished', 'step' => $step, 'at' => $at]],
    ])->assertCreated();
    $this->left = fn () => $this->getJson('/api/shelf')->json('jars.0.leftMl');
});

afterEach(fn () => Carbon::setTestNow());

it('adds up what the plans take, and says what is not on the shelf', function () {
    $answer = $this->getJson('/api/supplies')->assertOk();
    [$take] = $answer->json('takes');

    expect(unlikeTheContract($answer, 'supplies'))->toBe([])
        ->and($answer->json('takes'))->toHaveCount(2)
        ->and($take['number'])->toBe(1)
        ->and($answer->json('jars.0.shortage'))->toBe('not-there')
        ->and($answer->json('jars.0.needMl'))->toEqualWithDelta(2 * $take['jarMl'], 0.011);
});

it('says when too little is left, nobody has measured, or it goes off before it is wanted', function () {
    ($this->own)();
    $verdict = fn () => $this->getJson('/api/supplies')->json('jars.0.shortage');
    expect($verdict())->toBe('unmeasured');
    $this->putJson('/api/shelf/green', stockOf(['leftMl' => 0.1]))->assertOk();
    expect($verdict())->toBe('too-little');
    $this->putJson('/api/shelf/green', stockOf())->assertOk();
    expect($verdict())->toBe('enough');
    $this->putJson('/api/shelf/green', stockOf(['openedOn' => '2026-10-01', 'keepsMonths' => 1]))->assertOk();
    expect($verdict())->toBe('goes-off');
});

it('counts what a finished step has taken, until that is taken back or the jar is looked at again', function () {
    ($this->own)();
    $this->putJson('/api/shelf/green', stockOf())->assertOk();
    ($this->finish)('one', '2026-11-20T11:00:00Z');
    $taken = $this->getJson('/api/supplies')->json('takes.0.jarMl');
    expect($this->getJson('/api/supplies')->json('takes'))->toHaveCount(1)
        ->and(($this->left)())->toEqualWithDelta(10 - $taken, 0.06);

    // What is typed now is what is left, whatever was taken before.
    Carbon::setTestNow('2026-11-20T12:00:00Z');
    $this->putJson('/api/shelf/green', stockOf(['leftMl' => 8]))->assertOk();
    expect(($this->left)())->toEqual(8);
});

it('takes nothing from a jar for a step that was finished before it was looked at', function () {
    ($this->own)();
    Carbon::setTestNow('2026-11-20T12:00:00Z');
    $this->putJson('/api/shelf/green', stockOf())->assertOk();
    ($this->finish)('one', '2026-11-20T11:00:00Z');

    expect(($this->left)())->toEqual(10)
        ->and(Jar::query()->first()?->measured_at?->toIso8601ZuluString())->toBe('2026-11-20T12:00:00Z');
});

it('shows nobody what another person’s plans take', function () {
    $this->actingAs(User::factory()->create());
    $this->getJson('/api/supplies')->assertOk()->assertExactJson(['takes' => [], 'jars' => [], 'mixes' => []]);
});

it('writes jars and mixes into a file, from which another account gets all of it', function () {
    ($this->own)();
    $this->putJson('/api/shelf/green', stockOf(['price' => 3.5, 'openedOn' => '2026-10-01', 'keepsMonths' => 24,
        'note' => 'shaken, not stirred']))->assertOk();
    $this->postJson('/api/mixes', ['name' => 'Hull', 'note' => 'thin', 'share' => 0.5, 'wanted' => '#5b6548',
        'parts' => [['jar' => 'green', 'parts' => 3]]])->assertCreated();
    $file = $this->get('/api/shelf.json')->assertOk()->getContent();

    $this->actingAs(User::factory()->create());
    foreach ([1, 2] as $time) {
        $taken = $this->call('POST', '/api/shelf/file', content: $file, server: ['CONTENT_TYPE' => 'application/json']);
        expect(unlikeTheContract($taken, 'shelfTaken'))->toBe([]);
    }
    expect($this->get('/api/shelf.json')->getContent())->toBe($file)
        ->and($this->getJson('/api/mixes')->json('mixes'))->toHaveCount(1);
});

it('takes nothing of a file in which anything is wrong', function () {
    $body = ['format' => 'ulvrach-shelf', 'version' => 1, 'jars' => [['jar' => ['id' => 'x']]], 'mixes' => []];
    $this->postJson('/api/shelf/file', $body)->assertStatus(422)->assertJsonPath('faults.0.path', '/jars/0/leftMl');

    expect($this->getJson('/api/shelf')->json('jars'))->toBe([]);
});

it('adds up several sets of one build, and refuses what is no number of sets', function () {
    $ml = fn (string $query) => array_sum(
        array_column($this->getJson("/api/supplies{$query}")->assertOk()->json('takes'), 'jarMl'),
    );

    expect($ml("?build={$this->id}&sets=5"))
        ->toBeGreaterThan(2 * $ml(''))
        ->toBeLessThan(5 * $ml(''))
        ->and($ml('?build=nobody&sets=5'))
        ->toBe($ml(''));
    $this->getJson("/api/supplies?build={$this->id}&sets=0")->assertJsonValidationErrorFor('sets');
});
