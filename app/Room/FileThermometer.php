<?php

declare(strict_types=1);

namespace App\Room;

/**
 * Reads what a small process beside the application writes: the present reading to a file, and one every so often to
 * a line of its log beside it. bin/thermometer, the simulated one, or a driver of a real one.
 */
final readonly class FileThermometer implements Thermometer
{
    /** Seconds after which a reading tells nothing any more of the present. */
    private const STALE = 600;

    public function __construct(private ?string $file)
    {
    }

    public function read(): ?Reading
    {
        $reading =
            $this->file === null || ! is_file($this->file)
                ? null
                : self::parse((string) file_get_contents($this->file));
        $age = $reading === null ? 0 : now()->getTimestamp() - (int) strtotime($reading->at);

        return $age < 0 || $age > self::STALE ? null : $reading;
    }

    public function log(): array
    {
        $lines =
            $this->file === null || ! is_file("{$this->file}.log")
                ? []
                : (array) file("{$this->file}.log", FILE_IGNORE_NEW_LINES);
        $readings = array_map(static fn (mixed $line) => self::parse((string) $line), $lines);

        return array_values(array_filter([...$readings, $this->read()]));
    }

    private static function parse(string $text): ?Reading
    {
        $data = json_decode($text, true);
        $isOne =
            is_array($data) &&
            is_numeric($data['temperatureC'] ?? null) &&
            is_numeric($data['humidityPercent'] ?? null) &&
            is_string($data['at'] ?? null) &&
            strtotime($data['at']) !== false;

        return $isOne
            ? new Reading(
                (float) $data['temperatureC'],
                (float) $data['humidityPercent'],
                $data['at'],
                ($data['simulated'] ?? false) === true,
            )
            : null;
    }
}
