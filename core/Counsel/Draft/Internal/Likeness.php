<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Material\Product;

/** Which zones of one vehicle stand for which of another, and what a step of the one is on the other. */
final class Likeness
{
    /**
     * @return array{array<string, list<string>>, list<Zone>} by zone of the source those of the target that are most
     *   like it; and those that nothing is like
     */
    public static function between(Plan $source, Plan $target): array
    {
        $like = $alone = [];
        foreach ($target->zones as $zone) {
            $its = self::mostLike($zone, $source);
            if ($its === null) {
                $alone[] = $zone;
            } else {
                $like[$its->id][] = $zone->id;
            }
        }

        return [$like, $alone];
    }

    /**
     * @param  array<string, list<string>>  $like  as between() says it
     * @param  list<string>  $zones  of the source
     * @return list<string> of the target, each once, in the order of its board
     */
    public static function zones(array $like, array $zones, Plan $target): array
    {
        $its = array_merge(...array_map(static fn (string $id) => $like[$id] ?? [], $zones));

        return array_values(array_intersect(array_map(strval(...), array_keys($target->zones)), $its));
    }

    /**
     * Panels and what was accepted belong to the other vehicle.
     *
     * @param  list<string>  $zones
     */
    public static function moved(Step $step, array $zones, ?Product $product): Step
    {
        $extent = $step->extent?->with(panels: []);

        return $step->with(
            zones: $zones,
            product: $product?->id,
            accepted: [],
            merge: null,
            extent: $extent === null || $extent->isUsual() ? null : $extent,
        );
    }

    /** By what it is, then by where it is and what it is made of. */
    private static function mostLike(Zone $zone, Plan $source): ?Zone
    {
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($source->zones as $other) {
            $away = match (true) {
                $other->kind === $zone->kind && $other->depicts === $zone->depicts => 0,
                $other->kind === $zone->kind => 1,
                $other->depicts !== $zone->depicts || $other->kind->role() !== $zone->kind->role() => PHP_INT_MAX,
                $other->kind->group() === $zone->kind->group() => 2,
                default => 3,
            };
            if ($away < $least) {
                [$best, $least] = [$other, $away];
            }
        }

        return $best;
    }
}
