<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

/** What is found out about a vehicle by looking at it from six sides. */
final readonly class Measurement
{
    /**
     * @param  array<string, ZoneMeasure>  $zones  by zone kind: as the whole vehicle stands there, for wear and dust
     * @param  array<string, array<string, float>>  $assemblies  by assembly and zone kind: m² to be painted while
     *   it is still apart
     * @param  array<string, array<string, float>>  $neighbours  by zone kinds, both ways: metres along which they meet
     * @param  array<string, EdgeMeasure>  $edges  by zone kind
     * @param  list<Plate>  $plates
     */
    public function __construct(
        public array $zones,
        public array $assemblies,
        public array $neighbours,
        public array $edges,
        public array $plates,
    ) {
    }

    /** m² of a zone to be painted while the assemblies are apart: more than is seen once they are joined. */
    public function paintable(string $zone): float
    {
        return array_sum(array_map(static fn (array $areas) => $areas[$zone] ?? 0.0, $this->assemblies));
    }
}
