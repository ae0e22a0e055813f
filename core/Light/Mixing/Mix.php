<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\Lab;

/** Paints in whole parts. */
final readonly class Mix
{
    /**
     * @param  array<int, int>  $parts  by the place of the paint on the shelf; they have no divisor in common
     * @param  Lab  $colour  of a coat that hides
     * @param  float  $difference  CIEDE2000 from the colour that was wanted
     */
    public function __construct(public array $parts, public Lab $colour, public float $difference)
    {
    }
}
