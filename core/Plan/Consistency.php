<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Material\Product;
use Ulvrach\Technique\TechniqueLibrary;

/**
 * What a schema cannot say: that every name in a step points at something, and that the product suits the technique.
 */
final class Consistency
{
    /**
     * @param  array<string, Zone>  $zones
     * @param  array<string, Product>  $products
     * @return list<Fault>
     */
    public static function faultsOf(Step $step, array $zones, array $products, string $path): array
    {
        $faults = $seen = [];
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
