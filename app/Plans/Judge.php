<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use Psr\Log\LoggerInterface;
use Ulvrach\CoreError;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Has plans judged. A plan that the program fails at is refused before it is kept; one that is kept all the same fails
 * alone, as an UnreadablePlan, and takes no list of builds along. What failed is logged without a word of the plan.
 */
final class Judge
{
    /** @var \WeakMap<Plan, Verdict> what was judged on the way into the database, so that nobody judges it again */
    private \WeakMap $judged;

    public function __construct(
        private readonly Evaluator $evaluator,
        private readonly Walker $walker,
        private readonly LoggerInterface $logger,
    ) {
        $this->judged = new \WeakMap();
    }

    /**
     * Judges a plan that is to be kept.
     *
     * @throws BadPlanFile if the program fails at it; names the step at which it does
     */
    public function mustBear(Plan $plan, Log $log): Verdict
    {
        try {
            return $this->judged[$plan] = $this->evaluator->evaluate($plan, $log);
        } catch (\Throwable $fault) {
            if (! self::isOfThePlan($fault)) {
                throw $fault;
            }
            $this->tell($fault, 'not kept');
            $step = $this->firstThatFails($plan, $log);

            throw new BadPlanFile([
                new Fault(
                    "/steps/{$step}",
                    $step >= count($plan->steps)
                        ? 'Ulvrach fails at judging this plan. The fault is ours, and it is written down.'
                        : 'Ulvrach fails at judging this plan from step '.($step + 1).', “'
                            .TechniqueLibrary::get($plan->steps[$step]->technique)->name
                            .'”, on. The fault is ours, and it is written down.',
                ),
            ]);
        }
    }

    /** The verdict on the plan of a build as mustBear() has just found it, with the log that it was found with. */
    public function known(Build $build): ?Verdict
    {
        return $this->judged[$build->head->document] ?? null;
    }

    /** @throws UnreadablePlan if the program fails at it */
    public function verdict(Build $build, Log $log): Verdict
    {
        return $this->alone($build, fn (): Verdict => $this->evaluator->evaluate($build->head->document, $log));
    }

    /** @throws UnreadablePlan if the program fails at it */
    public function walk(Build $build, Log $log): Walk
    {
        return $this->alone($build, fn (): Walk => $this->walker->walk($build->head->document, $log));
    }

    /**
     * Work on one build among many.
     *
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     *
     * @throws UnreadablePlan if the program fails at it
     */
    public function alone(Build $build, \Closure $work): mixed
    {
        try {
            return $work();
        } catch (UnreadablePlan $unreadable) {
            throw $unreadable;
        } catch (\Throwable $fault) {
            if (! self::isOfThePlan($fault)) {
                throw $fault;
            }
            $this->tell($fault, "build {$build->id}");

            throw UnreadablePlan::unjudged($fault);
        }
    }

    /** Whether it was thrown while computing; a database or a network that fails is another matter. */
    private static function isOfThePlan(\Throwable $fault): bool
    {
        return $fault instanceof \Error ||
            $fault instanceof \ErrorException ||
            $fault instanceof \LogicException ||
            $fault instanceof CoreError;
    }

    /** @return int index of the first step with which the program fails; the number of steps: it is none of them */
    private function firstThatFails(Plan $plan, Log $log): int
    {
        [$sound, $failing] = [0, count($plan->steps)];
        while ($sound < $failing) {
            $middle = intdiv($sound + $failing, 2);
            try {
                $this->evaluator->evaluate($plan->with(steps: array_slice($plan->steps, 0, $middle + 1)), $log);
                $sound = $middle + 1;
            } catch (\Throwable) {
                $failing = $middle;
            }
        }

        return $sound;
    }

    /** Where in the program it was, and nothing of what somebody has written: messages may quote a plan. */
    private function tell(\Throwable $fault, string $of): void
    {
        $this->logger->error('A plan cannot be judged.', [
            'of' => $of,
            'fault' => $fault::class,
            'at' => basename($fault->getFile()).':'.$fault->getLine(),
            'through' => array_map(
                static fn (array $call): string => ($call['class'] ?? '').'::'.$call['function'],
                array_slice($fault->getTrace(), 0, 8),
            ),
        ]);
    }
}
