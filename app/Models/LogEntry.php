<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that happened to a build. Never changed once written; the database sees to that.
 *
 * @property int $id
 * @property string $build_id
 * @property string $uuid
 * @property string $kind
 * @property string|null $step_id
 * @property Carbon $happened_at
 * @property string|null $corrects
 * @property array<string, mixed> $data what else the entry says, as plan files write it
 */
final class LogEntry extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['build_id', 'uuid', 'kind', 'step_id', 'happened_at', 'corrects', 'data'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['happened_at' => 'datetime', 'data' => 'array'];
    }
}
