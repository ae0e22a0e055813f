<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\UnreadablePlan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Ulvrach\Plan\Plan;

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

    /** What photographs of all builds are kept under. */
    public const PHOTOS = 'build:';

    protected $fillable = ['user_id', 'version', 'head_id'];

    /** @return BelongsTo<PlanRevision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'head_id');
    }

    /**
     * The plan as it is kept now.
     *
     * @throws UnreadablePlan if this program cannot read it
     */
    public function plan(): Plan
    {
        $plan = $this->head->getAttribute('document');

        return $plan instanceof Plan ? $plan : throw new \LogicException('A revision holds a plan.');
    }

    /**
     * Builds with their heads, each read once. One that is deleted between the two questions is left out.
     *
     * @param  Builder<self>|HasMany<self, User>  $query
     * @return Collection<int, self>
     */
    public static function whole(Builder|HasMany $query): Collection
    {
        return $query
            ->with('head')
            ->get()
            ->filter(static fn (self $build): bool => $build->getRelation('head') !== null)
            ->values();
    }

    /** @throws ModelNotFoundException for a head that was deleted, with its build, since the build was read */
    public function getRelationValue($key)
    {
        return parent::getRelationValue($key)
            ?? ($key === 'head' && $this->exists && isset($this->attributes['head_id'])
                ? throw (new ModelNotFoundException())->setModel(self::class, [$this->id])
                : null);
    }

    /**
     * Within a transaction: nobody can delete it until that ends, so that nothing is hung onto what is gone.
     *
     * @throws ModelNotFoundException if it was deleted meanwhile
     */
    public function mustStay(): void
    {
        $query = self::query();
        $query->sharedLock();
        $query->findOrFail($this->id, ['id']);
    }

    /**
     * What photographs of it are kept under: of all of it, or of a step or zone.
     *
     * @param  string  $kind  "step" or "zone"
     */
    public function photosOf(string $kind = '', string $id = ''): string
    {
        return self::PHOTOS."{$this->id}:".($kind === '' ? '' : "{$kind}:{$id}");
    }

    /** One of the facts in its plan as it is kept, also where the plan cannot be read; '' where there is none. */
    public function keptText(string $key): string
    {
        $stored = $this->head->getRawOriginal('document');
        $document = json_decode(is_string($stored) ? $stored : '', true);
        $facts = is_array($document) && is_array($document['build'] ?? null) ? $document['build'] : [];

        return match (true) {
            is_string($facts[$key] ?? null) => $facts[$key],
            $key === 'name' => 'A build',
            default => '',
        };
    }
}
