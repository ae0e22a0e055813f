<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;

/** Walks a plan and asks the rules at every step. */
final readonly class Evaluator
{
    public function __construct(private RuleBook $rules = new RuleBook(), private Walker $walker = new Walker())
    {
    }

    /** @param  Log  $log  what was really done; without one, nothing was */
    public function evaluate(Plan $plan, Log $log = new Log()): Verdict
    {
        $walk = $this->walker->walk($plan, $log);

        $forecast = Forecast::of($walk);
        $judgement = new Judgement($this->rules, School::of($plan->school));

        return new Verdict($walk, $judgement->of($walk, $forecast), $forecast);
    }
}
