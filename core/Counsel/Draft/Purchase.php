<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Stuff\Material\Product;

/** Something that a draft needs and that does not stand on the shelf. */
final readonly class Purchase
{
    /** @param  string  $role  what it is for, in few words */
    public function __construct(public Product $product, public string $role)
    {
    }
}
