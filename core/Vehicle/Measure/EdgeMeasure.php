<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

/** The edges of a zone that stand out, where paint goes first: metres, one edge may be of several kinds. */
final readonly class EdgeMeasure
{
    /**
     * @param  float  $all  of all that stand out
     * @param  float  $trodden  of faces that one climbs over or stands on
     * @param  float  $handled  of hatches, doors, handles and lids
     * @param  float  $brushed  at the outside, as low as brushwood and walls reach
     */
    public function __construct(
        public float $all,
        public float $trodden,
        public float $handled,
        public float $brushed,
    ) {
    }
}
