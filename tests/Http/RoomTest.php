<?php

declare(strict_types=1);

it('tells the room as it is measured, while the reading is fresh', function (?string $text, mixed $reading) {
    $file = tempnam(sys_get_temp_dir(), 'room');
    file_put_contents($file, (string) $text);
    config(['ulvrach.thermometer' => $text === null ? '' : $file]);
    $this->actingAs($this->modeller())->getJson('/api/room')->assertOk()->assertJsonPath('reading.temperatureC', $reading);
    unlink($file);
})->with([
    'fresh' => [fn () => json_encode(['temperatureC' => 21.5, 'humidityPercent' => 48, 'at' => gmdate('Y-m-d\TH:i:s\Z'), 'simulated' => true]), 21.5],
    'an hour old' => [fn () => json_encode(['temperatureC' => 21.5, 'humidityPercent' => 48, 'at' => gmdate('Y-m-d\TH:i:s\Z', time() - 3600)]), null],
    'half a reading' => ['{"temperatureC": 21', null],
    'no number' => ['{"temperatureC": "warm", "humidityPercent": 48, "at": "2026-11-24T10:00:00Z"}', null],
    'no thermometer' => [null, null],
]);

it('is read from the simulated thermometer', function () {
    $file = sys_get_temp_dir().'/ulvrach-thermometer-'.getmypid();
    $process = proc_open([PHP_BINARY, base_path('bin/thermometer'), $file], [], $pipes);
    for ($try = 0; $try < 100 && ! is_file($file); $try++) {
        usleep(50_000);
    }
    config(['ulvrach.thermometer' => $file]);
    $reading = $this->actingAs($this->modeller())->getJson('/api/room')->json('reading');
    proc_terminate($process);
    proc_close($process);
    unlink($file);
    expect($reading['simulated'])->toBeTrue()->and($reading['temperatureC'])->toBeGreaterThan(10)->toBeLessThan(30);
});

it('keeps what a room is like through the year, and begins a build in the air of its season', function () {
    $this->travelTo(new DateTimeImmutable('2026-12-24 10:00:00 UTC'));
    $user = $this->modeller();
    $room = $this->actingAs($user)->getJson('/api/room')->assertOk()->assertJsonPath('season', 'winter')->json('profile');
    $cold = [...$room, 'winter' => ['temperatureC' => 16.5, 'humidityPercent' => 35]];
    $this->putJson('/api/room', $cold)->assertOk()->assertJsonPath('profile.winter.temperatureC', 16.5);

    expect($this->startBuild($user)->json('plan.bench'))->toMatchArray(['temperatureC' => 16.5, 'humidityPercent' => 35])
        ->and($this->startBuild($this->modeller())->json('plan.bench.temperatureC'))->toBe($room['winter']['temperatureC']);
});

it('names the field of a room that cannot be', function (mixed $winter, string $field) {
    $this->actingAs($this->modeller());
    $this->putJson('/api/room', [...$this->getJson('/api/room')->json('profile'), 'winter' => $winter])->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    'too cold' => [['temperatureC' => -3, 'humidityPercent' => 40], 'winter.temperatureC'],
    'too damp' => [['temperatureC' => 18, 'humidityPercent' => 99], 'winter.humidityPercent'],
    'in words' => [['temperatureC' => 'cold', 'humidityPercent' => 40], 'winter.temperatureC'],
    'half of it' => [['temperatureC' => 18], 'winter.humidityPercent'],
    'nothing' => [null, 'winter'],
]);
