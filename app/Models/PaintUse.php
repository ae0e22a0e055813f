<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a jar has lost between two looks at it, against what the finished steps should have taken.
 *
 * @property int $id
 * @property int $user_id
 * @property string $jar
 * @property string $name
 * @property float $expected_ml by the plain figures, whatever of one's own is counted with
 * @property float $taken_ml
 * @property Carbon $created_at
 */
final class PaintUse extends Model
{
    protected $fillable = ['user_id', 'jar', 'name', 'expected_ml', 'taken_ml'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expected_ml' => 'float', 'taken_ml' => 'float'];
    }
}
