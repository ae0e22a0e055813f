<?php

declare(strict_types=1);

use App\Models\User;

it('tells one film at one moment alike on every page', function (bool $counts) {
    $this->travelTo(new DateTimeImmutable('2026-12-24 10:20:00 UTC'));
    $home = $this->driedBuild($counts);
    $id = $home['id'];
    $version = $this->getJson("/api/builds/{$id}")->json('version');
    $second = [...$this->primer('second')['step']];
    $state = $this->postJson("/api/builds/{$id}/edits", [
        'version' => $version,
        'edits' => [['edit' => 'insert-step', 'at' => 1, 'step' => $second]],
    ])->assertOk();
    $home = $this->getJson('/api/builds')->json('builds.0');
    $desk = $this->getJson('/api/work')->assertOk();
    $clock = collect($desk->json('clocks'))->firstWhere('step', 'first');
    $card = collect($desk->json('cards'))->firstWhere('step', 'second');
    $cures = $home['curing'][0]['cures'];

    // At home, at the bench, on the plan's page.
    expect($clock['cures'])->toBe($cures)
        ->and($state->json('films.0'))->toBe(['step' => 'first', 'cures' => $cures])
        ->and($home['next']['opensAt'])->toBe($cures['recoatable'])
        ->and($home['next']['opensSoonest'])->toBe($cures['soonest']['recoatable'])
        ->and($card['opensAt'])->toBe($home['next']['opensAt'])
        ->and($card['opensSoonest'])->toBe($home['next']['opensSoonest']);
    // In the timetable nothing begins before it may, and what is laid there dries as long as on the card.
    $items = collect($this->postJson('/api/clock')->assertOk()->json('items'))->where('step', 'second');
    $item = $items->last();
    expect(strtotime($items->first()['from']))->toBeGreaterThanOrEqual(strtotime($cures['soonest']['recoatable']));
    if (! $counts) {
        $takes = static fn (string $to, string $from): float => (strtotime($to) - strtotime($from)) / 60;
        expect((int) $takes($item['dries']['recoatable'], $item['to']))->toBe($card['after']['cures']['recoatable'])
            ->and((int) $takes($item['dries']['soonest']['touchDry'], $item['to']))
            ->toBe($card['after']['cures']['soonest']['touchDry']);
    }
    $said = (new DateTimeImmutable($item['dries']['soonest']['touchDry']))
        ->setTimezone(new DateTimeZone($desk->json('timeZone')))
        ->format('D j M, H:i');
    expect(str_replace("\r\n ", '', $this->get('/api/calendar')->getContent()))
        ->toContain('Dry to the touch '.str_replace(',', '\\,', $said));
})->with(['in the air of the plan' => false, 'in the room' => true]);

it('counts one session alike at home and at the bench, and warns of what is done in it alone', function () {
    $this->artisan('ulvrach:demo')->assertSuccessful();
    $this->actingAs(User::query()->where('email', config('ulvrach.demo_email'))->firstOrFail());
    $clock = $this->postJson('/api/clock')->assertOk();
    $next = $clock->json('next');
    $pieces = collect($clock->json('items'))
        ->flatMap(
            static fn (array $item) => array_map(static fn (array $one) => [...$item, ...$one], $item['pieces']),
        )
        ->filter(static fn (array $piece) => $piece['from'] >= $next['from'] && $piece['from'] < $next['to']);
    $steps = $pieces->unique(static fn (array $one) => "{$one['build']} {$one['step']}");
    $minutes = $pieces->sum(static fn (array $piece) => (strtotime($piece['to']) - strtotime($piece['from'])) / 60);

    expect($next['minutes'])->toEqual($minutes)
        ->and($this->getJson('/api/work')->json('session'))->toBe($next)
        ->and(count($next['steps']))->toBe($steps->count())
        ->and($this->getJson('/api/builds')->json('builds.0'))->not->toHaveKey('hazards');
});

it('lists what is bought by the piece beside what is measured', function () {
    $id = $this->startBuild($user = $this->modeller())->json('id');
    $jar = static fn (string $id, string $family) => ['edit' => 'put-product', 'product' => [
        'id' => $id, 'name' => $id, 'family' => $family, 'carrier' => 'water',
    ]];
    $step = ['id' => 'signs', 'technique' => 'decal', 'product' => 'sheet', 'zones' => ['turret']];
    $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => [
        $this->primerJar(),
        $this->primer(),
        $jar('sheet', 'decal-film'),
        ['edit' => 'insert-step', 'at' => 1, 'step' => $step],
    ]])->assertOk();
    $needs = collect($this->getJson('/api/supplies')->json('jars'))->keyBy('jar.id');

    expect($needs->keys()->sort()->values()->all())->toBe(['primer', 'sheet'])
        ->and($needs['sheet']['needMl'])->toBeNull()
        ->and($needs['sheet']['shortage'])->toBe('not-there')
        ->and($needs['primer']['needMl'])->toBeGreaterThan(0);
    // Whoever has a sheet has enough of it.
    $sheet = ['name' => 'Signs', 'family' => 'decal-film', 'carrier' => 'water'];
    $this->putJson('/api/jars/sheet', $sheet)->assertCreated();
    $needs = collect($this->getJson('/api/supplies')->json('jars'))->keyBy('jar.id');
    expect($needs['sheet']['shortage'])->toBe('enough');
    $this->postJson("/api/builds/{$id}/log", ['entries' => [logged('finished', 'signs')]])->assertCreated();
    expect(collect($this->getJson('/api/supplies')->json('jars'))->pluck('jar.id')->all())->toBe(['primer']);
});

it('puts plain jars on the shelf in one go, or none', function () {
    $this->actingAs($user = $this->modeller());
    $this->putJson('/api/jars/paint-sand', ['name' => 'My sand', 'family' => 'enamel', 'carrier' => 'white-spirit']);
    $this->postJson('/api/jars', ['jars' => ['paint-olive', 'gold-leaf']])->assertUnprocessable();
    expect($user->jars()->count())->toBe(1);
    $this->postJson('/api/jars', ['jars' => ['paint-olive', 'paint-sand', 'primer-grey']])->assertNoContent();

    expect(collect($this->getJson('/api/jars')->json('jars'))->pluck('name', 'id')->all())
        ->toBe([
            'primer-grey' => 'Grey primer, lacquer',
            'paint-sand' => 'My sand',
            'paint-olive' => 'Olive, waterborne',
        ]);
});

it('measures the zones of a build anew with other measures, another scale or another kind', function () {
    $state = $this->startBuild($this->modeller(), 'lorry')->json();
    $areas = array_column($state['plan']['zones'], 'areaCm2', 'name');
    $ask = fn (array $facts) => $this->postJson("/api/builds/{$state['id']}/areas", [
        'kind' => 'lorry', 'scale' => 35, 'form' => null, ...$facts,
    ]);
    expect($ask([])->assertOk()->json())->toBe(['zones' => [], 'edits' => []]);
    $small = $ask(['scale' => 70])->assertOk();
    expect(unlikeTheContract($small, 'areas'))->toBe([])
        ->and($small->json('zones'))->toHaveCount(count($areas));
    foreach ($small->json('zones') as ['name' => $name, 'was' => $was, 'is' => $is]) {
        expect($was)->toBe($areas[$name])->and($is / $was)->toEqualWithDelta(0.25, 0.03);
    }
    $long = array_column($ask(['form' => ['length' => 7600]])->json('zones'), null, 'name');
    expect($long['Load bed']['is'])->toBeGreaterThan($long['Load bed']['was'])
        ->and($long)->not->toHaveKey('Wheels');
    $this->postJson("/api/builds/{$state['id']}/edits", ['version' => 1, 'edits' => $small->json('edits')])->assertOk();
    $ask(['scale' => 0])->assertUnprocessable();
    $ask(['kind' => 'airship'])->assertUnprocessable();
    $this->actingAs($this->modeller());
    $ask([])->assertNotFound();
});
