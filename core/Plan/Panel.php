<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** A face within a zone that may have a tint of its own: a plate, a hatch, the space between two weld lines. */
final readonly class Panel
{
    /**
     * @param  string  $id  one of its kind in the plan
     * @param  list<string>  $neighbours  ids of panels that meet it along an edge; told by either side is enough
     * @param  string|null  $plate  code of the plate of the vehicle that it is; null: it is drawn nowhere by itself
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $neighbours = [],
        public ?string $plate = null,
    ) {
    }

    public function adjoins(self $other): bool
    {
        return in_array($other->id, $this->neighbours, true) || in_array($this->id, $other->neighbours, true);
    }
}
