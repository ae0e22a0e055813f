<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Stuff\Material\Stock;

/** What a mix costs, and how much of it can be made of what is left in the jars. */
final readonly class Reserve
{
    /**
     * @param  float|null  $perMl  of paint, in its owner's money; null: price or size of a jar is not known
     * @param  float|null  $lastsMl  of paint, until the first jar is empty; null: nobody has looked into any of them
     * @param  string|null  $scarcest  id of that jar
     */
    private function __construct(public ?float $perMl, public ?float $lastsMl, public ?string $scarcest)
    {
    }

    /**
     * @param  array<string, float|int>  $weights  parts by id of the jar
     * @param  array<string, Stock>  $stocks  by id of the jar
     */
    public static function of(array $weights, array $stocks): self
    {
        $all = array_sum($weights);
        $perMl = 0.0;
        [$lasts, $scarcest] = [null, null];
        foreach ($weights as $jar => $weight) {
            $stock = $stocks[$jar] ?? new Stock();
            $each = $stock->perMl();
            $perMl = $perMl === null || $each === null ? null : $perMl + $each * $weight / $all;
            if ($stock->leftMl !== null) {
                $makes = $stock->leftMl * $all / $weight;
                $isLess = $lasts === null || $makes < $lasts;
                [$lasts, $scarcest] = $isLess ? [$makes, (string) $jar] : [$lasts, $scarcest];
            }
        }

        return new self($perMl, $lasts, $scarcest);
    }
}
