<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\SchoolCast;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\SchoolChoice;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property SchoolChoice $choice
 */
final class OwnSchool extends Model
{
    protected $fillable = ['user_id', 'name', 'choice'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choice' => SchoolCast::class];
    }
}
