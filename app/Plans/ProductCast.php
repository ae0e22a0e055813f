<?php

declare(strict_types=1);

namespace App\Plans;

use App\Shared\ReadOnce;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Stuff\Material\Product;

/**
 * A product is stored as plan files write it.
 *
 * @extends ReadOnce<Product>
 *
 * @phpstan-import-type ProductData from PlanReader
 */
final class ProductCast extends ReadOnce
{
    protected function read(string $text): Product
    {
        /** @var ProductData $product */
        $product = json_decode($text, true, 8, JSON_THROW_ON_ERROR);

        return PlanReader::product($product);
    }

    protected function write(object $value): string
    {
        return $value instanceof Product
            ? json_encode(PlanWriter::product($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
            : throw new \InvalidArgumentException('Only a product can be stored as a product.');
    }
}
