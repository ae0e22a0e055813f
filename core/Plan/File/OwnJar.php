<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;

/** A jar on somebody's shelf, with what only its owner knows of it. */
final readonly class OwnJar
{
    public function __construct(public Product $product, public Stock $stock)
    {
    }
}
