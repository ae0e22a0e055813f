<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

/** Whole parts that have no divisor in common: 2 to 4 is 1 to 2. */
final class Parts
{
    /** @return list<list<int>> all ways in which so many paints share at most so many parts */
    public static function of(int $paints, int $most): array
    {
        $all = [];
        for ($a = 1; $paints === 2 && $a < $most; $a++) {
            for ($b = 1; $b <= $most - $a; $b++) {
                if (self::common($a, $b) === 1) {
                    $all[] = [$a, $b];
                }
            }
        }
        for ($a = 1; $paints === 3 && $a < $most - 1; $a++) {
            for ($b = 1; $b < $most - $a; $b++) {
                $both = self::common($a, $b);
                for ($c = 1; $c <= $most - $a - $b; $c++) {
                    if (self::common($both, $c) === 1) {
                        $all[] = [$a, $b, $c];
                    }
                }
            }
        }

        return $all;
    }

    public static function common(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }

    /**
     * @param  list<int>  $mix  paint, parts, paint, parts …
     * @return list<int> the same by its smallest parts, paints in order
     */
    public static function reduced(array $mix): array
    {
        $pairs = array_chunk($mix, 2);
        sort($pairs);
        $common = 0;
        foreach ($pairs as [, $parts]) {
            $common = self::common($common, $parts);
        }

        return array_merge(...array_map(static fn (array $pair) => [$pair[0], intdiv($pair[1], $common)], $pairs));
    }
}
