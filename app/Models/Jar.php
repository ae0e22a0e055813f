<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\ProductCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;

/**
 * A jar that a person owns, whichever build it is used for. A plan that uses it carries its own copy.
 *
 * @property int $id
 * @property int $user_id
 * @property string $code
 * @property Product $product
 * @property float|null $left_ml
 * @property float|null $price
 * @property Carbon|null $opened_on
 * @property int|null $keeps_months
 * @property string $note
 * @property string $thinner
 * @property Carbon|null $thinned_on
 * @property list<string> $signs  by their codes
 * @property float|null $holds_ml
 * @property string|null $role  by its code
 * @property bool $is_withdrawn
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
        'thinner',
        'thinned_on',
        'signs',
        'is_withdrawn',
        'holds_ml',
        'role',
    ];

    protected $attributes = ['note' => '', 'thinner' => '', 'signs' => '[]', 'is_withdrawn' => false];

    /** As it was when its owner last said something of it. */
    public function stock(): Stock
    {
        return new Stock(
            leftMl: $this->left_ml,
            price: $this->price,
            openedOn: $this->opened_on?->format('Y-m-d'),
            keepsMonths: $this->keeps_months,
            note: $this->note,
            thinner: $this->thinner,
            thinnedOn: $this->thinned_on?->format('Y-m-d'),
            signs: array_map(LabelSign::from(...), $this->signs),
            isWithdrawn: $this->is_withdrawn,
            holdsMl: $this->holds_ml,
            role: $this->role === null ? null : JarRole::from($this->role),
        );
    }

    /** @return array<string, mixed> columns */
    public static function columns(Stock $stock): array
    {
        return [
            'left_ml' => $stock->leftMl,
            'price' => $stock->price,
            'opened_on' => $stock->openedOn,
            'keeps_months' => $stock->keepsMonths,
            'note' => $stock->note,
            'thinner' => $stock->thinner,
            'thinned_on' => $stock->thinnedOn,
            'signs' => array_map(static fn (LabelSign $sign) => $sign->value, $stock->signs),
            'is_withdrawn' => $stock->isWithdrawn,
            'holds_ml' => $stock->holdsMl,
            'role' => $stock->role?->value,
        ];
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
            'thinned_on' => 'date:Y-m-d',
            'signs' => 'array',
            'is_withdrawn' => 'boolean',
            'holds_ml' => 'float',
            'measured_at' => 'datetime',
        ];
    }
}
