<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Technique\CleanUpWindow;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;

/** Something that may follow a step, with the time it may begin, the time it is too late, and what happens outside. */
final readonly class FollowUp
{
    /**
     * @param  string  $kind  "begin", "clean-up", "unmask", "next-coat" or "solvents"
     * @param  int  $soonest  minute on the plan's clock before which it is surely too early
     * @param  int  $opens  minute from which it is surely not
     * @param  DryingLaw  $opening  what has to go on until it opens
     * @param  DryingLaw  $closing  and until it closes
     * @param  int|null  $bestUntil  null: any time is as good
     * @param  int|null  $closes  null: it stays open
     */
    private function __construct(
        public string $kind,
        public string $action,
        public int $soonest,
        public int $opens,
        public ?int $bestUntil,
        public ?int $closes,
        public string $before,
        public ?string $after,
        private DryingLaw $opening = DryingLaw::None,
        private DryingLaw $closing = DryingLaw::None,
    ) {
    }

    /**
     * The same on another clock.
     *
     * @param  \Closure(int, DryingLaw): int  $to  of a minute on the plan's clock, and what has to go on until then
     */
    public function mapped(\Closure $to): self
    {
        return new self(
            kind: $this->kind,
            action: $this->action,
            soonest: $to($this->soonest, $this->opening),
            opens: $to($this->opens, $this->opening),
            bestUntil: $this->bestUntil === null ? null : $to($this->bestUntil, $this->closing),
            closes: $this->closes === null ? null : $to($this->closes, $this->closing),
            before: $this->before,
            after: $this->after,
            opening: $this->opening,
            closing: $this->closing,
        );
    }

    /** @return list<self> in the order in which they open */
    public static function of(Walk $walk, int $index): array
    {
        $work = $walk->situations[$index]->work;
        $windows = [
            ...self::ownWindow($walk->times[$index], $walk->situations[$index]),
            ...self::cleaning($walk, $index),
            ...self::onTheFilm($walk, $index),
        ];
        usort($windows, static fn (self $a, self $b) => $a->opens <=> $b->opens);

        return $windows;
    }

    /**
     * The clean-up window of a technique in this air: the medium opens it and decides its pace, the ground stretches
     * it.
     */
    public static function cleanUpWindow(
        Technique $technique,
        ?BinderFamily $family,
        Air $air,
        ?Sheen $ground,
    ): ?CleanUpWindow {
        return $technique->cleanUp
            ?->of($family)
            ->on($ground)
            ->stretched(1 / DryingModel::pace(self::cleanUpLaw($family), $air));
    }

    /** What has to go on in a film until it can no longer be cleaned up. */
    public static function cleanUpLaw(?BinderFamily $family): DryingLaw
    {
        if ($family === BinderFamily::ArtistOil) {
            return DryingLaw::Oxygen;
        }

        return $family === BinderFamily::Enamel ? DryingLaw::Spirit : DryingLaw::Water;
    }

    /** @return list<self> */
    private static function ownWindow(StepTimes $times, Situation $situation): array
    {
        $easy = null;
        foreach ($situation->touched as $touched) {
            $fades = $situation->fadesOn($touched->strata);
            $easy = $fades === null ? $easy : min($easy ?? $fades[0], $fades[0]);
        }

        return $times->closes === null
            ? []
            : [
                new self(
                    kind: 'begin',
                    action: $situation->technique->name,
                    soonest: min($times->ready, $times->hold->soonest ?? $times->ready),
                    opens: $times->ready,
                    bestUntil: $easy,
                    closes: $times->closes,
                    before: $situation->kind->is(Nature::CleanUp)
                        ? 'the brush takes all of it out'
                        : 'nothing lets go yet',
                    after: $situation->kind->is(Nature::CleanUp)
                        ? 'it comes off with effort, or takes the paint along'
                        : 'it takes force and comes off in sheets, or not at all',
                ),
            ];
    }

    /** @return list<self> */
    private static function cleaning(Walk $walk, int $index): array
    {
        $work = $walk->situations[$index]->work;
        $window = $walk->situations[$index]->shortestCleanUpWindow();
        if ($window === null) {
            return [];
        }
        $applied = $walk->times[$index]->applied;
        $at = static fn (?int $minutes): ?int => $minutes === null ? null : $applied + $minutes;

        return [
            new self(
                kind: 'clean-up',
                action: "Clean it up, {$window->sign}",
                soonest: $applied + $window->earliest,
                opens: $applied + $window->surely,
                bestUntil: $at($window->bestUntil),
                closes: $at($window->latest),
                before: 'the brush takes all of it out',
                after: $window->latest === null ? null : 'it has set, or takes the paint along',
                opening: self::cleanUpLaw($work->product?->material->family),
                closing: self::cleanUpLaw($work->product?->material->family),
            ),
        ];
    }

    /** @return list<self> */
    private static function onTheFilm(Walk $walk, int $index): array
    {
        $layer = $walk->layers[$index];
        if ($layer === null) {
            $end = $walk->times[$index]->end;

            return ! $walk->situations[$index]->kind->is(Nature::Mask)
                ? []
                : [
                    new self(
                        kind: 'unmask',
                        action: 'Take the mask off',
                        soonest: $end,
                        opens: $end,
                        bestUntil: null,
                        closes: $end + Minutes::DAY,
                        before: 'nothing was painted yet',
                        after: 'its glue stays, or the edge tears',
                    ),
                ];
        }
        $isFilm = $layer->kind->is(Nature::ReleaseFilm);
        $windows = [
            new self(
                kind: 'next-coat',
                action: $isFilm ? 'The colour that it shall lift' : 'The next coat',
                soonest: $layer->soonest[1],
                opens: $layer->recoatableAt,
                bestUntil: null,
                closes: $isFilm ? $layer->laidAt + Minutes::DAY : null,
                before: 'it tears or traps what is below',
                after: $isFilm ? 'the film crazes, or no longer lets go' : null,
                opening: $layer->lawOf(CureState::Recoatable),
            ),
        ];
        if ($layer->solventProofAt !== null && ! $isFilm) {
            $windows[] = new self(
                kind: 'solvents',
                action: 'Masks, solvents and rubbing',
                soonest: $layer->soonest[2] ?? $layer->solventProofAt,
                opens: $layer->solventProofAt,
                bestUntil: null,
                closes: null,
                before: 'it is pulled off, softened or stained',
                after: null,
                opening: $layer->lawOf(CureState::SolventProof),
            );
        }

        return $windows;
    }
}
