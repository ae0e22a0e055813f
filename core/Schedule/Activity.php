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
    ) {
    }
}
