<?php

declare(strict_types=1);

use App\Models\User;
use Sabre\VObject\Reader;

beforeEach(function () {
    // A Tuesday morning: what is done and what dries in the demo hangs on the present moment.
    $this->travelTo(new DateTimeImmutable('2026-11-24 10:07:00 UTC'));
    $this->artisan('ulvrach:demo');
    $this->user = User::query()->sole();
    $this->actingAs($this->user);
    $this->week = [
        'timeZone' => 'Atlantic/Faroe',
        'sessions' => array_fill_keys(range(1, 7), [[1080, 1320]]),
        'exceptions' => [],
        'compressor' => [540, 1290],
        'daylight' => [540, 1020],
        'setup' => 15,
    ];
});

it('lays all builds into the usual week, and says when they end', function () {
    $clock = $this->postJson('/api/clock')->assertOk()->json();
    $moments = array_column($clock['items'], 'from');
    $sorted = $moments;
    sort($sorted);

    expect(array_column($clock['builds'], 'name'))
        ->toHaveCount(5)
        ->and($moments)
        ->toBe($sorted)
        ->and($clock['ends'])
        ->toBe(max(array_column($clock['items'], 'to')))
        ->and($clock['items'][0])
        ->toHaveKeys([
            'build',
            'step',
            'number',
            'technique',
            'product',
            'part',
            'from',
            'to',
            'reason',
            'closes',
            'dries',
        ]);
    foreach ($clock['items'] as $at => $item) {
        expect($at === 0 || $item['from'] >= $clock['items'][$at - 1]['to'])->toBeTrue();
    }
});

it('keeps a week of one’s own, and lays work into it', function () {
    $this->getJson('/api/week')->assertOk()->assertJsonPath('isSet', true);
    $this->actingAs($this->modeller())->getJson('/api/week')->assertOk()->assertJsonPath('isSet', false);
    $this->actingAs($this->user);
    $this->putJson('/api/week', [...$this->week, 'sessions' => [7 => [[600, 900]]]])
        ->assertOk()
        ->assertJsonPath('isSet', true)
        ->assertJsonPath('week.sessions.7.0', [600, 900]);
    foreach ($this->postJson('/api/clock')->assertOk()->json('items') as $item) {
        expect(
            (new DateTimeImmutable($item['from']))->setTimezone(new DateTimeZone('Atlantic/Faroe'))->format('N'),
        )->toBe('7');
    }
});

it('names the field of a week that cannot be', function (array $change, string $field) {
    $this->putJson('/api/week', [...$this->week, ...$change])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
})->with([
    'no such zone' => [['timeZone' => 'Tarsholm/Vell'], 'timeZone'],
    'a session that ends before it begins' => [['sessions' => [1 => [[900, 600]]]], 'sessions.1.0'],
    'a session beyond midnight' => [['sessions' => [1 => [[900, 1500]]]], 'sessions.1.0'],
    'an eighth day' => [['sessions' => [8 => []]], 'sessions'],
    'an exception on no date' => [['exceptions' => ['christmas' => []]], 'exceptions.christmas'],
    'a pace of nothing' => [['pace' => ['applying' => 0, 'cleaning' => 1]], 'pace.applying'],
    'a pace in words' => [['pace' => ['applying' => 1, 'cleaning' => 'slow']], 'pace.cleaning'],
    'a setup in words' => [['setup' => 'long'], 'setup'],
    'compressor hours of one number' => [['compressor' => [540]], 'compressor'],
]);

it('counts what another school would object to, and keeps no school', function () {
    $plain = $this->postJson('/api/clock')->assertOk()->json();
    $airy = $this->postJson('/api/clock', ['school' => 'clean-air'])
        ->assertOk()
        ->json();

    expect($plain['stops'])
        ->toBe(collect($this->getJson('/api/builds')->json('builds'))->sum('summary.stops'))
        ->and([$airy['stops'], $airy['risks']])
        ->not->toBe([$plain['stops'], $plain['risks']])
        ->and($this->postJson('/api/clock')->json('risks'))
        ->toBe($plain['risks']);
    $this->postJson('/api/clock', ['school' => 'of Tarsholm'])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('school');
});

it('tells what fits into minutes at the bench right now, and never does more than fits', function () {
    $this->putJson('/api/week', [...$this->week, 'timeZone' => 'UTC']);
    $plain = $this->postJson('/api/clock')->assertOk()->json();
    $laid = $this->postJson('/api/clock', ['spare' => 40])
        ->assertOk()
        ->json();
    $now = array_filter($laid['items'], static fn (array $item) => $item['from'] < '2026-11-24T10:47:00Z');

    expect($laid['now'])
        ->toBe('2026-11-24T10:07:00Z')
        ->and($now)
        ->not->toBe([])
        ->and($plain['items'][0]['from'])
        ->toBeGreaterThan('2026-11-24T17:00:00Z')
        ->and($laid['sessions'][0])
        ->toMatchArray(['from' => '2026-11-24T10:07:00Z', 'to' => '2026-11-24T10:47:00Z']);
    $this->postJson('/api/clock', ['spare' => 2])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('spare');
    $this->postJson('/api/clock', ['spare' => [40]])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('spare');
});

it('thinks a change through without keeping it', function () {
    $this->putJson('/api/week', $this->week);
    $ostrel = collect($this->postJson('/api/clock')->json('builds'))->firstWhere(
        fn ($build) => str_starts_with($build['name'], 'Ostrel'),
    )['id'];
    $plain = $this->postJson('/api/clock', ['builds' => [$ostrel]])
        ->assertOk()
        ->json();
    $cold = $this->postJson('/api/clock', ['builds' => [$ostrel], 'temperatureC' => 8, 'humidityPercent' => 85])
        ->assertOk()
        ->json();
    $missed = $this->postJson('/api/clock', ['builds' => [$ostrel], 'skipped' => [$plain['items'][0]['from']]])
        ->assertOk()
        ->json();

    expect($cold['ends'])
        ->toBeGreaterThan($plain['ends'])
        ->and($missed['items'][0]['from'])
        ->toBeGreaterThan($plain['items'][0]['from'])
        ->and($this->postJson('/api/clock', ['builds' => [$ostrel]])->json('ends'))
        ->toBe($plain['ends']);
});

it('puts a step off when asked', function () {
    $item = $this->postJson('/api/clock')->json('items.0');
    $until = gmdate('Y-m-d\TH:i:00\Z', strtotime($item['from']) + 5 * 86400);
    $items = collect(
        $this->postJson('/api/clock', [
            'putOff' => [['build' => $item['build'], 'step' => $item['step'], 'until' => $until]],
        ])
            ->assertOk()
            ->json('items'),
    );

    expect($items->where('build', $item['build'])->firstWhere('step', $item['step'])['from'])->toBeGreaterThanOrEqual(
        $until,
    );
});

it('names the field of a question that cannot be', function (array $question, string $field) {
    $this->postJson('/api/clock', $question)->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    [['temperatureC' => 400], 'temperatureC'],
    [['humidityPercent' => 'damp'], 'humidityPercent'],
    [['builds' => ['mine']], 'builds.0'],
    [['skipped' => ['tomorrow']], 'skipped.0'],
    [['putOff' => [['step' => 'a']]], 'putOff.0.build'],
    [['cabinetC' => 90], 'cabinetC'],
]);

it('says what is missing when there is no session at all', function () {
    $this->putJson('/api/week', [...$this->week, 'sessions' => [1 => []]])->assertOk();
    $this->postJson('/api/clock')->assertUnprocessable()->assertJsonPath('message', fn (string $said) => $said !== '');
});

it('writes a calendar that general libraries read, with ids that stay and alarms before windows close', function () {
    $text = $this->get('/api/calendar')
        ->assertOk()
        ->assertHeader('content-type', 'text/calendar; charset=utf-8')
        ->getContent();
    $calendar = Reader::read($text);
    $uids = array_map(fn ($event) => (string) $event->UID, $calendar->select('VEVENT'));
    $again = Reader::read($this->get('/api/calendar')->getContent());

    expect($calendar->validate())
        ->toBe([])
        ->and(array_unique($uids))
        ->toHaveCount(count($uids))
        ->and(array_map(fn ($event) => (string) $event->UID, $again->select('VEVENT')))
        ->toEqualCanonicalizing($uids)
        ->and($text)
        ->toContain('BEGIN:VALARM');
});

it('opens a private feed that anybody with its address can read, until it is revoked', function () {
    $address = $this->postJson('/api/feed')->assertCreated()->json('feed');
    auth()->logout();
    $this->get($address)->assertOk()->assertSee('BEGIN:VCALENDAR');
    $this->actingAs($this->user)->deleteJson('/api/feed')->assertOk()->assertJsonPath('feed', null);
    $this->get($address)->assertNotFound();
    $this->get('/feed/'.str_repeat('a', 40).'.ics')->assertNotFound();
});

it('lays nobody else’s builds', function () {
    $stranger = $this->modeller();
    expect($this->actingAs($stranger)->postJson('/api/clock')->assertOk()->json('items'))->toBe([]);
});

it('has three builds share about two weeks in the demo, beside an empty one and a card', function () {
    $clock = $this->postJson('/api/clock')->assertOk()->json();
    $last = array_map(
        static fn (array $build) => max(
            array_column(
                array_filter($clock['items'], static fn (array $item) => $item['build'] === $build['id']),
                'from',
            ),
        ),
        array_filter(
            $clock['builds'],
            static fn (array $build) => $build['held'] === 0 && $build['ends'] !== null,
        ),
    );

    expect($clock['builds'])
        ->toHaveCount(5)
        ->and($last)
        ->toHaveCount(2)
        ->and(min($last))
        ->toBeGreaterThan('2026-11-30')
        ->and(max($last))
        ->toBeLessThan('2026-12-12')
        ->and(array_filter($clock['items'], static fn (array $item) => str_starts_with($item['from'], '2026-11-29')))
        ->toBe([]);
});

it('holds back what stands under a stop and what goes over it, and says why', function () {
    $clock = $this->postJson('/api/clock')->assertOk()->json();
    $lorry = array_values(array_filter($clock['builds'], static fn (array $build) => $build['held'] > 0))[0];
    $state = $this->getJson("/api/builds/{$lorry['id']}")->json();
    $laid = array_column(
        array_filter($clock['items'], static fn (array $item) => $item['build'] === $lorry['id']),
        'step',
    );
    $stopped = array_column(
        array_filter(
            $state['verdict']['findings'],
            static fn (array $finding) => $finding['severity'] === 'stop' && $finding['accepted'] === null,
        ),
        'step',
    );

    expect($stopped)
        ->not->toBe([])
        ->and(array_intersect($stopped, $laid))
        ->toBe([])
        ->and(array_column($clock['held'], 'says'))
        ->not->toContain('')
        ->and($lorry['slackMinutes'])
        ->toBeNull()
        ->and(max(array_merge(...array_column($clock['held'], 'steps'))))
        ->toBeGreaterThan(1);
});

it('keeps work put off until it is taken back, for this person only', function () {
    $item = $this->postJson('/api/clock')->json('items.0');
    $wish = ['build' => $item['build'], 'step' => $item['step'], 'until' => '2026-11-27T00:00:00Z'];
    $this->putJson('/api/put-off', ['putOff' => [$wish]])->assertNoContent();
    $laid = $this->postJson('/api/clock')->json();
    $moved = array_values(
        array_filter(
            $laid['items'],
            static fn (array $one) => $one['build'] === $item['build'] && $one['step'] === $item['step'],
        ),
    );
    expect($laid['putOff'])
        ->toBe([$wish])
        ->and($moved[0]['from'])
        ->toBeGreaterThan($wish['until']);
    $this->putJson('/api/put-off', ['putOff' => []])->assertNoContent();
    expect($this->postJson('/api/clock')->json('items.0.from'))->toBe($item['from']);
    $this->putJson('/api/put-off', ['putOff' => [['build' => 'x']]])->assertUnprocessable();
});

it('looks for an earlier end in the background, and tells how far it has come', function () {
    $search = $this->postJson('/api/clock/searches')->assertStatus(202)->assertJsonPath('state', 'waiting')->json();
    $this->artisan('queue:work', ['--once' => true, '--quiet' => true]);
    $done = $this->getJson("/api/clock/searches/{$search['id']}")
        ->assertOk()
        ->assertJsonPath('state', 'done')
        ->json();

    expect($done['found'])
        ->toBeGreaterThan(0)
        ->and($done['ends'])
        ->toBe($this->postJson('/api/clock')->json('ends'));
    $this->actingAs($this->modeller())
        ->getJson("/api/clock/searches/{$search['id']}")
        ->assertNotFound();
    $this->deleteJson("/api/clock/searches/{$search['id']}")->assertNotFound();
});

it('does not begin a search that was ended before its turn, or that a newer one replaced', function () {
    $first = $this->postJson('/api/clock/searches')->json('id');
    $second = $this->postJson('/api/clock/searches', ['temperatureC' => 24])->json('id');
    $this->getJson("/api/clock/searches/{$first}")->assertJsonPath('state', 'stopped');
    $this->deleteJson("/api/clock/searches/{$second}")
        ->assertOk()
        ->assertJsonPath('state', 'stopped');
    $this->artisan('queue:work', ['--stop-when-empty' => true, '--quiet' => true]);

    $this->getJson("/api/clock/searches/{$second}")
        ->assertJsonPath('state', 'stopped')
        ->assertJsonPath('spent', 0)
        ->assertJsonPath('found', 0);
    $this->postJson('/api/clock/searches', ['temperatureC' => 99])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('temperatureC');
});

it('ends a running search when asked, and keeps what it has found', function () {
    $spent = [];
    $effort = new App\Clock\Effort(20.0, static function (float $seconds) use (&$spent): bool {
        $spent[] = $seconds;

        return count($spent) < 2;
    });
    $laid = app(App\Clock\Clock::class)->lay($this->user, effort: $effort);

    // Dates come first: what misses them by less may end later.
    $quality = static fn (array $clock): array => [
        array_sum(array_map(static fn (array $build) => max(0, -($build['slackMinutes'] ?? 0)), $clock['builds'])),
        strtotime($clock['ends']),
    ];

    expect($spent)
        ->toHaveCount(2)
        ->and($effort->worth())
        ->toBeLessThan(20.0)
        ->and($laid['ends'])
        ->not->toBeNull()
        // What was found is kept; a longer look can only better it.
        ->and($quality($this->postJson('/api/clock')->json()) <= $quality($laid))
        ->toBeTrue();
});

it('says what a date to meet leaves to spare, and what would have to go', function () {
    $build = $this->postJson('/api/clock')->json('builds.1');
    $state = $this->getJson("/api/builds/{$build['id']}")->json();
    $due = fn (mixed $day) => $this->postJson("/api/builds/{$build['id']}/edits", [
        'version' => $this->getJson("/api/builds/{$build['id']}")->json('version'),
        'edits' => [['edit' => 'describe-build', 'build' => [...$state['plan']['build'], 'due' => $day]]],
    ]);
    expect($build['due'])->toBe('2026-12-11T00:00:00Z')->and($build['slackMinutes'])->toBeGreaterThan(0);
    $due(null)->assertOk();
    expect($this->postJson('/api/clock')->json('builds.1'))->toMatchArray(['due' => null, 'slackMinutes' => null]);
    $this->getJson("/api/builds/{$build['id']}/shedding")
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('due');
    $due('2026-12-31')->assertOk();
    $late = $this->postJson('/api/clock')->json('builds.1');
    expect($late['due'])
        ->toBe('2027-01-01T00:00:00Z')
        ->and($late['slackMinutes'])
        ->toBe(intdiv(strtotime('2027-01-01T00:00:00Z') - strtotime($late['ends']), 60))
        // What has time gives way to what has a sooner date.
        ->and(strtotime($late['ends']))
        ->toBeGreaterThanOrEqual(strtotime($build['ends']));
    $due('2026-11-27')->assertOk();
    $shedding = $this->getJson("/api/builds/{$build['id']}/shedding")
        ->assertOk()
        ->json();
    expect($this->postJson('/api/clock')->json('builds.1.slackMinutes'))
        ->toBeLessThan(0)
        ->and($shedding['steps'])
        ->not->toBe([])
        ->and($shedding['isEnough'])
        ->toBeTrue();
    foreach (['2026-02-30', '2026-13-01', 'soon', 20261201] as $noDay) {
        $due($noDay)->assertUnprocessable()->assertJsonPath('faults.0.path', '/edits/0/build/due');
    }
});

it('lays work by the pace of one’s own hands, and cuts washes by it', function () {
    $usual = collect($this->postJson('/api/clock')->json('items'))->sum('minutes');
    $build = $this->postJson('/api/clock')->json('builds.1.id');
    $wash = collect($this->getJson("/api/builds/{$build}")->json('plan.steps'))->firstWhere(
        'technique',
        'enamel-wash',
    )['id'];
    $largest = $this->getJson("/api/builds/{$build}/steps/{$wash}")->json('rounds.largestCm2');
    $this->putJson('/api/week', [...$this->week, 'pace' => ['applying' => 2, 'cleaning' => 2.5]])
        ->assertOk()
        ->assertJsonPath('week.pace.cleaning', 2.5);

    expect(collect($this->postJson('/api/clock')->json('items'))->sum('minutes'))
        ->toBeGreaterThan(1.5 * $usual)
        ->and($this->getJson("/api/builds/{$build}/steps/{$wash}")->json('rounds.largestCm2'))
        ->toBeLessThan($largest);
});
