<?php

declare(strict_types=1);

namespace Ulvrach\Palette;

use Ulvrach\Colour\Lab;
use Ulvrach\Material\Product;

/** What is in the cup: jars with their parts, and how much of it is paint. */
final readonly class Cup
{
    /**
     * @param  non-empty-list<array{Product, int}>  $parts  jars as they are when they are poured
     * @param  float  $share  of paint, the rest being thinner: above 0, at most 1
     * @param  Lab|null  $wanted  the colour that it was to have; null: none in particular
     */
    public function __construct(public array $parts, public float $share = 1.0, public ?Lab $wanted = null)
    {
    }

    /** @return list<Product> */
    public function jars(): array
    {
        return array_column($this->parts, 0);
    }

    /** @return array<string, int> by id of the jar */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->parts as [$jar, $count]) {
            $counts[$jar->id] = ($counts[$jar->id] ?? 0) + $count;
        }

        return $counts;
    }
}
