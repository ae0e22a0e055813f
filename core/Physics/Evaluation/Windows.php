<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Drying\OwnTimes;
use Ulvrach\Stuff\Technique\CleanUpWindow;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;

/** From when and until when something can be done that does not stay possible: in the air of one bench. */
final class Windows
{
    /** Minutes from the top coat until the film below has taken up water; from the drying table, "chipping fluid". */
    public const LIFT_OFF_OPENS = 15;

    /**
     * Minutes from the coat over a release film: easy until then, harder until then, and a fight until then; drying
     * table, "chipping fluid". A very thin single coat stays easy for longer.
     */
    public const LIFT_OFF = ['thin' => [240, 360, 600], 'usual' => [120, 360, 480]];

    /** The same for salt: "within a few hours"; drying table, "salt". */
    public const SALT = [240, 480, 1440];

    private ?float $pace = null;

    /** @var array<string, CleanUpWindow|null> by technique, family and ground */
    private array $cleanUps = [];

    /**
     * @param  Air  $air  that films dry in
     * @param  Air  $room  that the work is done in: a wash is cleaned at the bench, not in the cabinet
     */
    public function __construct(private readonly Air $air, private readonly Air $room)
    {
    }

    /**
     * The coat over a release film must be touch-dry, and the water needs time to get through it.
     *
     * @return array{Layer, Wait}|null the topmost coat, and how long from it; null: no chips are lifted here
     */
    public function throughCoat(Work $work, Strata $strata): ?array
    {
        $coats = $work->kind->is(Nature::LiftOff) ? $strata->aboveRelease() : [];
        if ($coats === []) {
            return null;
        }
        $top = $coats[count($coats) - 1];
        $through = new Wait($this->stretched(self::LIFT_OFF_OPENS), DryingLaw::Water);

        return [$top, Waiting::longer($through, $top->waitFor(CureState::TouchDry) ?? $through)];
    }

    /**
     * Until when lifting chips on zones in this state is easy, harder, and a fight.
     *
     * @return array{int, int, int}|null minutes on the plan's clock; null: the step lifts none
     */
    public function liftOffFades(Work $work, Strata $strata): ?array
    {
        $coats =
            $work->kind->is(Nature::LiftOff)
                ? array_values(
                    array_filter(
                        $strata->aboveRelease(),
                        static fn (Layer $coat) => $coat->kind->is(Nature::CoatOfPaint),
                    ),
                )
                : [];
        if ($coats === []) {
            return null;
        }
        $isThin = array_filter($coats, static fn (Layer $coat) => $coat->coats > 1) === [];
        $isSalt = $strata->releaseFilm()?->film === BinderFamily::Salt;
        [$easy, $harder, $gone] = $isSalt ? self::SALT : self::LIFT_OFF[$isThin ? 'thin' : 'usual'];
        // From the lowest coat: it is the one that grows tough while the others are still going on.
        $laid = $coats[0]->laidAt;

        return [$laid + $this->stretched($easy), $laid + $this->stretched($harder), $laid + $this->stretched($gone)];
    }

    /** Until when lifting chips is planned: as long as it is no fight. Null: the step lifts none. */
    public function liftOffCloses(Work $work, Strata $strata): ?int
    {
        $fades = $this->liftOffFades($work, $strata);

        return $fades === null ? null : $fades[1];
    }

    /**
     * When the window closes that a step has to be begun in, over all its zones.
     *
     * @param  list<Touched>  $touched
     * @param  array<int, Layer>  $into  by step index: what the step is worked into, or cleans
     * @return int|null null: it stays open
     */
    public function closes(Work $work, array $touched, array $into): ?int
    {
        $closes = null;
        foreach ($work->kind->is(Nature::CleanUp) ? $touched : [] as $one) {
            $here = $this->cleaning($into, $one->strata)[3];
            $closes = $here === null ? $closes : min($closes ?? $here, $here);
        }
        foreach ($work->kind->is(Nature::LiftOff) ? $touched : [] as $one) {
            $here = $this->liftOffCloses($work, $one->strata);
            $closes = $here === null ? $closes : min($closes ?? $here, $here);
        }

        return $closes;
    }

    /**
     * The window that a step has to be begun in, by what opens it.
     *
     * @param  list<Touched>  $touched
     * @param  array<int, Layer>  $into  by step index: what the step is worked into, or cleans
     * @return array{int, Wait}|null index of the step that opens it, and how long it stays open from that one's end
     */
    public function opener(Work $work, array $touched, array $into): ?array
    {
        $window = null;
        foreach ($work->kind->is(Nature::CleanUp) ? $touched : [] as $one) {
            [, , $closer, $closes] = $this->cleaning($into, $one->strata);
            if ($closer !== null && ($window === null || $closes - $closer->laidAt < $window[1]->minutes)) {
                $window = [
                    $closer->stepIndex,
                    new Wait((int) $closes - $closer->laidAt, FollowUp::cleanUpLaw($closer->film)),
                ];
            }
        }
        $hasWindow =
            $work->kind->isAny(Nature::LiftOff, Nature::Unmask, Nature::CoatOfPaint);
        foreach ($hasWindow ? $touched : [] as $one) {
            $strata = $one->strata;
            $closes = $this->liftOffCloses($work, $strata);
            $coat = $closes === null ? null : $strata->aboveRelease()[0];
            if ($coat !== null && ($window === null || $closes - $coat->laidAt < $window[1]->minutes)) {
                $window = [$coat->stepIndex, new Wait($closes - $coat->laidAt, DryingLaw::Water)];
            }
            $isFirst = $work->kind->is(Nature::CoatOfPaint) && $strata->aboveRelease() === [];
            $film = $isFirst ? $strata->releaseFilm() : null;
            if ($film !== null) {
                $window = [$film->stepIndex, new Wait(Minutes::DAY, DryingLaw::None)];
            }
            if ($work->kind->is(Nature::Unmask) && $strata->maskedBy !== null) {
                $window = [$strata->maskedBy, new Wait(Minutes::DAY, DryingLaw::None)];
            }
        }

        return $window;
    }

    /** The clean-up window of a step on a ground; null: there is nothing to clean up, or no window for it. */
    public function cleanUp(Work $work, ?Sheen $ground): ?CleanUpWindow
    {
        return $work->step->cleanUp === []
            ? null
            : $this->cleanUpBy(
                $work->technique,
                $work->product?->material->family,
                $ground,
                $work->product?->material->times,
                $work->loadThatDries(),
            );
    }

    /**
     * The clean-up window of a technique on a ground; null: there is nothing in it to clean up, or no window for it.
     */
    private function cleanUpBy(
        Technique $technique,
        ?BinderFamily $family,
        ?Sheen $ground,
        ?OwnTimes $times,
        Load $load,
    ): ?CleanUpWindow {
        if ($technique->cleanUp === null) {
            return null;
        }
        // What dulls sooner or later than the table says is cleaned sooner or later.
        $own = $times === null || $family === null
            ? 1.0
            : $times->against(CureTable::for($family, $technique->kind, $load));
        $key = "{$technique->code} {$family?->value} {$ground?->value} {$own}";

        return $this->cleanUps[$key] ??= FollowUp::cleanUpWindow($technique, $family, $this->room, $ground)
            ?->stretched($own);
    }

    /**
     * What a clean-up that is a step of its own takes up: all that can still be cleaned, else what was laid last.
     *
     * @return array<int, Layer> by step index
     */
    public function cleanedBy(Work $work, Strata $strata, int $at): array
    {
        $cleaned = [];
        $last = null;
        foreach ($work->kind->is(Nature::CleanUp) ? $strata->exposed() : [] as $layer) {
            $window = $work->meets($layer) ? $this->cleanUpOf($layer, $strata) : null;
            if ($window === null) {
                continue;
            }
            $last ??= $layer;
            if ($window->latest === null || $at <= $layer->laidAt + $window->latest) {
                $cleaned[$layer->stepIndex] = $layer;
            }
        }

        return $cleaned === [] && $last !== null ? [$last->stepIndex => $last] : $cleaned;
    }

    /** The clean-up window of a layer where it lies; null: it is not one that is cleaned. */
    public function cleanUpOf(Layer $layer, Strata $strata): ?CleanUpWindow
    {
        return $this->cleanUpBy(
            $layer->technique,
            $layer->film,
            $strata->sheen(),
            $layer->product->material->times,
            $layer->load,
        );
    }

    /**
     * When the last of what a clean-up takes up there can be cleaned, and when the first no longer can.
     *
     * @param  array<int, Layer>  $cleaned  by step index
     * @return array{Layer|null, int, Layer|null, int|null} what opens it and when, what closes it and when; minutes on
     *   the plan's clock
     */
    public function cleaning(array $cleaned, Strata $strata): array
    {
        [$opener, $opens, $closer, $closes] = [null, 0, null, null];
        foreach ($strata->exposed() as $layer) {
            $window = isset($cleaned[$layer->stepIndex]) ? $this->cleanUpOf($layer, $strata) : null;
            if ($window === null) {
                continue;
            }
            if ($layer->laidAt + $window->surely > $opens) {
                [$opener, $opens] = [$layer, $layer->laidAt + $window->surely];
            }
            $latest = $window->bestUntil ?? $window->latest;
            if ($latest !== null && ($closes === null || $layer->laidAt + $latest < $closes)) {
                [$closer, $closes] = [$layer, $layer->laidAt + $latest];
            }
        }

        return [$opener, $opens, $closer, $closes];
    }

    /** Water goes through a coat at the pace at which it leaves one. */
    private function stretched(int $minutes): int
    {
        $this->pace ??= DryingModel::pace(DryingLaw::Water, $this->air);

        return (int) ceil($minutes / $this->pace - 1e-9);
    }
}
