<?php

declare(strict_types=1);

it('tells the room as it is measured, while the reading is fresh', function (?string $text, mixed $reading) {
    $file = tempnam(sys_get_temp_dir(), 'room');
    file_put_contents($file, (string) $text);
    config(['ulvrach.thermometer' => $text === null ? '' : $file]);
    $this->actingAs($this->modeller())
        ->getJson('/api/room')
        ->assertOk()
        ->assertJsonPath('reading.temperatureC', $reading);
    unlink($file);
})->with([
    'fresh' => [
        fn () => json_encode([
            'temperatureC' => 21.5,
            'humidityPercent' => 48,
            'at' => gmdate('Y-m-d\TH:i:s\Z'),
            'simulated' => true,
        ]),
        21.5,
    ],
    'an hour old' => [
        fn () => json_encode([
            'temperatureC' => 21.5,
            'humidityPercent' => 48,
            'at' => gmdate('Y-m-d\TH:i:s\Z', time() - 3600),
        ]),
        null,
    ],
    'half a reading' => ['{"temperatureC": 21', null],
    'no number' => ['{"temperatureC": "warm", "humidityPercent": 48, "at": "2026-11-24T10:00:00Z"}', null],
    'no thermometer' => [null, null],
]);

it('is read from the simulated thermometer, which keeps a log', function () {
    $file = sys_get_temp_dir().'/ulvrach-thermometer-'.getmypid();
    $process = proc_open([PHP_BINARY, base_path('bin/thermometer'), $file], [], $pipes);
    for ($try = 0; $try < 100 && ! is_file("{$file}.log"); $try++) {
        usleep(50_000);
    }
    config(['ulvrach.thermometer' => $file]);
    $reading = $this->actingAs($this->modeller())->getJson('/api/room')->json('reading');
    proc_terminate($process);
    proc_close($process);
    $log = file("{$file}.log", FILE_IGNORE_NEW_LINES);
    unlink($file);
    unlink("{$file}.log");
    expect($log)->toHaveCount(1)->and(json_decode($log[0], true)['temperatureC'])->toEqual($reading['temperatureC']);
    expect($reading['simulated'])->toBeTrue()->and($reading['temperatureC'])->toBeGreaterThan(10)->toBeLessThan(30);
});

it('keeps what a room is like by season and hour, and begins a build in the air of its season', function () {
    $this->travelTo(new DateTimeImmutable('2026-12-24 10:00:00 UTC'));
    $user = $this->modeller();
    $room = $this->actingAs($user)
        ->getJson('/api/room')
        ->assertOk()
        ->assertJsonPath('season', 'winter')
        ->assertJsonPath('isKept', false)
        ->assertJsonPath('profile.counts', false)
        ->json('profile');
    $cold = array_replace_recursive($room, [
        'seasons' => ['winter' => ['day' => ['temperatureC' => 16.5, 'humidityPercent' => 35]]],
        'night' => [1350, 300],
        'counts' => true,
    ]);
    $this->putJson('/api/room', $cold)->assertOk()->assertJsonPath('profile', $cold)->assertJsonPath('isKept', true);

    expect($this->startBuild($user)->json('plan.bench'))
        ->toMatchArray(['temperatureC' => 16.5, 'humidityPercent' => 35])
        ->and($this->startBuild($this->modeller())->json('plan.bench.temperatureC'))
        ->toEqual($room['seasons']['winter']['day']['temperatureC']);
});

it('names the field of a room that cannot be', function (array $change, string $field) {
    $this->actingAs($this->modeller());
    $this->putJson('/api/room', array_replace_recursive($this->getJson('/api/room')->json('profile'), $change))
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
})->with([
    'too cold' => [['seasons' => ['winter' => ['day' => ['temperatureC' => -3]]]], 'seasons.winter.day.temperatureC'],
    'too damp' => [
        ['seasons' => ['winter' => ['night' => ['humidityPercent' => 99]]]],
        'seasons.winter.night.humidityPercent',
    ],
    'in words' => [
        ['seasons' => ['winter' => ['day' => ['temperatureC' => 'cold']]]],
        'seasons.winter.day.temperatureC',
    ],
    'half of it' => [
        ['seasons' => ['winter' => ['day' => ['humidityPercent' => null]]]],
        'seasons.winter.day.humidityPercent',
    ],
    'no season' => [['seasons' => null], 'seasons'],
    'a night beyond the day' => [['night' => [1500, 300]], 'night.0'],
    'a night in words' => [['night' => 'late'], 'night'],
    'counting in words' => [['counts' => 'yes'], 'counts'],
]);

/**
 * A thermometer whose readings are written by hand. @param  list<array{string, float}>  $log  moment and temperature
 */
function thermometerThatLogged(array $log): void
{
    $file = sys_get_temp_dir().'/ulvrach-logged-'.getmypid();
    file_put_contents(
        "{$file}.log",
        implode("\n", [
            'half a read',
            ...array_map(
                fn (array $one) => json_encode(['temperatureC' => $one[1], 'humidityPercent' => 50, 'at' => $one[0]]),
                $log,
            ),
        ])."\n",
    );
    config(['ulvrach.thermometer' => $file]);
}

afterEach(fn () => array_map(unlink(...), glob(sys_get_temp_dir().'/ulvrach-logged-'.getmypid().'*')));

it('counts what dries with the room as it was measured, if one says so', function (
    bool $counts,
    array $log,
    string $solventProof,
) {
    $this->travelTo(new DateTimeImmutable('2026-12-24 13:00:00 UTC'));
    thermometerThatLogged($log);
    expect($this->driedBuild($counts)['curing'][0]['cures']['solventProof'])->toBe($solventProof);
})->with([
    'as the plan says' => [false, [['2026-12-24T10:00:00Z', 30.0]], '2026-12-26T10:00:00Z'],
    'cold nights take longer' => [true, [], '2026-12-26T12:12:00Z'],
    'a warm hour hurries it' => [
        true,
        [['2026-12-24T10:00:00Z', 30.0], ['2026-12-24T11:00:00Z', 30.0], ['2026-12-24T12:00:00Z', 30.0]],
        '2026-12-26T10:02:00Z',
    ],
    'readings outside all that is known count for nothing' => [
        true,
        [['2026-12-24T10:00:00Z', 60.0]],
        '2026-12-26T12:12:00Z',
    ],
]);

it('lays work by the room, and thinks another one through in its stead', function () {
    $this->travelTo(new DateTimeImmutable('2026-12-24 13:00:00 UTC'));
    thermometerThatLogged([]);
    $id = $this->driedBuild(true)['id'];
    $state = $this->getJson("/api/builds/{$id}")->json();
    $this->postJson("/api/builds/{$id}/edits", [
        'version' => $state['version'],
        'edits' => [['edit' => 'insert-step', 'at' => 1, 'step' => [...$this->primer()['step'], 'id' => 'second']]],
    ])->assertOk();
    $dries = fn (array $question): string => $this->postJson('/api/clock', $question)
        ->assertOk()
        ->collect('items')
        ->last()['dries']['solventProof'];
    $asPlanned = $dries(['temperatureC' => 20, 'humidityPercent' => 40]);

    expect($dries([]))->toBeGreaterThan($asPlanned)->and($dries(['temperatureC' => 30]))->toBeLessThan($asPlanned);
});
