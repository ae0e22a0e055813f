<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use Psr\Log\LoggerInterface;
use Ulvrach\CoreError;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast as ColourForecast;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Report\VerdictReport;
use Ulvrach\SharedMemory;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Has plans judged. A plan that the program fails at is refused before it is kept; one that is kept all the same fails
 * alone, as an UnreadablePlan, and takes no list of builds along. What failed is logged without a word of the plan.
 */
final class Judge
{
    /**
     * @var \WeakMap<Plan, array{Log, Walk, Verdict|null}> what was walked through and judged of a plan last, with which
     *   log, so that nobody does it again while a request lasts
     */
    private \WeakMap $known;

    public function __construct(
        private readonly Evaluator $evaluator,
        private readonly Walker $walker,
        private readonly LoggerInterface $logger,
        private readonly SharedMemory $memory,
    ) {
        $this->known = new \WeakMap();
    }

    /**
     * Judges a plan that is to be kept.
     *
     * @throws BadPlanFile if the program fails at it; names the step at which it does
     */
    public function mustBear(Plan $plan, Log $log): Verdict
    {
        try {
            return $this->judged($plan, $log);
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
        return $this->known[$build->head->document][2] ?? null;
    }

    /** @throws UnreadablePlan if the program fails at it */
    public function verdict(Build $build, Log $log): Verdict
    {
        return $this->alone($build, fn (): Verdict => $this->remembered($build, $log));
    }

    /** @throws UnreadablePlan if the program fails at it */
    public function walk(Build $build, Log $log): Walk
    {
        return $this->alone($build, fn (): Walk => $this->walked($build->head->document, $log));
    }

    /**
     * The verdict on a build as data; remembered like the verdict.
     *
     * @return array<string, mixed>
     *
     * @throws UnreadablePlan if the program fails at it
     */
    public function report(Build $build, Log $log): array
    {
        return $this->alone($build, function () use ($build, $log): array {
            $key = 'report '.self::keyOf($build, $log);
            /** @var array<string, mixed>|null $report */
            $report = $this->memory->find($key);
            if ($report === null) {
                $report = VerdictReport::of($this->remembered($build, $log));
                $this->memory->keep($key, $report);
            }

            return $report;
        });
    }

    /** What the rules have to say of a plan that stays is remembered; what it comes to is worked out anew. */
    private function remembered(Build $build, Log $log): Verdict
    {
        $plan = $build->head->document;
        $walk = $this->walked($plan, $log);
        $key = 'findings '.self::keyOf($build, $log);
        /** @var list<Finding>|null $findings */
        $findings = isset($this->known[$plan][2]) ? null : $this->memory->find($key);
        if ($findings === null) {
            $verdict = $this->judged($plan, $log);
            $this->memory->keep($key, $verdict->findings);

            return $verdict;
        }
        $verdict = new Verdict($walk, $findings, ColourForecast::of($walk));
        $this->known[$plan] = [$log, $walk, $verdict];

        return $verdict;
    }

    /** Says all that a verdict depends on, whatever revisions are called and wherever they come from. */
    private static function keyOf(Build $build, Log $log): string
    {
        $document = $build->head->getAttributes()['document'] ?? '';

        return hash('xxh128', is_string($document) ? $document : '')
            .' '.hash('xxh128', serialize([$log->entries, $log->elsewhere]));
    }

    /**
     * The verdict on a plan of a build, changed or not, with whatever is thrown: for work that is done alone().
     */
    public function of(Build $build, Plan $plan, Log $log): Verdict
    {
        return $plan === $build->head->document ? $this->remembered($build, $log) : $this->judged($plan, $log);
    }

    private function judged(Plan $plan, Log $log): Verdict
    {
        $walk = $this->walked($plan, $log);
        $verdict = $this->known[$plan][2] ?? $this->evaluator->judge($walk);
        $this->known[$plan] = [$log, $walk, $verdict];

        return $verdict;
    }

    private function walked(Plan $plan, Log $log): Walk
    {
        $known = $this->known[$plan] ?? null;
        if ($known !== null && $known[0] === $log) {
            return $known[1];
        }
        $walk = $this->walker->walk($plan, $log);
        $this->known[$plan] = [$log, $walk, null];

        return $walk;
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
