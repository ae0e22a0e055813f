<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Ulvrach\Stuff\Material\ProductShelf;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Jar> $jars
 * @property-read WorkBench|null $bench
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }

    /** @return HasMany<OwnSchool, $this> */
    public function schools(): HasMany
    {
        return $this->hasMany(OwnSchool::class);
    }

    /** @return HasMany<Jar, $this> */
    public function jars(): HasMany
    {
        return $this->hasMany(Jar::class);
    }

    /** @return HasMany<SavedMix, $this> */
    public function mixes(): HasMany
    {
        return $this->hasMany(SavedMix::class);
    }

    /** @return HasMany<Pattern, $this> */
    public function patterns(): HasMany
    {
        return $this->hasMany(Pattern::class);
    }

    /** @return HasOne<WorkBench, $this> week, room and own numbers; read once a request, as `$user->bench` */
    public function bench(): HasOne
    {
        return $this->hasOne(WorkBench::class);
    }

    /** @param  array<string, mixed>  $columns  of its week, room and own numbers */
    public function keepBench(array $columns): void
    {
        $this->setRelation('bench', WorkBench::query()->updateOrCreate(['user_id' => $this->id], $columns));
    }

    /** The jars as the core looks for one that suits. */
    public function shelf(): ProductShelf
    {
        return new ProductShelf(array_values($this->jars->map(static fn (Jar $jar) => $jar->product)->all()));
    }

    /** @return HasMany<Build, $this> */
    public function builds(): HasMany
    {
        return $this->hasMany(Build::class);
    }
}
