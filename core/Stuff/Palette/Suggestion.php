<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/** A mix of jars that comes close to a wanted colour. */
final readonly class Suggestion
{
    /**
     * @param  array<string, int>  $parts  by id of the jar: whole parts
     * @param  Lab  $colour  dry, of a coat that hides
     * @param  float  $difference  CIEDE2000 from the wanted colour
     */
    public function __construct(
        public BinderFamily $family,
        public array $parts,
        public Lab $colour,
        public float $difference,
    ) {
    }
}
