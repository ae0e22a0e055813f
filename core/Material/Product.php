<?php

declare(strict_types=1);

namespace Ulvrach\Material;

/** A jar, tube or sheet as a plan or a shelf names it, and what is in it. */
final readonly class Product
{
    public function __construct(
        public string $id,
        public string $name,
        public Material $material,
    ) {
    }
}
