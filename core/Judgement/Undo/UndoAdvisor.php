<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Undo;

use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Liquid;

/**
 * How a step can be undone, with what, how hard, until when, and what it would cost below: from the attack table alone.
 * A carrier takes a film off at level 2, "lifts or moves".
 */
final class UndoAdvisor
{
    /**
     * @return list<UndoWay> one for each state that its film goes through, in order of time; empty: it leaves no film
     */
    public static function of(Walk $walk, int $stepIndex): array
    {
        $layer = $walk->layers[$stepIndex];
        if ($layer === null) {
            return [];
        }
        $below = self::below($walk, $layer);
        $ways = [];
        foreach (self::periods($layer) as [$state, $from, $until]) {
            $ways[] = self::gentlest($layer, $state, $from, $until, $below);
        }

        return $ways;
    }

    /**
     * Until when it can be adjusted without harm that is certain.
     *
     * @param  list<UndoWay>  $ways
     * @return array{open: bool, until: int|null} open with null: at any later time
     */
    public static function adjustable(array $ways): array
    {
        $until = null;
        foreach ($ways as $place => $way) {
            if (! $way->isOpen()) {
                return ['open' => $place > 0, 'until' => $until];
            }
            $until = $way->until;
        }

        return ['open' => $ways !== [], 'until' => null];
    }

    /** @return list<array{CureState, int, int|null}> states that last at least a minute */
    private static function periods(Layer $layer): array
    {
        $edges = [
            [CureState::Wet, $layer->laidAt],
            [CureState::TouchDry, $layer->touchDryAt],
            [CureState::Recoatable, $layer->recoatableAt],
        ];
        if ($layer->solventProofAt !== null) {
            $edges[] = [CureState::SolventProof, $layer->solventProofAt];
        }
        $periods = [];
        foreach ($edges as $place => [$state, $from]) {
            $until = $edges[$place + 1][1] ?? null;
            if ($until === null || $until > $from) {
                $periods[] = [$state, $from, $until];
            }
        }

        return $periods;
    }

    /** @return list<Layer> every layer that a liquid would meet under this one, on any of its zones */
    private static function below(Walk $walk, Layer $layer): array
    {
        $below = [];
        foreach ($walk->situations[$layer->stepIndex]->touched as $touched) {
            foreach ($touched->strata->exposed() as $met) {
                $below[$met->stepIndex] = $met;
            }
        }

        return array_values($below);
    }

    /** @param  list<Layer>  $below */
    private static function gentlest(Layer $layer, CureState $state, int $from, ?int $until, array $below): UndoWay
    {
        $best = null;
        foreach (Carrier::cases() as $carrier) {
            $level = AttackTable::onFilm($layer->behavesAs, $carrier, $state);
            foreach ([Contact::Wipe, Contact::Scrub] as $contact) {
                $moves = $level === null ? 0 : AttackTable::afterContact($level, $contact, $state);
                if ($moves < AttackTable::MOVES) {
                    continue;
                }
                [$harm, $hurt] = self::harmBelow(
                    new StepLiquid(new Liquid($carrier, $contact), $layer->kind, true),
                    $below,
                    $from,
                    $moves,
                );
                if ($best === null || $harm->value < $best->harm->value) {
                    $best = new UndoWay(
                        state: $state,
                        from: $from,
                        until: $until,
                        carrier: $carrier,
                        contact: $contact,
                        harm: $harm,
                        hurt: $hurt,
                    );
                }
            }
        }

        return $best ??
            new UndoWay(
                state: $state,
                from: $from,
                until: $until,
                carrier: null,
                contact: Contact::Wipe,
                harm: Harm::None,
                hurt: null,
            );
    }

    /**
     * What is moved as easily as the film above comes off with it: there is no margin.
     *
     * @param  list<Layer>  $below
     * @param  int  $moves  how strongly the film above is moved
     * @return array{Harm, Layer|null} the worst, and who takes it
     */
    private static function harmBelow(StepLiquid $liquid, array $below, int $minute, int $moves): array
    {
        $worst = Harm::None;
        $hurt = null;
        foreach ($below as $layer) {
            $state = $layer->stateAt($minute);
            $level = AttackTable::onFilm($layer->behavesAs, $liquid->liquid->carrier, $state) ?? 0;
            $harm =
                AttackTable::afterContact($level, $liquid->liquid->contact, $state) >= $moves
                    ? Harm::WillFail
                    : $liquid->harmTo($layer, $state);
            if ($harm->value > $worst->value) {
                [$worst, $hurt] = [$harm, $layer];
            }
        }

        return [$worst, $hurt];
    }
}
