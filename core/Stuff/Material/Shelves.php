<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

/** Shelves one behind the other: what the first has is taken before anything on the next. */
final readonly class Shelves implements Shelf
{
    /** @var list<Shelf> */
    private array $shelves;

    public function __construct(Shelf ...$shelves)
    {
        $this->shelves = array_values($shelves);
    }

    /**
     * What a modeller reaches for: the products of the plan, the jars that the person owns, and what everybody begins
     * with.
     *
     * @param  array<Product>  $planned
     */
    public static function around(array $planned, ?Shelf $own = null): self
    {
        return new self(
            new ProductShelf($planned),
            ...($own === null ? [] : [$own]),
            ...[new ProductShelf(StarterShelf::all())],
        );
    }

    public function find(Need $need): ?Product
    {
        foreach ($this->shelves as $shelf) {
            $product = $shelf->find($need);
            if ($product !== null) {
                return $product;
            }
        }

        return null;
    }
}
