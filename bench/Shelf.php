<?php

declare(strict_types=1);

namespace Bench;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;

/** A large shelf, and colours that are wanted of it, as chance makes them; the same each time. */
final class Shelf
{
    /** @return list<Paint> */
    public static function paints(int $count): array
    {
        mt_srand(20);
        $paints = [];
        for ($paint = 0; $paint < $count; $paint++) {
            $paints[] = PaintMaker::paint(
                new Lab(self::between(10, 90), self::between(-20, 25), self::between(-12, 45)),
                self::between(0.3, 0.97),
            );
        }

        return $paints;
    }

    /** @return list<Lab> */
    public static function wanted(int $count): array
    {
        mt_srand(21);

        return array_map(
            static fn () => new Lab(self::between(25, 78), self::between(-14, 18), self::between(-5, 34)),
            range(1, $count),
        );
    }

    private static function between(float $from, float $to): float
    {
        return $from + ($to - $from) * mt_rand() / mt_getrandmax();
    }
}
