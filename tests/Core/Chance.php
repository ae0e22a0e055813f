<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Ulvrach\Light\Colour\Lab;

/** Choices that look random and are the same each time for the same seed. */
class Chance
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function number(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /** True once in so many times. */
    public function once(int $in): bool
    {
        return $this->number(1, $in) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->number(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T> so many of them, in any order
     */
    public function some(array $of, int $least, int $most): array
    {
        $count = min(count($of), $this->number($least, max($least, $most)));

        return array_slice($this->random->shuffleArray($of), 0, $count);
    }

    public function colour(): Lab
    {
        return new Lab($this->number(15, 85), $this->number(-18, 18), $this->number(-10, 35));
    }
}
