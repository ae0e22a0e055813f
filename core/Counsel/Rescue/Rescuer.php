<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\StepMaker;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Liquid;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What can still be done about a mishap, from the films that lie there and how far they are at this minute. A liquid is
 * offered only if it moves the film in question and destroys none below; a step only if the plan with it has no stop
 * that it did not have.
 */
final readonly class Rescuer
{
    public function __construct(private Evaluator $evaluator = new Evaluator())
    {
    }

    /**
     * @param  int  $at  after which step of the plan it is seen: what comes later does not lie there yet
     * @param  int  $minute  on the plan's clock
     * @return list<Rescue> in the order in which they are to be tried: those that are open, then those that will be
     */
    public function ways(
        Verdict $verdict,
        int $at,
        string $zone,
        int $minute,
        Mishap $mishap,
        ?ProductShelf $own = null,
    ): array {
        return $this->waysOn($verdict, $at, [$zone], $minute, $mishap, $own);
    }

    /**
     * The same for several zones at once, as for all of a sitting: what every one of them bears, with the hours of the
     * one that opens last and of the one that closes first. A zone that has no such film asks for nothing.
     *
     * @param  non-empty-list<string>  $zones
     * @return list<Rescue>
     */
    public function waysOn(
        Verdict $verdict,
        int $at,
        array $zones,
        int $minute,
        Mishap $mishap,
        ?ProductShelf $own = null,
    ): array {
        $strata = array_map(static fn (string $zone) => $verdict->walk->after($at, $zone), $zones);
        $there = [];
        foreach ($strata as $one) {
            $place = self::place($one, $mishap);
            if ($place !== null) {
                $there[] = [$one, $place];
            }
        }
        $ways = [];
        foreach ($mishap->ways as $way) {
            $ways[] = match (true) {
                $way->liquids !== [] => self::liquid($way, $there, $minute),
                $way->technique !== null => $this->step($way, $verdict, $at, $zones, $strata[0], $own),
                default => self::onAll(array_map(
                    static fn (?Layer $film) => self::byHand($way, $film, $minute),
                    $there === []
                        ? [null]
                        : array_map(static fn (array $of) => $of[0]->layers[$of[1]], $there),
                )),
            };
        }
        $ways = array_values(array_filter($ways, static fn (?Rescue $way) => $way !== null));

        $isLater = static fn (Rescue $way): bool => $way->opens !== null;

        return [
            ...array_values(array_filter($ways, static fn (Rescue $way) => ! $isLater($way))),
            ...array_values(array_filter($ways, $isLater)),
        ];
    }

    /** @return int|null where the film lies that it happened to; null: none of that kind lies open */
    private static function place(Strata $strata, Mishap $mishap): ?int
    {
        $open = $strata->exposed();
        foreach (array_reverse($strata->layers, true) as $place => $layer) {
            $isIt = $mishap->about === [] || $layer->kind->isAny(...$mishap->about);
            if ($isIt && in_array($layer, $open, true)) {
                return $place;
            }
        }

        return null;
    }

    /**
     * The same way on each of several zones as one; the one that costs most says what.
     *
     * @param  non-empty-list<Rescue|null>  $ways
     * @return Rescue|null null: one of them does not bear it
     */
    private static function onAll(array $ways): ?Rescue
    {
        $all = array_shift($ways);
        foreach ($ways as $way) {
            $all = $all === null || $way === null ? null : $all->and($way);
        }

        return $all;
    }

    /** @param  list<array{Strata, int}>  $films  with where the film lies in them; none: there is nothing to move */
    private static function liquid(Way $way, array $films, int $minute): ?Rescue
    {
        if ($films === []) {
            return null;
        }
        foreach ($way->liquids as $carrier) {
            $each = array_map(
                static fn (array $film) => self::with($carrier, $way, $film[0], $film[1], $minute),
                $films,
            );
            $all = self::onAll($each);
            if ($all !== null) {
                return $all;
            }
        }

        return null;
    }

    /** @return Rescue|null null: the liquid moves nothing there, or ruins what lies below */
    private static function with(Carrier $carrier, Way $way, Strata $strata, int $place, int $minute): ?Rescue
    {
        $film = $strata->layers[$place];
        $state = $film->stateAt($minute);
        [$below] = $strata->reachFrom($place - 1);
        $level = AttackTable::onFilm($film->behavesAs, $carrier, $state);
        $moves = $level === null ? 0 : AttackTable::afterContact($level, $way->contact, $state);
        if ($moves < AttackTable::MOVES) {
            return null;
        }
        [$harm, $hurt] = self::harm($way, $carrier, $film, $below, $minute, $moves);
        if ($harm === Harm::WillFail) {
            return null;
        }
        $number = ($hurt->stepIndex ?? 0) + 1;

        return new Rescue(
            $way,
            $carrier,
            self::until($film, $state),
            match ($harm) {
                Harm::None => null,
                Harm::Slight => "It may dull step {$number} a little.",
                Harm::Unknown => "What it does to step {$number} is not in the tables: try it where nobody looks.",
                default => "It may mark step {$number}: gently, and a little at a time.",
            },
            $hurt,
            gone: self::goneFor($way, $carrier, $film, $state),
            harm: $harm,
        );
    }

    /** @return int|null the minute from which a liquid moves a film no more; null: it always does */
    private static function goneFor(Way $way, Carrier $carrier, Layer $film, CureState $state): ?int
    {
        foreach (CureState::cases() as $later) {
            $level = AttackTable::onFilm($film->behavesAs, $carrier, $later) ?? 0;
            $isFurther = $later->value > $state->value;
            if ($isFurther && AttackTable::afterContact($level, $way->contact, $later) < AttackTable::MOVES) {
                return $film->reaches($later);
            }
        }

        return null;
    }

    /**
     * @param  list<Layer>  $below
     * @param  int  $moves  how strongly the film itself is moved: what is moved as easily comes off with it
     * @return array{Harm, Layer|null}
     */
    private static function harm(Way $way, Carrier $carrier, Layer $film, array $below, int $minute, int $moves): array
    {
        $worst = Harm::None;
        $hurt = null;
        $liquid = new StepLiquid(new Liquid($carrier, $way->contact), $film->kind, true);
        foreach ($below as $layer) {
            $state = $layer->stateAt($minute);
            $level = AttackTable::onFilm($layer->behavesAs, $carrier, $state) ?? 0;
            $harm = AttackTable::afterContact($level, $way->contact, $state) >= $moves
                ? Harm::WillFail
                : $liquid->harmTo($layer, $state);
            if ($harm->value > $worst->value) {
                [$worst, $hurt] = [$harm, $layer];
            }
        }

        return [$worst, $hurt];
    }

    /** @return int|null when the film is further than it is now, and what moves it now may move it no more */
    private static function until(Layer $film, CureState $state): ?int
    {
        $next = match ($state) {
            CureState::Wet => CureState::TouchDry,
            CureState::TouchDry => CureState::Recoatable,
            CureState::Recoatable => CureState::SolventProof,
            CureState::SolventProof => null,
        };

        return $next === null ? null : $film->reaches($next);
    }

    private static function byHand(Way $way, ?Layer $film, int $minute): ?Rescue
    {
        $closes = $way->before === null ? null : $film?->reaches($way->before);
        if ($way->within !== null && $film !== null) {
            $closes = min($closes ?? PHP_INT_MAX, $film->laidAt + $way->within);
        }
        $opens = $way->from === null ? null : $film?->reaches($way->from);
        $needsFilm = $way->before !== null || $way->from !== null || $way->within !== null;
        $isLate = $closes !== null && $closes <= $minute;
        if ($isLate || ($needsFilm && $film === null) || ($way->from !== null && $opens === null)) {
            return null;
        }

        return new Rescue(
            $way,
            until: $closes,
            opens: $opens !== null && $opens > $minute ? $opens : null,
            gone: $closes,
        );
    }

    /** @param  non-empty-list<string>  $zones */
    private function step(
        Way $way,
        Verdict $verdict,
        int $at,
        array $zones,
        Strata $strata,
        ?ProductShelf $own,
    ): ?Rescue {
        $plan = $verdict->plan;
        $technique = TechniqueLibrary::get((string) $way->technique);
        $paint = $way->withPaint ? $strata->paint()?->product : null;
        if ($way->withPaint && ! in_array($paint?->material->family, $technique->families, true)) {
            return null;
        }
        $number = 1;
        while ($plan->indexOf("{$technique->code}-{$number}") !== null) {
            $number++;
        }
        [$step, $product] = (new StepMaker($plan, $own))->make(
            "{$technique->code}-{$number}",
            $technique,
            $zones,
            $paint,
        );
        if ($technique->takesProduct() && $product === null) {
            return null;
        }
        $edits = [
            ...($product === null || isset($plan->products[$product->id]) ? [] : [new PutProduct($product)]),
            new InsertStep($step->with(note: $way->says), $at + 1),
        ];

        return $this->isSound($edits, $verdict) ? new Rescue($way, edits: $edits) : null;
    }

    /** @param  list<PlanEdit>  $edits */
    private function isSound(array $edits, Verdict $verdict): bool
    {
        $plan = $verdict->plan;
        foreach ($edits as $edit) {
            $plan = $edit->applyTo($plan);
        }

        return $this->evaluator->evaluate($plan, $verdict->walk->log, $verdict)->count(Severity::Stop) <=
            $verdict->count(Severity::Stop);
    }
}
