<?php

declare(strict_types=1);

namespace App\Models;

use App\Mixes\CupCast;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ulvrach\Palette\Cup;
use Ulvrach\Palette\KeptMix;

/**
 * A mix that somebody wants to make again.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property Cup $cup
 * @property string $note
 * @property list<array<string, mixed>> $history  what it was before, the last first
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class SavedMix extends Model
{
    use HasUuids;

    protected $table = 'mixes';

    protected $fillable = ['user_id', 'name', 'cup', 'note', 'history'];

    protected $attributes = ['history' => '[]'];

    public function kept(): KeptMix
    {
        return new KeptMix($this->id, $this->name, $this->cup, $this->note);
    }

    /**
     * Adds mixes that were written elsewhere; one that is there already stays once. One keeps its id unless somebody
     * else has it, so that plans find it again.
     *
     * @param  list<KeptMix>  $mixes
     */
    public static function take(User $user, array $mixes): void
    {
        $known = [];
        foreach ($user->mixes()->get() as $mix) {
            $known[serialize([$mix->name, $mix->cup, $mix->note])] = true;
        }
        foreach ($mixes as $mix) {
            if (isset($known[serialize([$mix->name, $mix->cup, $mix->note])])) {
                continue;
            }
            $new = new self([
                'user_id' => $user->id,
                'name' => $mix->name,
                'cup' => $mix->cup,
                'note' => $mix->note,
            ]);
            if ($mix->id !== '' && ! self::query()->whereKey($mix->id)->exists()) {
                $new->id = $mix->id;
            }
            $new->save();
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cup' => CupCast::class, 'history' => 'array'];
    }
}
