<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;

/** So much of one jar in so much of the cup, and what comes of it. */
final readonly class Rung
{
    /**
     * @param  int  $parts  of the jar
     * @param  int  $to  parts of what is in the cup
     * @param  float  $lighter  L* gained; negative: darker
     * @param  float  $turned  by how much hue and chroma have changed, CIELAB a* and b*: white turns olive to chalk
     * @param  float  $fades  chroma lost; negative: gained
     */
    public function __construct(
        public int $parts,
        public int $to,
        public Lab $colour,
        public float $lighter,
        public float $turned,
        public float $fades,
    ) {
    }
}
