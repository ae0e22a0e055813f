<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A plan as text to be read at the bench: step by step, with what, where, how, how long, and why. */
final class BenchSheet
{
    /** Zones that are named one by one. */
    private const NAMED = 5;

    public static function of(Walk $walk): string
    {
        $plan = $walk->plan;
        $build = $plan->build;
        $lines = ["# {$build->name}", ''];
        $facts = array_filter([
            $build->vehicle,
            "1:{$build->scale}",
            $build->serviceMonths === null ? '' : "{$build->serviceMonths} months in service",
            $build->terrain?->label() ?? '',
        ]);
        array_push($lines, implode(', ', $facts).'.', '');
        $handsOn = 0;
        foreach ($plan->steps as $index => $step) {
            $handsOn += $walk->times[$index]->handsOn;
        }
        $count = count($plan->steps);
        $lines[] = "{$count} steps, ".Minutes::inWords($handsOn).' of work, '.Minutes::inWords($walk->lasts()).
            ' from the first to the last.';
        $part = null;
        foreach ($plan->steps as $index => $step) {
            $technique = TechniqueLibrary::get($step->technique);
            $its = $technique->stage->part();
            if ($its !== null && $its !== $part) {
                $part = $its;
                array_push($lines, '', "## {$part}", '');
            }
            $product = $plan->productOf($step);
            $number = $index + 1;
            $lines[] = "{$number}. **{$technique->name}**".($product === null ? '' : " with {$product->name}").
                ': '.self::where($walk, $step).'. '.self::how($walk, $step, $index);
            if ($step->note !== '') {
                $lines[] = "   {$step->note}";
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function where(Walk $walk, Step $step): string
    {
        $names = array_map(static fn (string $zone) => $walk->plan->zones[$zone]->name, $step->zones);
        $left = array_values(array_diff(array_keys($walk->plan->zones), $step->zones));

        return match (true) {
            count($names) <= self::NAMED => implode(', ', $names),
            $left === [] => 'everywhere',
            count($left) <= self::NAMED => 'all but '.implode(', ', array_map(
                static fn (string $zone) => mb_strtolower($walk->plan->zones[$zone]->name),
                $left,
            )),
            default => implode(', ', $names),
        };
    }

    private static function how(Walk $walk, Step $step, int $index): string
    {
        $times = $walk->times[$index];
        $said = [Minutes::inWords($times->handsOn).' of work'];
        if ($step->coats > 1) {
            $said[] = "{$step->coats} coats";
        }
        if ($step->waitMinutes !== null && $step->waitMinutes > 0) {
            $said[] = 'after '.Minutes::inWords($step->waitMinutes);
        }
        foreach ($step->cleanUp as $pass) {
            $said[] = self::cleaned($pass);
        }

        return ucfirst(implode('; ', $said)).'.';
    }

    private static function cleaned(CleanUpPass $pass): string
    {
        $carrier = $pass->carrier;

        return 'cleaned '.($carrier instanceof Carrier ? "with {$carrier->label()}" : 'dry').
            ($pass->afterMinutes > 0 ? ' after '.Minutes::inWords($pass->afterMinutes) : '');
    }
}
