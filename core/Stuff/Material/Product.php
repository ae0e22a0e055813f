<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Copies;
use Ulvrach\Stuff\Drying\OwnTimes;

/** A jar, tube or sheet as a plan or a shelf names it, and what is in it. */
final readonly class Product
{
    use Copies;

    public function __construct(
        public string $id,
        public string $name,
        public Material $material,
    ) {
    }

    /** The same with drying times of its own; null: with those of the table. */
    public function drying(?OwnTimes $times): self
    {
        return $this->with(material: $this->material->with(times: $times));
    }
}
