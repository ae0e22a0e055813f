<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Quantity\Minutes;

/** The hours there are, as Unix minutes. */
final readonly class Calendar
{
    /** Days a week with daylight at the bench from which on it is waited for. */
    private const LIGHT = 3;

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

    /** Whether what wants daylight waits for it; with fewer days of it at the bench it has a lamp. */
    public function hasLight(): bool
    {
        return $this->daysWithLight() >= self::LIGHT;
    }

    /** On how many of the coming seven days somebody is at the bench in daylight, for a quarter of an hour at least. */
    private function daysWithLight(): int
    {
        $days = [];
        $until = $this->from + 7 * Minutes::DAY;
        $soon = static fn (array $hours): bool => $hours[0] < $until;
        $lights = array_filter($this->daylight, $soon);
        foreach (array_filter($this->sessions, $soon) as $session) {
            foreach ($lights as $light) {
                $from = max($session[0], $light[0]);
                if (min($session[1], $light[1]) - $from >= 15) {
                    $days[intdiv($light[0], Minutes::DAY)] = true;
                }
            }
        }

        return count($days);
    }

    /**
     * How long one is usually at the bench.
     *
     * @return int|null minutes: the middle one of the sessions of the next four weeks; null: there is none
     */
    public function evening(): ?int
    {
        $until = $this->from + 28 * Minutes::DAY;
        $lengths = [];
        foreach ($this->sessions as [$from, $to]) {
            // The one that goes on already is what is left of it.
            if ($from > $this->from && $from < $until) {
                $lengths[] = $to - $from;
            }
        }
        sort($lengths);

        return $lengths[intdiv(count($lengths), 2)] ?? null;
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
