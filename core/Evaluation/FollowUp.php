<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Drying\Air;
use Ulvrach\Drying\DryingLaw;
use Ulvrach\Drying\DryingModel;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Something that may follow a step, with the time it may begin, the time it is too late, and what happens outside. */
final readonly class FollowUp
{
    /**
     * @param  string  $kind  "begin", "clean-up", "unmask", "next-coat" or "solvents"
     * @param  int  $opens  minute on the plan's clock
     * @param  int|null  $bestUntil  null: any time is as good
     * @param  int|null  $closes  null: it stays open
     */
    private function __construct(
        public string $kind,
        public string $action,
        public int $opens,
        public ?int $bestUntil,
        public ?int $closes,
        public string $before,
        public ?string $after,
    ) {
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
                    opens: $times->ready,
                    bestUntil: $easy,
                    closes: $times->closes,
                    before: $situation->kind === TechniqueKind::CleanUp
                        ? 'the brush takes all of it out'
                        : 'nothing lets go yet',
                    after: $situation->kind === TechniqueKind::CleanUp
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
                opens: $applied + $window->earliest,
                bestUntil: $at($window->bestUntil),
                closes: $at($window->latest),
                before: 'the brush takes all of it out',
                after: $window->latest === null ? null : 'it has set, or takes the paint along',
            ),
        ];
    }

    /** @return list<self> */
    private static function onTheFilm(Walk $walk, int $index): array
    {
        $layer = $walk->layers[$index];
        if ($layer === null) {
            $end = $walk->times[$index]->end;

            return $walk->situations[$index]->kind !== TechniqueKind::Mask
                ? []
                : [
                    new self(
                        kind: 'unmask',
                        action: 'Take the mask off',
                        opens: $end,
                        bestUntil: null,
                        closes: $end + Minutes::DAY,
                        before: 'nothing was painted yet',
                        after: 'its glue stays, or the edge tears',
                    ),
                ];
        }
        $isFilm = $layer->kind === TechniqueKind::ReleaseFilm;
        $windows = [
            new self(
                kind: 'next-coat',
                action: $isFilm ? 'The colour that it shall lift' : 'The next coat',
                opens: $layer->recoatableAt,
                bestUntil: null,
                closes: $isFilm ? $layer->laidAt + Minutes::DAY : null,
                before: 'it tears or traps what is below',
                after: $isFilm ? 'the film crazes, or no longer lets go' : null,
            ),
        ];
        if ($layer->solventProofAt !== null && ! $isFilm) {
            $windows[] = new self(
                kind: 'solvents',
                action: 'Masks, solvents and rubbing',
                opens: $layer->solventProofAt,
                bestUntil: null,
                closes: null,
                before: 'it is pulled off, softened or stained',
                after: null,
            );
        }

        return $windows;
    }
}
