<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

use Ulvrach\Plan\Plan;

/**
 * Where the plan says otherwise than what was done. The past stays; the plan may be wrong, or be meant for another
 * time.
 */
final readonly class Contradiction
{
    private function __construct(public ?string $stepId, public string $says)
    {
    }

    /** @return list<self> in the order of the plan; steps that are gone from it last */
    public static function between(Plan $plan, Log $log): array
    {
        $found = [];
        foreach ($plan->steps as $index => $step) {
            $was = $log->finish($step->id)?->step;
            if ($was !== null) {
                $is = StepAsItWas::of($step, $plan);
                $changes = self::changes($was, $is);
                if ($changes !== []) {
                    $found[] = new self($step->id, 'It was done '.implode(' and ', $changes).'.');
                }
            } elseif (! $log->isFinished($step->id)) {
                $later = self::finishedAfter($index, $plan, $log);
                if ($later !== null) {
                    $number = $later + 1;
                    $found[] = new self(
                        $step->id,
                        "Step {$number} is done already: this one can no longer come before it.",
                    );
                }
            }
        }
        foreach ($log->moments() as $stepId => $_) {
            $words = $log->finish($stepId)?->step?->inWords();
            if ($words !== null && $plan->indexOf($stepId) === null) {
                $found[] = new self(null, "“{$words}” was done, and is no longer in the plan.");
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function changes(StepAsItWas $was, StepAsItWas $is): array
    {
        $changes = [];
        if ($was->technique !== $is->technique) {
            $changes[] = "as “{$was->words}”";
        }
        if ($was->product !== $is->product) {
            $changes[] = $was->product === null ? 'without a product' : "with “{$was->product}”";
        }
        if ($was->coats !== $is->coats) {
            $changes[] = $was->coats === 1 ? 'in one coat' : "in {$was->coats} coats";
        }
        $less = array_diff_key($is->zones, $was->zones);
        $more = array_diff_key($was->zones, $is->zones);
        if ($more !== []) {
            $changes[] = 'also on '.implode(', ', $more);
        }
        if ($less !== []) {
            $changes[] = 'not on '.implode(', ', $less);
        }

        return $changes;
    }

    /** Index of a finished step that stands later on one of the same zones; null: none. */
    private static function finishedAfter(int $index, Plan $plan, Log $log): ?int
    {
        for ($later = $index + 1, $count = count($plan->steps); $later < $count; $later++) {
            $isSameZone = array_intersect($plan->steps[$index]->zones, $plan->steps[$later]->zones) !== [];
            if ($isSameZone && $log->isFinished($plan->steps[$later]->id)) {
                return $later;
            }
        }

        return null;
    }
}
