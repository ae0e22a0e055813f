<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

/** Somewhere to look for a product. */
interface Shelf
{
    /** The best product that meets the need; null: nothing here does. */
    public function find(Need $need): ?Product;
}
