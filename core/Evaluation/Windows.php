<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Drying\Air;
use Ulvrach\Drying\DryingLaw;
use Ulvrach\Drying\DryingModel;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\TechniqueKind;

/** From when and until when something can be done that does not stay possible: in the air of one bench. */
final class Windows
{
    /** Minutes from the top coat until the film below has taken up water; from the drying table, "chipping fluid". */
    public const LIFT_OFF_OPENS = 15;

    /**
     * Minutes that a very thin single coat stays workable over a release film, and any other; drying table, "chipping
     * fluid".
     */
    private const LIFT_OFF_CLOSES = ['thin' => 360, 'usual' => 120];

    /** Minutes within which salt is brushed off again: "within a few hours"; drying table, "salt". */
    private const SALT_CLOSES = 240;

    private ?float $pace = null;

    public function __construct(private readonly Air $air)
    {
    }

    /**
     * The coat over a release film must be touch-dry, and the water needs time to get through it.
     *
     * @return array{Layer, Wait}|null the topmost coat, and how long from it; null: no chips are lifted here
     */
    public function throughCoat(Work $work, Strata $strata): ?array
    {
        $coats = $work->kind === TechniqueKind::LiftOff ? $strata->aboveRelease() : [];
        if ($coats === []) {
            return null;
        }
        $top = $coats[count($coats) - 1];
        $through = new Wait($this->stretched(self::LIFT_OFF_OPENS), DryingLaw::Water);

        return [$top, Waiting::longer($through, $top->waitFor(CureState::TouchDry) ?? $through)];
    }

    /** When lifting chips becomes too late on zones in this state; null: the step lifts none. */
    public function liftOffCloses(Work $work, Strata $strata): ?int
    {
        $coats = $work->kind === TechniqueKind::LiftOff ? $strata->aboveRelease() : [];
        if ($coats === []) {
            return null;
        }
        if ($strata->releaseFilm()?->film === BinderFamily::Salt) {
            return $coats[0]->laidAt + $this->stretched(self::SALT_CLOSES);
        }
        $isThin = array_filter($coats, static fn (Layer $coat) => $coat->coats > 1) === [];

        // From the lowest coat: it is the one that grows tough while the others are still going on.
        return $coats[0]->laidAt + $this->stretched(self::LIFT_OFF_CLOSES[$isThin ? 'thin' : 'usual']);
    }

    /**
     * When the window closes that a step has to be begun in, over all its zones.
     *
     * @param  list<Touched>  $touched
     * @return int|null null: it stays open
     */
    public function closes(Work $work, array $touched): ?int
    {
        $closes = null;
        foreach ($work->kind === TechniqueKind::LiftOff ? $touched : [] as $one) {
            $here = $this->liftOffCloses($work, $one->strata);
            $closes = $here === null ? $closes : min($closes ?? $here, $here);
        }

        return $closes;
    }

    /**
     * The window that a step has to be begun in, by what opens it.
     *
     * @param  list<Touched>  $touched
     * @return array{int, Wait}|null index of the step that opens it, and how long it stays open from that one's end
     */
    public function opener(Work $work, array $touched): ?array
    {
        $window = null;
        $hasWindow =
            $work->kind === TechniqueKind::LiftOff || $work->kind === TechniqueKind::Unmask || $work->kind->paints();
        foreach ($hasWindow ? $touched : [] as $one) {
            $strata = $one->strata;
            $closes = $this->liftOffCloses($work, $strata);
            $coat = $closes === null ? null : $strata->aboveRelease()[0];
            if ($coat !== null && ($window === null || $closes - $coat->laidAt < $window[1]->minutes)) {
                $window = [$coat->stepIndex, new Wait($closes - $coat->laidAt, DryingLaw::Water)];
            }
            $film = $work->kind->paints() && $strata->aboveRelease() === [] ? $strata->releaseFilm() : null;
            if ($film !== null) {
                $window = [$film->stepIndex, new Wait(Minutes::DAY, DryingLaw::None)];
            }
            if ($work->kind === TechniqueKind::Unmask && $strata->maskedBy !== null) {
                $window = [$strata->maskedBy, new Wait(Minutes::DAY, DryingLaw::None)];
            }
        }

        return $window;
    }

    /** The clean-up window of a step; null: there is nothing to clean up, or no window for it. */
    public function cleanUp(Work $work): ?CleanUpWindow
    {
        return $work->step->cleanUp === []
            ? null
            : FollowUp::cleanUpWindow($work->technique, $work->product?->material->family, $this->air);
    }

    /** Water goes through a coat at the pace at which it leaves one. */
    private function stretched(int $minutes): int
    {
        $this->pace ??= DryingModel::pace(DryingLaw::Water, $this->air);

        return (int) ceil($minutes / $this->pace - 1e-9);
    }
}
