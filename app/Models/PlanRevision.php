<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\PlanCast;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\Plan;

/**
 * One state of a plan. Never changed once written.
 *
 * @property int $id
 * @property string $build_id
 * @property int|null $parent_id
 * @property string $label what was done to get here
 * @property Plan $document
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['build_id', 'parent_id', 'label', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => PlanCast::class];
    }
}
