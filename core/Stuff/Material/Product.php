<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Stuff\Drying\OwnTimes;

/** A jar, tube or sheet as a plan or a shelf names it, and what is in it. */
final readonly class Product
{
    public function __construct(
        public string $id,
        public string $name,
        public Material $material,
    ) {
    }

    /** The same with drying times of its own; null: with those of the table. */
    public function drying(?OwnTimes $times): self
    {
        $is = $this->material;

        return new self(
            $this->id,
            $this->name,
            new Material($is->family, $is->carrier, $is->sheen, $is->colour, $is->opacity, $times, $is->metallic),
        );
    }
}
