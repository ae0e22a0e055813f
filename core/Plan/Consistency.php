<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What a schema cannot say: that every name in a step points at something, and that the product suits the technique.
 */
final class Consistency
{
    /**
     * @param  Plan  $plan  with its zones, products and the other steps
     * @return list<Fault>
     */
    public static function faultsOf(Step $step, Plan $plan, string $path): array
    {
        [$zones, $products] = [$plan->zones, $plan->products];
        $faults = [...self::mergeFaults($step, $plan, $path), ...self::panelFaults($step, $plan, $path)];
        $seen = [];
        foreach ($step->zones as $at => $zoneId) {
            if (isset($seen[$zoneId])) {
                $faults[] = new Fault("{$path}/zones/{$at}", 'Names the same zone twice.');
            }
            $seen[$zoneId] = true;
            if (! isset($zones[$zoneId])) {
                $faults[] = new Fault("{$path}/zones/{$at}", "There is no zone “{$zoneId}” in this plan.");
            }
        }
        if (! TechniqueLibrary::has($step->technique)) {
            return [
                ...$faults,
                new Fault("{$path}/technique", "There is no technique “{$step->technique}” in the library."),
            ];
        }
        if ($step->product !== null && ! isset($products[$step->product])) {
            return [...$faults, new Fault("{$path}/product", "There is no product “{$step->product}” in this "
                .'plan.')];
        }

        return [...$faults, ...self::productFaults($step, $products, $path)];
    }

    /**
     * @param  list<Zone>  $zones
     * @return list<Fault> panels of the same name, and neighbours that are none
     */
    public static function panelFaultsOf(array $zones, string $path): array
    {
        $faults = $seen = [];
        foreach ($zones as $at => $zone) {
            $own = array_column($zone->panels, 'id');
            foreach ($zone->panels as $place => $panel) {
                if (isset($seen[$panel->id])) {
                    $faults[] = new Fault("{$path}/{$at}/panels/{$place}/id", "“{$panel->id}” is used twice.");
                }
                $seen[$panel->id] = true;
                foreach (array_diff($panel->neighbours, $own) as $stranger) {
                    $faults[] = new Fault(
                        "{$path}/{$at}/panels/{$place}/neighbours",
                        "There is no panel “{$stranger}” on {$zone->name}.",
                    );
                }
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private static function mergeFaults(Step $step, Plan $plan, string $path): array
    {
        $into = $step->merge?->into;

        return match (true) {
            $into === null => [],
            $into === $step->id => [new Fault("{$path}/merge/into", 'A step cannot go into itself.')],
            $plan->indexOf($into) === null => [
                new Fault("{$path}/merge/into", "There is no step “{$into}” in this plan."),
            ],
            default => [],
        };
    }

    /** @return list<Fault> */
    private static function panelFaults(Step $step, Plan $plan, string $path): array
    {
        $faults = [];
        foreach ($step->extent->panels ?? [] as $at => $panel) {
            if ($plan->zoneOfPanel($panel) === null) {
                $faults[] = new Fault("{$path}/extent/panels/{$at}", "There is no panel “{$panel}” in this plan.");
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, Product>  $products
     * @return list<Fault>
     */
    private static function productFaults(Step $step, array $products, string $path): array
    {
        $technique = TechniqueLibrary::get($step->technique);
        if ($step->product === null) {
            return $technique->takesProduct()
                ? [new Fault("{$path}/product", "“{$technique->name}” needs a product.")]
                : [];
        }
        $product = $products[$step->product];
        if (! $technique->takesProduct()) {
            return [new Fault("{$path}/product", "“{$technique->name}” is done without a product.")];
        }
        if (! $technique->accepts($product->material->family)) {
            $families = implode(', ', array_map(static fn ($family) => $family->label(), $technique->families));

            return [
                new Fault(
                    "{$path}/product",
                    "“{$product->name}” is {$product->material->family->label()}; “{$technique->name}” takes "
                        ."{$families}.",
                ),
            ];
        }

        return [];
    }
}
