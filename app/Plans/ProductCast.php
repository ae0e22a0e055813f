<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Stuff\Material\Product;

/**
 * A product is stored as plan files write it.
 *
 * @implements CastsAttributes<Product, Product>
 *
 * @phpstan-import-type ProductData from PlanReader
 */
final class ProductCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Product
    {
        /** @var ProductData $product */
        $product = json_decode(is_string($value) ? $value : '', true, 8, JSON_THROW_ON_ERROR);

        return PlanReader::product($product);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Product
            ? json_encode(PlanWriter::product($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
            : throw new \InvalidArgumentException('Only a product can be stored as a product.');
    }
}
