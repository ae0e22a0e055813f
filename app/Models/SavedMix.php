<?php

declare(strict_types=1);

namespace App\Models;

use App\Mixes\CupCast;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ulvrach\Palette\Cup;

/**
 * A mix that somebody wants to make again.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property Cup $cup
 * @property string $note
 * @property Carbon $created_at
 */
final class SavedMix extends Model
{
    use HasUuids;

    protected $table = 'mixes';

    protected $fillable = ['user_id', 'name', 'cup', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cup' => CupCast::class];
    }
}
