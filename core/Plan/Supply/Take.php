<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Supply;

use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Material\Product;

/** What one step takes from its jar, and the thinner that goes with it. */
final readonly class Take
{
    /**
     * @param  int  $index  of the step
     * @param  float  $jarMl  of what comes from the jar, loss included
     * @param  float  $thinnerMl  0: it is used as it comes
     * @param  Carrier|null  $thinner  null: none
     * @param  float  $lostMl  of both, what never reaches the model: overspray, and what stays in cup and brush
     */
    public function __construct(
        public int $index,
        public Product $product,
        public float $jarMl,
        public float $thinnerMl,
        public ?Carrier $thinner,
        public float $lostMl,
    ) {
    }
}
