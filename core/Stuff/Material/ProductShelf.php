<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

/** Products side by side: those of a plan, those that a person owns, or those to begin with. */
final readonly class ProductShelf implements Shelf
{
    /** @var list<Product> */
    public array $products;

    /** @param  array<Product>  $products  among equals the first is taken */
    public function __construct(array $products)
    {
        $this->products = array_values($products);
    }

    public function find(Need $need): ?Product
    {
        $best = null;
        foreach ($this->products as $product) {
            if (! $need->isMetBy($product->material)) {
                continue;
            }
            if ($best === null || $need->distanceTo($product->material) < $need->distanceTo($best->material)) {
                $best = $product;
            }
        }

        return $best;
    }
}
