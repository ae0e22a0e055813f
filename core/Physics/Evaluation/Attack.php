<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\CureState;

/** What the liquids of a step can do to what they meet when it begins. */
final readonly class Attack
{
    /**
     * @param  bool  $threatens  whether anything on any of the zones is not safe from them
     * @param  bool  $meetsBarePart  whether they get down to the model part on any of the zones
     * @param  array<int, list<Threat>>  $threats  by object id of the strata that zones share
     */
    private function __construct(
        public bool $threatens,
        public bool $meetsBarePart,
        private array $threats,
    ) {
    }

    /**
     * @param  list<Touched>  $touched
     * @param  array<int, Layer>  $into  by step index: the layers that it is worked into, which is the purpose
     * @param  int  $start  minute at which the step begins
     */
    public static function of(Work $work, array $touched, array $into, int $start): self
    {
        $all = $onLayer = [];
        $threatens = $meetsBarePart = false;
        foreach ($work->liquids === [] ? [] : $touched as $one) {
            $threats = [];
            foreach ($one->strata->withinReachOf($work) as $layer) {
                $onLayer[$layer->stepIndex] ??= isset($into[$layer->stepIndex]) || ! $work->meets($layer)
                    ? []
                    : self::threatsTo($layer, $work, $start);
                foreach ($onLayer[$layer->stepIndex] as $threat) {
                    $threats[] = $threat;
                }
            }
            $all[spl_object_id($one->strata)] = $threats;
            $threatens = $threatens || $threats !== [];
            $meetsBarePart = $meetsBarePart || $one->strata->isBareExposed();
        }

        return new self($threatens, $meetsBarePart, $all);
    }

    /** @return list<Threat> on zones in this state, from the top layer down; empty for most steps of a sound plan */
    public function on(Strata $strata): array
    {
        return $this->threats[spl_object_id($strata->shared())] ?? [];
    }

    /** @return list<Threat> */
    private static function threatsTo(Layer $layer, Work $work, int $start): array
    {
        $state = $layer->stateAt($start);
        $best = $state === CureState::SolventProof ? $state : $layer->bestStateAt($start);
        $threats = [];
        foreach ($work->liquids as $liquid) {
            $harm = $liquid->harmTo($layer, $state);
            if ($best !== $state) {
                $harm = self::inDoubt($harm, $liquid->harmTo($layer, $best), $work->step->waitMinutes !== null);
            }
            if ($layer->isSpot && $work->isSpot) {
                $harm = $harm->byChance();
            }
            if ($harm !== Harm::None) {
                $threats[] = new Threat($liquid, $layer, $state, $harm);
            }
        }

        return $threats;
    }

    /**
     * Between the ends of a film's times nobody can say: where something would be destroyed that is a risk, else a note
     * if the modeller has chosen the moment, and nothing if the plan has.
     */
    private static function inDoubt(Harm $late, Harm $soon, bool $isAsked): Harm
    {
        return match (true) {
            $late->value <= $soon->value => $late,
            $late === Harm::WillFail => Harm::MayFail,
            $isAsked && $soon === Harm::None => Harm::Slight,
            default => $soon,
        };
    }
}
