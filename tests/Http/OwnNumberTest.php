<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;
use Tests\Http\Stocks;

beforeEach(function () {
    Carbon::setTestNow('2026-11-20T10:00:00Z');
    $this->user = $this->modeller();
    $this->actingAs($this->user);
    $green = ['id' => 'green', 'name' => 'Island green', 'family' => 'waterborne-acrylic', 'carrier' => 'water',
        'sheen' => 'matte', 'colour' => '#566043'];
    $step = static fn (string $id) => ['edit' => 'insert-step', 'at' => 0, 'step' => [
        'id' => $id, 'technique' => 'spray-colour', 'product' => 'green', 'zones' => ['turret', 'hull-top']]];
    $this->lay = function () use ($green, $step): string {
        $id = $this->startBuild($this->user)->json('id');
        $this->postJson("/api/builds/{$id}/edits", [
            'version' => 1,
            'edits' => [['edit' => 'put-product', 'product' => $green], $step('two'), $step('one')],
        ])->assertOk();

        return $id;
    };
    $this->id = ($this->lay)();
    $this->putJson('/api/jars/green', array_diff_key($green, ['id' => 0]))->assertSuccessful();
    $this->log = fn (string $kind, string $step, string $at) => $this->postJson("/api/builds/{$this->id}/log", [
        'entries' => [logged($kind, $step, ['at' => $at])],
    ])->assertCreated();
    $this->diary = fn () => $this->getJson('/api/diary')->assertOk();
});

afterEach(fn () => Carbon::setTestNow());

it('takes the drying times of a jar from the log once its owner agrees, and the table’s again', function () {
    $other = ($this->lay)();
    ($this->log)('finished', 'one', '2026-11-20T08:00:00Z');
    ($this->log)('ready', 'one', '2026-11-20T09:30:00Z');
    $drying = ($this->diary)()->json('dryings.0');
    $times = fn (string $id) => collect($this->getJson("/api/builds/{$id}")->json('plan.products'))
        ->firstWhere('id', 'green')['times'];

    expect(unlikeTheContract(($this->diary)(), 'diary'))
        ->toBe([])
        ->and([$drying['jar'], $drying['isCounted'], $drying['observations'][0]['own']])
        ->toBe(['green', false, 90])
        ->and($drying['ratio'])
        ->toBeGreaterThan(1.0)
        // Nothing counts before anybody has said so.
        ->and($times($this->id))
        ->toBeNull();
    $this->putJson('/api/own/drying', ['jar' => 'green', 'counts' => true])->assertNoContent();
    expect($times($this->id)['source'])
        ->toBe('own log')
        ->and($times($other))
        ->toBe($times($this->id))
        ->and(collect($this->getJson('/api/jars')->json('jars'))->firstWhere('id', 'green')['times'])
        ->toBe($times($this->id))
        ->and(($this->diary)()->json('dryings.0.isCounted'))
        ->toBeTrue()
        ->and($this->getJson("/api/builds/{$other}")->json('undo'))
        ->toBe('Own drying times of Island green');
    $this->putJson('/api/own/drying', ['jar' => 'green', 'counts' => false])->assertNoContent();
    expect($times($this->id))->toBeNull()->and($times($other))->toBeNull();
    $this->putJson('/api/own/drying', ['jar' => 'blue', 'counts' => true])->assertNotFound();
    $this->putJson('/api/own/drying', ['jar' => 'green'])->assertJsonValidationErrorFor('counts');
});

it('leaves out what its owner leaves out, and counts it again', function () {
    ($this->log)('finished', 'one', '2026-11-20T08:00:00Z');
    ($this->log)('ready', 'one', '2026-11-20T09:30:00Z');
    $key = ($this->diary)()->json('dryings.0.observations.0.key');
    $this->putJson('/api/own/observations', ['observation' => $key, 'counts' => false])->assertNoContent();
    $without = ($this->diary)()->json('dryings.0');
    $this->actingAs($this->modeller());
    $this->putJson('/api/own/observations', ['observation' => $key, 'counts' => false])->assertNoContent();
    $this->actingAs($this->user);
    $this->putJson('/api/own/observations', ['observation' => $key, 'counts' => true])->assertNoContent();
    $with = ($this->diary)()->json('dryings.0');

    expect([$without['ratio'], $without['observations'][0]['counts']])
        ->toEqual([1, false])
        ->and($with['observations'][0]['counts'])
        ->toBeTrue()
        ->and($with['ratio'])
        ->toBeGreaterThan(1.0);
    $this->putJson('/api/own/observations', ['counts' => true])->assertJsonValidationErrorFor('observation');
});

it('sees from what is left in a jar how much paint its owner takes, and counts with it once they agree', function () {
    $look = fn (float $ml) => $this->putJson('/api/shelf/green', Stocks::of(['leftMl' => $ml]))->assertOk();
    $look(20);
    expect(($this->diary)()->json('paint.observations'))->toBe([]);
    Carbon::setTestNow('2026-11-20T11:00:00Z');
    ($this->log)('finished', 'one', '2026-11-20T10:30:00Z');
    $needs = fn () => $this->getJson('/api/supplies')->json('takes.0.jarMl');
    $usual = $needs();
    $look(20 - 2 * $usual);
    $paint = ($this->diary)()->json('paint');

    expect($paint['observations'])
        ->toHaveCount(1)
        ->and($paint['observations'][0]['own'])
        ->toEqualWithDelta(2 * $paint['observations'][0]['usual'], 0.05)
        ->and($paint['ratio'])
        ->toBeGreaterThan(1.2)
        ->and($paint['counted'])
        ->toBeNull();
    $this->putJson('/api/own/paint', ['ratio' => 1.5])->assertNoContent();
    expect($needs())
        ->toEqualWithDelta(1.5 * $usual, 0.02)
        ->and(($this->diary)()->json('paint.counted'))
        ->toBe(1.5)
        ->and(collect($this->getJson('/api/work')->json('cards'))->firstWhere('step', 'two')['take']['jarMl'])
        ->toEqualWithDelta(1.5 * $usual, 0.02);
    // What was shown, and is sent along with another price, is no look into the jar.
    ($this->log)('finished', 'two', '2026-11-20T10:59:00Z');
    Carbon::setTestNow('2026-11-20T11:30:00Z');
    $shown = $this->getJson('/api/shelf')->json('jars.0.leftMl');
    $this->putJson('/api/shelf/green', Stocks::of(['leftMl' => $shown, 'price' => 4.5]))->assertOk();
    expect(($this->diary)()->json('paint.observations'))->toHaveCount(1);
    // Filled up, or looked at again with nothing done, it says nothing of the hands.
    $look(60);
    $look(59);
    expect(($this->diary)()->json('paint.observations'))->toHaveCount(1);
    $this->putJson('/api/own/paint', ['ratio' => null])->assertNoContent();
    expect(($this->diary)()->json('paint.counted'))->toBeNull();
    $this->putJson('/api/own/paint', ['ratio' => 'much'])->assertJsonValidationErrorFor('ratio');
    $this->putJson('/api/own/paint', [])->assertJsonValidationErrorFor('ratio');
    $this->actingAs($this->modeller());
    expect($this->getJson('/api/diary')->json('paint.observations'))->toBe([]);
});
