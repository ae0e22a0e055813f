<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Drying\DryingLaw;

/** Minutes to wait in the air that a plan counts with, and what has to go on meanwhile. */
final readonly class Wait
{
    /**
     * @param  int|null  $soonest  minutes before which it is surely too early; null: the same
     * @param  int|null  $sure  minutes from which it is surely not; null: the same
     */
    public function __construct(
        public int $minutes,
        public DryingLaw $law,
        private ?int $soonest = null,
        private ?int $sure = null,
    ) {
    }

    public function atSoonest(): self
    {
        return new self($this->soonest ?? $this->minutes, $this->law);
    }

    public function forSure(): self
    {
        return new self($this->sure ?? $this->minutes, $this->law);
    }
}
