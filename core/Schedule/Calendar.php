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

    /** With so many minutes at the bench from the first moment on, besides what the week has. */
    public function withMinutesNow(int $minutes): self
    {
        return new self(
            $this->from,
            Week::apart([[$this->from, $this->from + $minutes], ...$this->sessions]),
            $this->compressor,
            $this->daylight,
        );
    }

    /**
     * @return list<int> beginnings and ends of the sessions that begin before a minute: work ends somewhere between
     *   them
     */
    public function momentsUntil(int $minute): array
    {
        return array_merge(...array_filter($this->sessions, static fn (array $session) => $session[0] < $minute));
    }

    /** Without the session that the minute lies in. */
    public function withoutSessionAt(int $minute): self
    {
        $kept = array_filter(
            $this->sessions,
            static fn (array $session) => $minute < $session[0] || $minute >= $session[1],
        );

        return new self($this->from, array_values($kept), $this->compressor, $this->daylight);
    }
}
