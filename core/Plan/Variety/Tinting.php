<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

/** Which panel gets which mix, and how well that is done. */
final readonly class Tinting
{
    /**
     * @param  list<int>  $mixes  by panel: index of its mix
     * @param  int  $alike  pairs of neighbours with the same mix, 0 wherever that is possible
     * @param  float|null  $least  smallest difference between neighbours, CIEDE2000; null: none has a neighbour
     * @param  int  $mostUsed  panels that the most used mix goes on
     * @param  float  $sum  of the differences between neighbours
     * @param  bool  $isProved  that no other tinting is better in these, in this order; of the sum it is said for few
     *   panels only
     */
    public function __construct(
        public array $mixes,
        public int $alike,
        public ?float $least,
        public int $mostUsed,
        public float $sum,
        public bool $isProved,
    ) {
    }
}
