<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** The hours there are, as Unix minutes. */
final readonly class Calendar
{
    /**
     * @param  int  $from  the first moment that counts
     * @param  list<array{int, int}>  $sessions
     * @param  list<array{int, int}>  $compressor
     * @param  list<array{int, int}>  $daylight
     */
    public function __construct(
        public int $from,
        public array $sessions,
        public array $compressor,
        public array $daylight,
    ) {
    }

    /** Without the session that the minute lies in. */
    public function withoutSessionAt(int $minute): self
    {
        $kept = array_filter($this->sessions, static fn (array $session) => $minute < $session[0] || $minute >= $session[1]);

        return new self($this->from, array_values($kept), $this->compressor, $this->daylight);
    }
}
