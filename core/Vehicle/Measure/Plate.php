<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

/** A flat face that is large enough to be given a tint of its own. */
final readonly class Plate
{
    /**
     * @param  string  $code  the same while the vehicle's measures change
     * @param  string  $name  the part and the side that it is on: "hull, left"
     * @param  string  $zone  kind of the zone
     * @param  float  $area  m²
     * @param  array<int, float>  $neighbours  by their places in the list of plates: metres of the edge between them
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $zone,
        public float $area,
        public array $neighbours,
    ) {
    }
}
