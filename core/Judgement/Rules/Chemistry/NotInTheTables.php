<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAround;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\Sheen;

final class NotInTheTables extends RuleBase implements LooksAround, LooksAtZone
{
    public const CODE = 'not-in-the-tables';

    public const TITLE = 'The tables do not know this pair';

    public const EXPLANATION = 'Nobody has written down what this liquid does to what it meets here; a trial on a '
        .'hidden spot tells more than a guess.';

    public function concerns(Situation $situation): bool
    {
        return $situation->threatens || $situation->meetsBarePart;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($situation->threatsTo($below) as $threat) {
            if ($threat->harm === Harm::Unknown && ! $this->wasTried($situation->plan, $situation->index)) {
                $number = $threat->layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    ucfirst($threat->liquid->liquid->carrier->label()).
                        " on the {$threat->layer->film->label()} of step {$number} is not in the tables: test it.",
                );
            }
        }
        if ($below->layers === [] || ! $below->isBareExposed() || $situation->technique->isGroundWork()) {
            return null;
        }
        foreach ($situation->liquids as $liquid) {
            $carrier = $liquid->liquid->carrier;
            if (
                AttackTable::onBarePart($below->zone()->substrate, $carrier) === null &&
                ! $this->wasTried($situation->plan, $situation->index)
            ) {
                return $this->finding(
                    Severity::Risk,
                    $situation,
                    ucfirst($carrier->label()).
                        " on bare {$below->zone()->substrate->label()} is not in the tables: test it.",
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->testPatchBefore($finding->stepId, $finding->zones),
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** A test patch earlier in the plan with the same product, thinner and clean-up. */
    private function wasTried(Plan $plan, int $index): bool
    {
        $step = $plan->steps[$index];
        for ($earlier = $index - 1; $earlier >= 0; $earlier--) {
            if (
                $plan->steps[$earlier]->technique === 'test-patch' &&
                $this->triesOut($plan->steps[$earlier], $step)
            ) {
                return true;
            }
        }

        return false;
    }

    private function triesOut(Step $trial, Step $step): bool
    {
        return $trial->product === $step->product &&
            $trial->thinner === $step->thinner &&
            ($trial->cleanUp[0]->carrier ?? null) === ($step->cleanUp[0]->carrier ?? null);
    }
}
