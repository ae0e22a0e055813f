<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Physics\Evaluation\Touched;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\VehicleKind;

/** Where the tables see no harm and one's own trial did: the trial knows better. */
final class FailedOnTrial extends AttackRule implements SeenRule
{
    public const CODE = 'failed-on-trial';

    public const TITLE = 'It came off when it was tried';

    public const EXPLANATION = 'The tables speak of such films in general; what came off on a card with your own jars '
        .'comes off on the model too.';

    public function concerns(Situation $situation): bool
    {
        return false;
    }

    protected function isMine(StepLiquid $liquid, Layer $layer): bool
    {
        return false;
    }

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $trials = $walk->log->trials();
        $failed = array_filter($trials, static fn (Trial $trial) => ! $trial->passed);
        // On a card things are tried, and it may fail there.
        if ($failed === [] || $walk->plan->build->kind === VehicleKind::TestCard) {
            return [];
        }
        $findings = [];
        foreach ($walk->situations as $situation) {
            foreach ($situation->touched as $touched) {
                $found = $this->on($situation, $touched, $trials);
                if ($found !== null) {
                    $findings[] = $found->onZones($touched->zones);
                }
            }
        }

        return $findings;
    }

    /** @param  list<Trial>  $trials  the oldest first */
    private function on(Situation $situation, Touched $touched, array $trials): ?Finding
    {
        foreach ($touched->strata->withinReachOf($situation->work) as $layer) {
            if ($situation->mergesInto($layer) || ! $situation->work->meets($layer)) {
                continue;
            }
            foreach ($situation->liquids as $liquid) {
                $case = $liquid->on($layer, $layer->stateAt($situation->start));
                $last = null;
                foreach ($trials as $trial) {
                    $last = $trial->speaksOf($case) ? $trial : $last;
                }
                if ($last?->passed === false && ! $this->isSaidAlready($situation, $touched->strata, $layer)) {
                    $number = $layer->stepIndex + 1;

                    return $this->finding(
                        Severity::Stop,
                        $situation,
                        ucfirst($case->inWords())." of step {$number} took it off on “{$last->where}”.",
                        [
                            'layer' => $layer->stepId,
                            'cleanUp' => $liquid->isCleanUp ? 1 : 0,
                            'tried' => $case->written(),
                        ],
                    );
                }
            }
        }

        return null;
    }

    /** What the tables warn of is said by their rules, and a failed trial makes that a stop. */
    private function isSaidAlready(Situation $situation, Strata $strata, Layer $layer): bool
    {
        foreach ($situation->threatsTo($strata) as $threat) {
            if ($threat->layer === $layer) {
                return true;
            }
        }

        return false;
    }
}
