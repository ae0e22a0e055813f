<?php

declare(strict_types=1);

namespace Ulvrach\Quantity;

/**
 * A time that nobody knows to the minute: before its soonest end something surely is not so yet, from its sure end on
 * it surely is. Both are minutes of one clock, or both lengths.
 */
final readonly class Span
{
    public function __construct(public int $soonest, public int $sure)
    {
    }

    /** The later of two, end by end: when both are so. */
    public function and(?self $other): self
    {
        return $other === null
            ? $this
            : new self(max($this->soonest, $other->soonest), max($this->sure, $other->sure));
    }

    public function since(int $minute): self
    {
        return new self($this->soonest - $minute, $this->sure - $minute);
    }

    /** Of a length: "15–30 min", "2 h", "50 min – 1 h 20 min". */
    public function inWords(): string
    {
        [$from, $to] = [Minutes::inWords($this->soonest), Minutes::inWords($this->sure)];
        if ($from === $to) {
            return $to;
        }
        [$one, $other] = [explode(' ', $from), explode(' ', $to)];
        $isOneUnit = count($one) === 2 && count($other) === 2 && $one[1] === $other[1];

        return $isOneUnit ? "{$one[0]}–{$to}" : "{$from} – {$to}";
    }
}
