<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

/** How much of a trace belongs on a zone, and why; what goes beyond it is too much. */
final readonly class Budget
{
    /**
     * @param  float  $amount  0 to 1
     * @param  string  $reason  one sentence
     * @param  bool  $isOverruled  whether the modeller has said it
     */
    public function __construct(
        public Trace $trace,
        public float $amount,
        public string $reason,
        public bool $isOverruled = false,
    ) {
    }
}
