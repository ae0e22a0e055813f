<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Counsel\Draft\Internal\Likeness;
use Ulvrach\Counsel\Draft\Internal\Parts;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\FreeName;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Technique\Stage;

/**
 * Steps of one build on another as well, so that one session does for both: each goes on the zones that are most like
 * its own, beside its like, or before the work that comes later.
 */
final class Spread
{
    /**
     * @param  list<string>  $steps  ids of the source, in no order that means anything
     * @param  list<string>  $done  ids of steps of the target that are finished: nothing goes before them
     * @return list<PlanEdit> of the target; empty: it has no zone for any of them
     */
    public static function onto(Plan $source, array $steps, Plan $target, array $done = []): array
    {
        [$like] = Likeness::between($source, $target);
        $parts = Parts::of($source->steps);
        $taken = array_column($target->steps, 'id');
        $products = $inserts = [];
        $at = 0;
        foreach ($source->steps as $place => $step) {
            $zones = Likeness::zones($like, $step->zones, $target);
            if (! in_array($step->id, $steps, true) || ($zones === [] && $step->zones !== [])) {
                continue;
            }
            $product = $source->productOf($step);
            if ($product !== null && ($target->products[$product->id] ?? null) != $product) {
                $products[$product->id] = new PutProduct($product);
            }
            $id = FreeName::of($step->id, $taken);
            $taken[] = $id;
            $at = max($at, self::place($step, $parts[$place], $target, $done) + count($inserts));
            $moved = Likeness::moved($step, $zones, $product)->with(id: $id, locked: false);
            $inserts[] = new InsertStep($moved, $at);
            $at++;
        }

        return [...array_values($products), ...$inserts];
    }

    /**
     * @param  list<string>  $done
     * @return int after its like, or before the work that comes later; in any case after what is finished
     */
    private static function place(Step $step, string $part, Plan $target, array $done): int
    {
        $order = array_flip(Stage::parts());
        $like = $later = null;
        $least = 0;
        foreach (Parts::of($target->steps) as $place => $its) {
            $other = $target->steps[$place];
            $like = $other->technique === $step->technique ? $place + 1 : $like;
            $later ??= $order[$its] > $order[$part] ? $place : null;
            $least = in_array($other->id, $done, true) ? $place + 1 : $least;
        }

        return max($least, $like ?? $later ?? count($target->steps));
    }
}
