<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;

final readonly class RemoveProduct implements PlanEdit
{
    public function __construct(public string $id)
    {
    }

    public function applyTo(Plan $plan): Plan
    {
        $product =
            $plan->products[$this->id] ??
            throw EditRefused::at('/id', "There is no product “{$this->id}” in this plan.");
        foreach ($plan->steps as $index => $step) {
            if ($step->product === $this->id) {
                $number = $index + 1;
                throw EditRefused::at(
                    '/id',
                    "“{$product->name}” is used in step {$number}; choose another product there first.",
                );
            }
        }

        return $plan->with(products: array_diff_key($plan->products, [$this->id => true]));
    }

    public function words(Plan $plan): string
    {
        return 'Change products';
    }
}
