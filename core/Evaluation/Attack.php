<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

/** What the liquids of a step can do to what they meet when it begins. */
final readonly class Attack
{
    /**
     * @param  bool  $threatens  whether anything on any of the zones is not safe from them
     * @param  bool  $meetsBarePart  whether they get down to the model part on any of the zones
     * @param  array<int, list<Threat>>  $threats  by object id of the strata
     */
    private function __construct(
        public bool $threatens,
        public bool $meetsBarePart,
        private array $threats,
    ) {
    }

    /**
     * @param  list<Touched>  $touched
     * @param  int  $start  minute at which the step begins
     */
    public static function of(Work $work, array $touched, int $start): self
    {
        $all = $onLayer = [];
        $threatens = $meetsBarePart = false;
        foreach ($work->liquids === [] ? [] : $touched as $one) {
            $threats = [];
            foreach ($one->strata->withinReachOf($work) as $layer) {
                foreach ($onLayer[$layer->stepIndex] ??= self::threatsTo($layer, $work, $start) as $threat) {
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
        return $this->threats[spl_object_id($strata)] ?? [];
    }

    /** @return list<Threat> */
    private static function threatsTo(Layer $layer, Work $work, int $start): array
    {
        $state = $layer->stateAt($start);
        $threats = [];
        foreach ($work->liquids as $liquid) {
            $harm = $liquid->harmTo($layer, $state);
            if ($harm !== Harm::None) {
                $threats[] = new Threat($liquid, $layer, $state, $harm);
            }
        }

        return $threats;
    }
}
