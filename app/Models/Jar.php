<?php

declare(strict_types=1);

namespace App\Models;

use App\Plans\ProductCast;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Material\Product;

/**
 * A jar that a person owns, whichever build it is used for. A plan that uses it carries its own copy.
 *
 * @property int $id
 * @property int $user_id
 * @property string $code
 * @property Product $product
 */
final class Jar extends Model
{
    protected $fillable = ['user_id', 'code', 'product'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['product' => ProductCast::class];
    }
}
