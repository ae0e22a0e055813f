<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Technique\Nature;

final class LiftedChipsUnsealed extends EndRule implements JourneyRule
{
    public const CODE = 'lifted-chips-unsealed';

    public const TITLE = 'The lifted chips stay unsealed';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'The chipping film goes on dissolving at every damp touch until a clear coat seals its '
        .'broken edges.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $lifted = $zone->lastStepOf(Nature::LiftOff);
        if ($lifted < 0 || $zone->lastStepOf(Nature::ClearCoat) > $lifted) {
            return null;
        }

        if (! $zone->has(Nature::ReleaseFilm)) {
            // Salt is brushed off with the chips, and leaves nothing that water could wake.
            return null;
        }

        return $this->findingOn(
            $this->isWettedAfter($lifted, $zone, $plan) ? Severity::Risk : Severity::Note,
            $plan->steps[$lifted]->id,
            'The lifted chips are never sealed.',
        );
    }

    private function isWettedAfter(int $lifted, Strata $zone, Plan $plan): bool
    {
        foreach ($zone->layers as $layer) {
            $carrier = $plan->steps[$layer->stepIndex]->thinner ?? $layer->product->material->carrier;
            $isWet = $carrier?->isWater() === true && ! $layer->load->contact()->isSprayed();
            if ($layer->stepIndex > $lifted && $isWet) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                'clear-coat',
                $finding->zones,
                'Seal them afterwards',
                Need::clearCoat(Sheen::Matte),
            ),
            $bench->insertBefore(
                count($bench->plan->steps),
                'final-coat',
                $finding->zones,
                'Seal them at the end',
            ),
        ];
    }
}
