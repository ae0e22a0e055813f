<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Material\Product;

/** Adds a product, or changes the one of the same id everywhere it is used. */
final readonly class PutProduct implements PlanEdit
{
    public function __construct(public Product $product)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        if (! isset($plan->products[$this->product->id]) && count($plan->products) >= Plan::MOST_PRODUCTS) {
            throw EditRefused::at('/product', 'A plan holds at most '.Plan::MOST_PRODUCTS.' products.');
        }
        $products = [...$plan->products, $this->product->id => $this->product];
        foreach ($plan->steps as $index => $step) {
            if (
                $step->product === $this->product->id &&
                Consistency::faultsOf($step, $plan->with(products: $products), '') !== []
            ) {
                $number = $index + 1;
                throw EditRefused::at(
                    '/product/family',
                    "Step {$number} uses “{$this->product->name}” in a way that this family cannot be used.",
                );
            }
        }

        return $plan->with(products: $products);
    }

    public function words(Plan $plan): string
    {
        return 'Change products';
    }
}
