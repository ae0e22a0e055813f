<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

/** Zones that a step meets in the same state. */
final readonly class Touched
{
    /** @param  non-empty-list<string>  $zones  ids */
    public function __construct(
        public Strata $strata,
        public array $zones,
    ) {
    }
}
