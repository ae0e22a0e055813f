<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Sections;

/**
 * A wash that is applied and then cleaned, in the order in which it was applied: every point has to be cleaned between
 * the least and the most minutes after it was wetted. Areas in cm², rates in cm² a minute.
 *
 * In a section of area S with a gap g from the start of applying to the start of cleaning, point x waits g + x(1/c −
 * 1/a). All limits below follow from that at x = 0 and x = S, and from g ≥ S/a.
 */
final readonly class WashWindow
{
    public function __construct(
        public float $applyRate,
        public float $cleanRate,
        public float $least,
        public float $most,
    ) {
        if ($applyRate <= 0 || $cleanRate <= 0 || $least < 0 || $most < $least) {
            throw new \InvalidArgumentException('Rates are more than nothing, and a window closes after it opens.');
        }
    }

    /** The largest section that can be cleaned inside its window. */
    public function largestSection(): float
    {
        $a = $this->applyRate;
        $c = $this->cleanRate;
        $spread = $this->most - $this->least;

        return match (true) {
            $a > $c => min(($spread * $a * $c) / ($a - $c), $c * $this->most),
            $a < $c => min(($spread * $a * $c) / ($c - $a), $a * $this->most),
            default => $a * $this->most,
        };
    }

    /** Minutes of waiting, at the least, between applying and cleaning a section. */
    public function idle(float $section): float
    {
        return max(
            0.0,
            $this->least +
                max(0.0, $section * (1 / $this->applyRate - 1 / $this->cleanRate)) -
                $section / $this->applyRate,
        );
    }

    /** Minutes from the start of applying a zone to the start of cleaning it, at the least. */
    public function leastGap(float $area): float
    {
        return $this->least + max(0.0, $area * (1 / $this->applyRate - 1 / $this->cleanRate));
    }

    public function mostGap(float $area): float
    {
        return $this->most - max(0.0, $area * (1 / $this->cleanRate - 1 / $this->applyRate));
    }
}
