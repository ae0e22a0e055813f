<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\ProductCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ulvrach\Material\Product;

/**
 * A jar that a person owns, whichever build it is used for. A plan that uses it carries its own copy.
 *
 * @property int $id
 * @property int $user_id
 * @property string $code
 * @property Product $product
 * @property float|null $left_ml
 * @property float|null $price  in whatever money its owner counts
 * @property Carbon|null $opened_on
 * @property int|null $keeps_months  once it is open
 * @property string $note
 * @property Carbon|null $measured_at  when somebody looked how much is left
 */
final class Jar extends Model
{
    protected $fillable = [
        'user_id',
        'code',
        'product',
        'left_ml',
        'price',
        'opened_on',
        'keeps_months',
        'note',
    ];

    /** When it is past its time; null: it is closed, or nobody has said. */
    public function goesOff(): ?Carbon
    {
        return $this->opened_on === null || $this->keeps_months === null
            ? null
            : $this->opened_on->copy()->addMonthsNoOverflow($this->keeps_months);
    }

    protected static function booted(): void
    {
        // Whoever says how much is left has looked.
        self::saving(static function (self $jar): void {
            if ($jar->isDirty('left_ml')) {
                $jar->measured_at = $jar->left_ml === null ? null : Carbon::now();
            }
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'product' => ProductCast::class,
            'left_ml' => 'float',
            'price' => 'float',
            'opened_on' => 'date:Y-m-d',
            'keeps_months' => 'integer',
            'measured_at' => 'datetime',
        ];
    }
}
