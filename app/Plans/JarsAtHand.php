<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Jar;
use App\Models\User;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Material\Product;

/** What a step of a plan could be done with. */
final class JarsAtHand
{
    /** @return list<Product> those of the plan, then those of the shelf; one that both have is the plan's */
    public static function of(User $user, Plan $plan): array
    {
        $jars = $user->jars->map(static fn (Jar $jar) => $jar->product)->all();
        $byId = [];
        foreach ([...array_values($plan->products), ...array_values($jars)] as $jar) {
            $byId[$jar->id] ??= $jar;
        }

        return array_values($byId);
    }
}
