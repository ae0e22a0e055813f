<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

/** The nearest of many mixes, of which only so many are wanted. */
final class Shortlist
{
    /** Above this distance, squared, a mix need not be added any more. */
    public float $limit = INF;

    /** @var array<string, float> by mix: its distance, squared */
    private array $kept = [];

    public function __construct(private readonly int $wanted)
    {
    }

    /** @param  string  $mix  "paint parts paint parts" */
    public function add(string $mix, float $square): void
    {
        $this->kept[$mix] = $square;
        // Sorted now and then: each time would take longer than keeping some too many.
        if (count($this->kept) > 4 * $this->wanted) {
            $this->cut();
        }
    }

    /** @return list<list<int>> paint, parts, paint, parts …, the nearest first */
    public function mixes(): array
    {
        $this->cut();

        return array_map(
            static fn (string $mix) => array_map(intval(...), explode(' ', $mix)),
            array_keys($this->kept),
        );
    }

    private function cut(): void
    {
        asort($this->kept);
        $isFull = count($this->kept) >= $this->wanted;
        $this->kept = array_slice($this->kept, 0, $this->wanted, true);
        $this->limit = $isFull ? (float) end($this->kept) : INF;
    }
}
