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
