<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;

/**
 * What a plan comes to, step by step: times, layers, and the strata of every zone after every step. Physics only; what
 * is to be said of it is for the rules.
 */
final readonly class Walk
{
    /** @var array<string, Strata> by zone id, as they are after the last step */
    public array $strata;

    /**
     * @param  list<Situation>  $situations  one a step, in plan order
     * @param  list<StepTimes>  $times  one a step
     * @param  list<Layer|null>  $layers  what each step leaves; null: no film
     * @param  non-empty-list<array<string, Strata>>  $history  by zone id: bare, then after each step
     * @param  int|null  $clockZero  Unix minutes of minute 0 if a step is done; null: the plan has not begun
     */
    public function __construct(
        public Plan $plan,
        public Log $log,
        public array $situations,
        public array $times,
        public array $layers,
        private array $history,
        public ?int $clockZero,
    ) {
        $this->strata = $history[count($history) - 1];
    }

    /** Whether another plan begins as this one does: in the same room, with the same zones, with as much of it done. */
    public function isOnTheGroundOf(Plan $plan, Log $log, ?int $clockZero): bool
    {
        return $this->plan->zones === $plan->zones &&
            $this->plan->bench === $plan->bench &&
            $this->clockZero === $clockZero &&
            ($this->log === $log || ($this->log->isEmpty() && $log->isEmpty()));
    }

    /**
     * The step of the same number, where it is the same step and meets all that it met here; null: it is not, or does
     * not.
     *
     * @param  array<string, Strata>  $strata  by zone id, as the other step meets them
     * @param  int  $clock  minute at which the step before it ends
     * @param  array{int, Wait, int}|null  $rest  what prepared its product, how long that rests, and from when
     */
    public function sameStep(Work $work, array $strata, int $clock, ?array $rest): ?Situation
    {
        $own = $this->situations[$work->index] ?? null;
        if (
            $own === null ||
            $own->step !== $work->step ||
            $own->product !== $work->product ||
            $clock !== ($this->times[$work->index - 1]->end ?? 0) ||
            $own->times->rested !== ($rest === null ? null : $rest[2] + $rest[1]->minutes) ||
            ($rest !== null && ! isset($own->times->waits[$rest[0]]))
        ) {
            return null;
        }
        foreach ($work->step->zones as $zone) {
            if ($this->history[$work->index][$zone] !== $strata[$zone]) {
                return null;
            }
        }

        return $own->waitsFor($work) ? $own : null;
    }

    /** @return array<string, Strata> by zone id, before the first step */
    public function bare(): array
    {
        return $this->history[0];
    }

    /** The strata of a zone as a step finds them; the number of steps: at the end. */
    public function before(int $index, string $zoneId): Strata
    {
        return $this->history[$index][$zoneId];
    }

    /** The strata of a zone as a step leaves them. */
    public function after(int $index, string $zoneId): Strata
    {
        return $this->history[$index + 1][$zoneId];
    }

    /** @return list<Touched> all zones, those that end in the same state together */
    public function finished(): array
    {
        return Walker::together($this->strata, array_keys($this->strata));
    }

    /** Whether the step is done. */
    public function isDone(int $index): bool
    {
        return $this->log->isFinished($this->plan->steps[$index]->id);
    }

    /** When the step was done, Unix minute; null: it is still to do. */
    public function doneAt(int $index): ?int
    {
        return $this->log->finishedAt($this->plan->steps[$index]->id);
    }

    /** Minutes of work in all. */
    public function handsOn(): int
    {
        return array_sum(array_map(static fn (StepTimes $times) => $times->handsOn, $this->times));
    }

    /** Minutes from the first step to the end of the last. */
    public function lasts(): int
    {
        return $this->times === [] ? 0 : max(array_map(static fn (StepTimes $times) => $times->end, $this->times));
    }
}
