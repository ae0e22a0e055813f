<?php

declare(strict_types=1);

namespace App\Room;

/** Reads what a small process beside the application writes to a file: bin/thermometer, the simulated one, or a driver of a real one. */
final readonly class FileThermometer implements Thermometer
{
    /** Seconds after which a reading tells nothing any more. */
    private const STALE = 600;

    public function __construct(private ?string $file)
    {
    }

    public function read(): ?Reading
    {
        $data = $this->file === null || ! is_file($this->file) ? null : json_decode((string) file_get_contents($this->file), true);
        if (! is_array($data) || ! is_numeric($data['temperatureC'] ?? null) || ! is_numeric($data['humidityPercent'] ?? null) || ! is_string($data['at'] ?? null)) {
            return null;
        }
        $age = now()->getTimestamp() - (int) strtotime($data['at']);

        return $age < 0 || $age > self::STALE ? null
            : new Reading((float) $data['temperatureC'], (float) $data['humidityPercent'], $data['at'], ($data['simulated'] ?? false) === true);
    }
}
