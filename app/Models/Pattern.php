<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\PlanCast;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\Plan;

/**
 * A plan that somebody wants to lay down again on other vehicles, as it was when it was kept.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property Plan $document
 */
final class Pattern extends Model
{
    use HasUuids;

    protected $fillable = ['user_id', 'name', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => PlanCast::class];
    }
}
