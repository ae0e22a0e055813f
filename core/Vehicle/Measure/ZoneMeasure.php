<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

/** What of one zone lies open on the real vehicle. */
final readonly class ZoneMeasure
{
    /**
     * @param  float  $area  m², of all that can be seen from any side
     * @param  float  $lowest  mm above the ground
     * @param  float  $highest  mm
     * @param  float  $mean  mm, weighted by area
     * @param  float  $upward  share of the area on which dust lies: its normal points up by more than 45 degrees
     * @param  float  $overhung  share that looks at the ground
     * @param  float  $low  m² as low as wheels and tracks fling mud
     */
    public function __construct(
        public float $area,
        public float $lowest,
        public float $highest,
        public float $mean,
        public float $upward,
        public float $overhung,
        public float $low,
    ) {
    }

    /** Share that stands more or less upright. */
    public function upright(): float
    {
        return 1.0 - $this->upward - $this->overhung;
    }

    /** cm² on a model of this scale. */
    public function onModel(int $scale): float
    {
        return $this->area * 10_000.0 / $scale ** 2;
    }
}
