<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function () {
    Illuminate\Support\Carbon::setTestNow('2026-11-20T10:00:00Z');
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
    $this->draft = fn (array $changes = [], array $more = []) => $this->postJson("/api/builds/{$this->id}/draft", [
        'brief' => [
            'base' => '#566043',
            'scheme' => 'plain',
            'more' => [],
            'season' => 'spring',
            'weather' => 'showers',
            'driving' => 'road',
            'hasMarkings' => true,
            'ambition' => 'weeks',
            'isExpressive' => null,
            'overrules' => [],
            ...$changes,
        ],
        'serviceMonths' => 14,
        'terrain' => 'dry-earth',
        'school' => null,
        'part' => null,
        ...$more,
    ]);
});

afterEach(fn () => Illuminate\Support\Carbon::setTestNow());

it('drafts a sound plan, which becomes the plan by its edits, and goes again with one undo', function () {
    $draft = ($this->draft)()->assertOk();
    expect(unlikeTheContract($draft, 'draft'))->toBe([])
        ->and($draft->json('stops') + $draft->json('risks'))->toBe(0)
        ->and($draft->json('purchases'))->not->toBe([]);
    $laid = $this->postJson("/api/builds/{$this->id}/edits", ['version' => 1, 'edits' => $draft->json('edits')]);

    expect($laid->assertOk()->json('plan.steps'))->toHaveCount(count($draft->json('steps')))
        ->and($laid->json('plan.steps.0.note'))->toBe($draft->json('steps.0.why'))
        ->and($laid->json('plan.build.serviceMonths'))->toBe(14)
        ->and($laid->json('plan.build.brief.season'))->toBe('spring')
        ->and($laid->json('verdict.summary.stops'))->toBe(0);
    // Another story takes the place of the first.
    $winter = ['scheme' => 'winter', 'season' => 'winter'];
    $other = ($this->draft)($winter, ['terrain' => 'snow', 'school' => 'one-satin']);
    $again = $this->postJson("/api/builds/{$this->id}/edits", ['version' => 2, 'edits' => $other->json('edits')]);
    expect($again->assertOk()->json('plan.school'))->toBe('one-satin')
        ->and(array_column($again->json('plan.steps'), 'technique'))->toContain('winter-wash');
    $undone = $this->postJson("/api/builds/{$this->id}/undo", ['version' => 3])->assertOk();
    expect($undone->json('plan.build.brief.scheme'))->toBe('plain');
});

it('paints from one’s own shelf', function () {
    $this->putJson('/api/jars/green', [
        'name' => 'Own green',
        'family' => 'waterborne-acrylic',
        'carrier' => 'water',
        'sheen' => 'matte',
        'colour' => '#566043',
    ])->assertCreated();

    expect(array_column(($this->draft)()->json('steps'), 'product'))->toContain('Own green');
});

it('says where a story is not as it should be', function (array $changes, array $more, string $path) {
    $answer = ($this->draft)($changes, $more)->assertUnprocessable();
    $paths = [...array_column($answer->json('faults') ?? [], 'path'), ...array_keys($answer->json('errors') ?? [])];

    expect(array_filter($paths, static fn ($one) => str_contains($one, $path)))->not->toBe([]);
})->with([
    'no colour' => [['base' => 'olive'], [], 'base'],
    'a scheme that is none' => [['scheme' => 'zebra'], [], 'scheme'],
    'more than all' => [['overrules' => [['zone' => 'turret', 'trace' => 'mud', 'amount' => 2]]], [], 'amount'],
    'less than no service' => [[], ['serviceMonths' => -1], 'serviceMonths'],
    'no such school' => [[], ['school' => 'nobody'], 'school'],
    'no story' => [[], ['brief' => null], 'brief'],
]);

it('drafts nothing over work that has begun, and nothing for strangers', function () {
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => ($this->draft)()->json('edits'),
    ])->assertOk();
    $this->postJson("/api/builds/{$this->id}/log", ['entries' => [[
        'id' => Illuminate\Support\Str::uuid()->toString(),
        'kind' => 'finished',
        'step' => 'cut-and-sand-1',
        'at' => '2026-11-20T10:00:00Z',
    ]]])->assertCreated();
    ($this->draft)()->assertJsonValidationErrorFor('brief');
    $this->actingAs(User::factory()->create());
    ($this->draft)()->assertNotFound();
});

it('drafts one part anew and leaves one’s own steps as they are', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => 1, 'edits' => ($this->draft)()->json('edits')]);
    $own = ['id' => 'my-own', 'technique' => 'look-over', 'product' => null, 'zones' => ['turret'], 'note' => 'Mine.'];
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 2,
        'edits' => [['edit' => 'insert-step', 'at' => 5, 'step' => $own]],
    ])->assertOk();
    $before = collect($this->getJson("/api/builds/{$this->id}")->json('plan.steps'));
    $draft = ($this->draft)(['weather' => 'wet', 'driving' => 'field'], ['terrain' => 'wet-clay', 'part' => 'Earth']);
    $after = collect($this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 3,
        'edits' => $draft->assertOk()->json('edits'),
    ])->assertOk()->json('plan.steps'));

    expect($draft->json('stops') + $draft->json('risks'))->toBe(0)
        ->and($after->pluck('technique'))->toContain('mud-paste')
        ->and($before->pluck('technique'))->not->toContain('mud-paste')
        ->and($after->firstWhere('id', 'my-own'))->toBe($before->firstWhere('id', 'my-own'))
        // All that comes before the earth is as it was, and where it was.
        ->and($after->take(20)->all())->toBe($before->take(20)->all());
    ($this->draft)([], ['part' => 'Lunch'])->assertJsonValidationErrorFor('part');
});

it('takes over the plan of another build of one’s own, and of nobody else’s', function () {
    $other = $this->startBuild($this->user)->json('id');
    $edits = ($this->draft)()->json('edits');
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => 1, 'edits' => $edits])->assertOk();
    $ask = fn (string $from) => $this->postJson("/api/builds/{$other}/draft", [
        ...json_decode((string) json_encode([
            'brief' => ['base' => '#6f7478', 'scheme' => 'plain', 'season' => 'summer', 'weather' => 'dry',
                'driving' => 'road', 'ambition' => 'weeks'],
        ]), true),
        'from' => $from,
    ]);
    $taken = $ask($this->id)->assertOk();

    expect(unlikeTheContract($taken, 'draft'))->toBe([])
        ->and($taken->json('stops') + $taken->json('risks'))->toBe(0)
        ->and(count($taken->json('steps')))->toBeGreaterThan(20);
    $stranger = $this->modeller();
    $theirs = $this->startBuild($stranger)->json('id');
    $this->actingAs($this->user);
    $ask($theirs)->assertJsonValidationErrorFor('from');
});

it('drafts zones anew, keeps what is locked, and tells the plan as it stands', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ['version' => 1, 'edits' => ($this->draft)()->json('edits')]);
    $steps = collect($this->getJson("/api/builds/{$this->id}")->json('plan.steps'));
    $prime = $steps->firstWhere('technique', 'prime');
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 2,
        'edits' => [['edit' => 'replace-step', 'step' => [...$prime, 'locked' => true]]],
    ])->assertOk();
    $standing = ($this->draft)([], ['asItStands' => true, 'inWeek' => true])->assertOk();
    $anew = ($this->draft)(['base' => '#c2a878'], ['zones' => ['turret']])->assertOk();
    $locked = collect($anew->json('steps'))->firstWhere('id', $prime['id']);

    expect(unlikeTheContract($standing, 'draft'))->toBe([])
        ->and(array_column($standing->json('steps'), 'id'))->toBe($steps->pluck('id')->all())
        ->and($locked['isLocked'])->toBeTrue()
        ->and($locked['zones'])->toBe($prime['zones'])
        ->and(collect($anew->json('steps'))->where('isNew', true)->pluck('zones')->flatten()->unique()->all())
        ->toBe(['turret'])
        ->and($standing->json('inWeek.sessions'))->toBeGreaterThan(2)
        ->and($standing->json('inWeek.ends'))->toBeGreaterThan('2026-11-21')
        ->and($anew->json('inWeek'))->toBeNull()
        ->and(($this->draft)(['ambition' => 'exhibition'])->json('effort'))->toContain('40 hours and more')
        ->and(($this->draft)(['ambition' => 'evenings'])->json('effort'))->toMatch('/6 to 10 hours.*this takes \d+/')
        ->and(array_column($standing->json('steps'), 'takenBack'))->toContain('always', 'never');
    ($this->draft)([], ['zones' => ['cellar']])->assertJsonValidationErrorFor('zones.0');
});

it('says no end of a plan that a stop holds back', function () {
    $wash = ['id' => 'lift', 'technique' => 'lift-off', 'product' => null, 'zones' => ['turret']];
    $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => [['edit' => 'insert-step', 'at' => 0, 'step' => $wash]],
    ])->assertOk();
    $standing = ($this->draft)([], ['asItStands' => true, 'inWeek' => true])->assertOk();

    expect($standing->json('stops'))->toBeGreaterThan(0)->and($standing->json('inWeek'))->toBeNull();
});

it('says what follows from one other answer, and keeps that answer with the plan', function () {
    $lifted = ($this->draft)();
    $applied = ($this->draft)([], ['answers' => ['chips' => 'applied']])->assertOk();
    $after = $this->postJson("/api/builds/{$this->id}/edits", [
        'version' => 1,
        'edits' => $applied->json('edits'),
    ])->assertOk();

    expect(array_column($lifted->json('steps'), 'technique'))->toContain('Chipping fluid')
        ->and(array_column($applied->json('steps'), 'technique'))->not->toContain('Chipping fluid')
        ->and($after->json('plan.school.answers'))->toBe(['chips' => 'applied'])
        ->and($after->json('plan.school.name'))->toBe('Sealed steps; applied with sponge, brush or pencil');
    ($this->draft)([], ['answers' => ['chips' => 'dreamt']])->assertJsonValidationErrorFor('answers');
    ($this->draft)([], ['answers' => ['lunch' => 'early']])->assertJsonValidationErrorFor('answers');
});
