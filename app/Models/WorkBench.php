<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock\BenchSettings;
use Illuminate\Database\Eloquent\Model;

/**
 * A person's week, and the secret address of their calendar if they have asked for one.
 *
 * @property int $user_id
 * @property array{
 *   timeZone: string,
 *   sessions: array<int, list<array{int, int}>>,
 *   exceptions: array<string, list<array{int, int}>>,
 *   compressor: array{int, int},
 *   daylight: array{int, int},
 *   setup: int,
 *   pace?: array{applying: float|int, cleaning: float|int},
 * }|null $document
 * @property array{
 *   seasons: array<string, array{
 *     day: array{temperatureC: float|int, humidityPercent: float|int},
 *     night: array{temperatureC: float|int, humidityPercent: float|int},
 *   }>,
 *   night: array{int, int},
 *   counts: bool,
 * }|null $room
 * @property list<array{build: string, step: string, until: string}>|null $put_off
 * @property string|null $feed_token
 * @property array{dropped?: list<string>, paint?: float|int|null}|null $own
 *
 * @see BenchSettings
 */
final class WorkBench extends Model
{
    protected $fillable = ['user_id', 'document', 'room', 'put_off', 'feed_token', 'own'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'room' => 'array', 'put_off' => 'array', 'own' => 'array'];
    }
}
