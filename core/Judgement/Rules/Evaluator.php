<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;

/** Walks a plan and asks the rules at every step. */
final readonly class Evaluator
{
    private RuleBook $rules;

    /** @param  RuleBook|null  $rules  null: all rules that there are */
    public function __construct(?RuleBook $rules = null, private Walker $walker = new Walker())
    {
        $this->rules = $rules ?? RuleBook::ofAll();
    }

    /**
     * @param  Log  $log  what was really done; without one, nothing was
     * @param  Verdict|null  $like  on a plan that differs in a few steps: what comes to the same is taken over from it,
     *   and the verdict is the same as without it, sooner
     */
    public function evaluate(Plan $plan, Log $log = new Log(), ?Verdict $like = null): Verdict
    {
        return $this->judge($this->walker->walk($plan, $log, $like?->walk), $like);
    }

    public function judge(Walk $walk, ?Verdict $like = null): Verdict
    {
        $forecast = Forecast::of($walk, $like?->forecast);
        $judgement = new Judgement($this->rules, School::of($walk->plan->school), $like);

        return new Verdict($walk, $judgement->of($walk, $forecast), $forecast, $judgement->examined());
    }
}
