<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Plan\Plan;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Severity;

/** What a plan comes to: times for every step, layers for every zone, and what the rules have to say. */
final readonly class Evaluation
{
    /**
     * @param  list<StepTimes>  $times  one a step, in plan order
     * @param  list<Layer|null>  $layers  what each step leaves, in plan order
     * @param  array<string, Strata>  $strata  by zone id, as they are after the last step
     * @param  list<Finding>  $findings  in plan order, the gravest first within a step
     * @param  int|null  $clockZero  Unix minutes of minute 0 if a step is done; null: the plan has not begun
     */
    public function __construct(
        public Plan $plan,
        public array $times,
        public array $layers,
        public array $strata,
        public array $findings,
        public ?int $clockZero,
    ) {
    }

    /** Those that are accepted are not counted. */
    public function count(Severity $severity): int
    {
        return count(
            array_filter(
                $this->findings,
                static fn (Finding $finding) => $finding->severity === $severity && $finding->isOpen(),
            ),
        );
    }

    /** Minutes of work in all. */
    public function handsOn(): int
    {
        return array_sum(array_map(static fn (StepTimes $times) => $times->handsOn, $this->times));
    }

    public function lasts(): int
    {
        return $this->times === [] ? 0 : max(array_map(static fn (StepTimes $times) => $times->end, $this->times));
    }
}
