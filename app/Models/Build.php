<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A row: whose build it is, and which revision of its plan is the present one. Everything else stands in the plan.
 *
 * @property string $id
 * @property int $user_id
 * @property int $version
 * @property int $head_id
 * @property PlanRevision $head
 * @property Carbon $updated_at
 */
final class Build extends Model
{
    use HasUuids;

    protected $fillable = ['user_id', 'version', 'head_id'];

    /** @return BelongsTo<PlanRevision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'head_id');
    }
}
