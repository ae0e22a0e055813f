<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** A piece of work that keeps the hands busy without a break. All times are whole minutes. */
final readonly class Activity
{
    /**
     * @param  int  $active  minutes of work, set-up of the airbrush left out
     * @param  bool  $split  may stop at the end of a session and go on when the next begins, nothing else in between
     * @param  int  $notBefore  minute before which it cannot start
     * @param  int|null  $notAfter  minute after which it is too late to start; null: never
     * @param  int  $leastPart  minutes below which neither part of what is split is worth taking it up for
     * @param  string|null  $spray  what has to be in the airbrush; null: no airbrush. Never split
     */
    public function __construct(
        public string $name,
        public int $active,
        public bool $split = false,
        public ?string $spray = null,
        public bool $daylight = false,
        public int $notBefore = 0,
        public ?int $notAfter = null,
        public int $leastPart = 0,
    ) {
    }

    /**
     * The same work asking for less.
     *
     * @param  bool  $anyTime  it may start at once
     * @param  bool  $withoutAirbrush  it sprays nothing
     * @param  bool  $anyLight  it does without daylight
     */
    public function loosened(bool $anyTime = false, bool $withoutAirbrush = false, bool $anyLight = false): self
    {
        return new self(
            name: $this->name,
            active: $this->active,
            split: $this->split,
            spray: $withoutAirbrush ? null : $this->spray,
            daylight: $this->daylight && ! $anyLight,
            notBefore: $anyTime ? 0 : $this->notBefore,
            notAfter: $this->notAfter,
            leastPart: $this->leastPart,
        );
    }
}
