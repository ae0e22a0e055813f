<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\Plan;

/** What a plan comes to, and what the rules have to say of it. */
final readonly class Verdict
{
    public Plan $plan;

    /**
     * @param  list<Finding>  $findings  in plan order, the gravest first within a step
     * @param  array<int, array<string, list<array{Finding, list<string>}>>>  $examined  by index of the step and code
     *   of the rule: what it has to say of which zones, where only the step and what it meets count
     */
    public function __construct(
        public Walk $walk,
        public array $findings,
        public Forecast $forecast,
        public array $examined = [],
    ) {
        $this->plan = $walk->plan;
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
}
