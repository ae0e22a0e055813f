<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Some zones, or shares of zones: what is worked on in one section of a sitting.
 *
 * @internal to Ulvrach\Schedule
 */
final readonly class Portion
{
    /** @param  array<string, float>  $shares  by zone, 1 being all of it */
    public function __construct(public array $shares, public int $number = 1, public int $of = 1)
    {
    }

    /**
     * Cuts into so many portions of about the same work, one after the other through the zones as they stand; zones
     * that are larger than a portion are cut themselves.
     *
     * @param  non-empty-array<string, float>  $work  by zone
     * @return non-empty-list<self>
     */
    public static function cut(array $work, int $count): array
    {
        $size = array_sum($work) / $count;
        $slices = [];
        foreach ($work as $zone => $amount) {
            $pieces = $size > 0.0 ? max(1, (int) ceil($amount / $size - 0.2)) : 1;
            for ($piece = 0; $piece < $pieces; $piece++) {
                $slices[] = [$zone, 1 / $pieces, $amount / $pieces];
            }
        }
        $portions = [];
        $shares = [];
        [$filled, $left] = [0.0, array_sum($work)];
        foreach ($slices as [$zone, $share, $amount]) {
            $still = $count - count($portions);
            // A slice goes where less of it sticks out.
            if ($shares !== [] && $still > 1 && $filled + $amount / 2 > ($filled + $left) / $still) {
                $portions[] = $shares;
                [$shares, $filled] = [[], 0.0];
            }
            $shares[$zone] = ($shares[$zone] ?? 0.0) + $share;
            $filled += $amount;
            $left -= $amount;
        }
        $portions[] = $shares;

        $cut = [];
        foreach ($portions as $number => $of) {
            $cut[] = new self($of, $number + 1, count($portions));
        }

        return $cut;
    }

    /**
     * @param  list<string>  $zones
     * @return array<string, float> those of them that are in it
     */
    public function of(array $zones): array
    {
        return array_intersect_key($this->shares, array_flip($zones));
    }
}
