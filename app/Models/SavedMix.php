<?php

declare(strict_types=1);

namespace App\Models;

use App\Mixes\CupCast;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;

/**
 * A mix that somebody wants to make again.
 *
 * @property string $id
 * @property string $code  a UUID by which plans and other mixes of its owner know it
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

    protected $fillable = ['user_id', 'code', 'name', 'cup', 'note', 'history'];

    protected $attributes = ['history' => '[]'];

    /** What photographs of it are kept under. */
    public function subject(): string
    {
        return self::subjectOf($this->code);
    }

    public static function subjectOf(string $code): string
    {
        return "mix:{$code}";
    }

    public function kept(): KeptMix
    {
        return new KeptMix($this->code, $this->name, $this->cup, $this->note);
    }

    /**
     * Adds mixes that were written elsewhere, under the ids that plans know them by; one that is there already stays
     * once, and one whose id stands for another mix by now gets a new one.
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
            $isFree = $mix->id !== '' && ! $user->mixes()->where('code', $mix->id)->exists();
            self::query()->create([
                'user_id' => $user->id,
                'name' => $mix->name,
                'cup' => $mix->cup,
                'note' => $mix->note,
                ...($isFree ? ['code' => $mix->id] : []),
            ]);
        }
    }

    protected static function booted(): void
    {
        self::creating(static function (self $mix): void {
            $mix->setAttribute('code', $mix->getAttribute('code') ?? (string) Str::uuid());
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cup' => CupCast::class, 'history' => 'array'];
    }
}
