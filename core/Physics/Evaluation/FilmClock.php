<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Quantity\Span;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Drying\DryingLaw;

/**
 * When films open, by the clock. Whoever shows, plans or rings by a drying time asks here, so that the same film at the
 * same moment is told alike everywhere: at the bench, at home, on the board, in the timetable, in the calendar, and on
 * a device that has no network. All of it counts from the last stroke, in the air that films really dry in.
 */
final readonly class FilmClock
{
    public function __construct(private Walk $walk, private Forecast $forecast)
    {
    }

    /** When the last stroke of a step was laid, Unix minute; null: it is not done. */
    public function laidAt(int $index): ?int
    {
        return $this->walk->clockZero === null || ! $this->walk->isDone($index)
            ? null
            : $this->walk->clockZero + $this->walk->times[$index]->applied;
    }

    /**
     * From when on the film of a finished step bears what.
     *
     * @return array{touchDry: Span, recoatable: Span, solventProof: Span|null}|null Unix minutes; solvent-proof null:
     *   never. Null: the step is not done, or leaves no film
     */
    public function cures(int $index): ?array
    {
        [$layer, $laidAt] = [$this->walk->layers[$index], $this->laidAt($index)];

        return $layer === null || $laidAt === null ? null : $this->curesFrom($layer, $laidAt);
    }

    /**
     * The same for a film whose last stroke is laid at that moment.
     *
     * @param  int  $laidAt  Unix minute
     * @return array{touchDry: Span, recoatable: Span, solventProof: Span|null}
     */
    public function curesFrom(Layer $layer, int $laidAt): array
    {
        $reaches = function (CureState $state) use ($layer, $laidAt): ?Span {
            [$soonest, $sure] = [$layer->waitFor($state, true), $layer->waitFor($state)];

            return $sure === null || $soonest === null
                ? null
                : new Span($this->after($soonest, $laidAt), $this->after($sure, $laidAt));
        };

        return [
            'touchDry' => $reaches(CureState::TouchDry) ?? new Span($laidAt, $laidAt),
            'recoatable' => $reaches(CureState::Recoatable) ?? new Span($laidAt, $laidAt),
            'solventProof' => $reaches(CureState::SolventProof),
        ];
    }

    /**
     * From when on a step may begin, by the films that are there already and the wait that its owner wants; Unix
     * minutes. Null: nothing has to be waited for.
     */
    public function opens(int $index): ?Span
    {
        $opens = null;
        foreach ($this->walk->times[$index]->waits as $other => $wait) {
            $laidAt = $this->laidAt($other);
            if ($laidAt !== null) {
                $span = new Span($this->after($wait->atSoonest(), $laidAt), $this->after($wait->forSure(), $laidAt));
                $opens = $span->and($opens);
            }
        }
        $wanted = $this->wanted($index);

        return $wanted === null ? $opens : (new Span($wanted, $wanted))->and($opens);
    }

    /**
     * The moment within that span at which a timetable has it begin: the sure one where something could be destroyed,
     * the soonest where nothing can.
     */
    public function notBefore(int $index): ?int
    {
        $moments = [];
        foreach ($this->walk->times[$index]->waits as $other => $wait) {
            $laidAt = $this->laidAt($other);
            if ($laidAt !== null) {
                $moments[] = $this->after($wait, $laidAt);
            }
        }
        $wanted = $this->wanted($index);

        return $wanted === null && $moments === [] ? null : max($wanted ?? 0, ...$moments, ...[0]);
    }

    /** When the window closes that a step has to be begun in, Unix minute; null: it stays open, or is not open yet. */
    public function closes(int $index): ?int
    {
        [$opener, $window] = $this->walk->times[$index]->window ?? [null, null];
        $laidAt = $opener === null ? null : $this->laidAt($opener);
        $closes = $laidAt === null || $window === null ? null : $this->after($window, $laidAt);
        $sets = $this->sets($index);

        return $sets === null ? $closes : min($closes ?? $sets, $sets);
    }

    /** When what it is meant to go into has set, Unix minute; null: nothing is meant so, or that is still to come. */
    private function sets(int $index): ?int
    {
        $situation = $this->walk->situations[$index];
        $sets = null;
        foreach ($situation->step->merge?->into === null ? [] : $situation->mergedLayers() as $layer) {
            $laidAt = $layer->openUntil === null ? null : $this->laidAt($layer->stepIndex);
            if ($laidAt !== null && $situation->work->isMeantFor($layer)) {
                $open = $layer->openFor($situation->work) - $this->walk->times[$layer->stepIndex]->applied;
                $at = $this->after(new Wait(max(0, $open), FollowUp::cleanUpLaw($layer->film)), $laidAt);
                $sets = min($sets ?? $at, $at);
            }
        }

        return $sets;
    }

    /**
     * What may follow a step whose last stroke is laid at that moment, in the order in which it opens.
     *
     * @param  int  $laidAt  Unix minute
     * @return list<FollowUp> in Unix minutes
     */
    public function windows(int $index, int $laidAt): array
    {
        $applied = $this->walk->times[$index]->applied;

        return array_map(
            fn (FollowUp $window): FollowUp => $window->mapped(
                fn (int $minute, DryingLaw $law): int => $laidAt
                    + $this->forecast->minutes(new Wait($minute - $applied, $law), $this->walk->plan->bench, $laidAt),
            ),
            FollowUp::of($this->walk, $index),
        );
    }

    /** The wait that somebody has asked for after the step before, where that one is done; Unix minute. */
    private function wanted(int $index): ?int
    {
        $wait = $this->walk->plan->steps[$index]->waitMinutes;
        $before = $wait === null || $index === 0 ? null : $this->walk->doneAt($index - 1);

        return $before === null ? null : $before + $wait;
    }

    private function after(Wait $wait, int $laidAt): int
    {
        return $laidAt + $this->forecast->minutes($wait, $this->walk->plan->bench, $laidAt);
    }
}
