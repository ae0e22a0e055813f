<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/**
 * Minutes after application between which a clean-up works: before, it takes everything; after, nothing or the paint.
 */
final readonly class CleanUpWindow
{
    /** @param  int|null  $latest null: it can be wiped at any later time */
    public function __construct(
        public int $earliest,
        public ?int $bestUntil,
        public ?int $latest,
        public string $sign,
    ) {
    }

    /** The same where everything takes so many times as long. */
    public function stretched(float $factor): self
    {
        $times = static fn (int $minutes): int => (int) ceil($minutes * $factor - 1e-9);

        return new self(
            $times($this->earliest),
            $this->bestUntil === null ? null : $times($this->bestUntil),
            $this->latest === null ? null : $times($this->latest),
            $this->sign,
        );
    }
}
