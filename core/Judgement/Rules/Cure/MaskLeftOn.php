<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;

final class MaskLeftOn extends RuleBase implements JourneyRule
{
    public const CODE = 'mask-left-on';

    public const TITLE = 'The mask stays on too long';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'The longer a mask stays, the harder its glue holds and the sharper the ridge of paint '
        .'at its edge; it belongs off within a day.';

    protected const CERTAIN = true;

    protected const WATCHES = [Nature::Unmask];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->maskedAt === null || $situation->start - $below->maskedAt <= Minutes::DAY) {
            return null;
        }
        $on = Minutes::inWords($situation->start - $below->maskedAt);

        return $this->finding(
            $situation->start - $below->maskedAt <= 2 * Minutes::DAY ? Severity::Note : Severity::Risk,
            $situation,
            "The mask comes off after {$on}: it may tear the edge or leave glue behind.",
            ['mask' => $below->maskedBy],
        );
    }

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        return $zone->maskedBy === null
            ? null
            : $this->findingOn(
                Severity::Stop,
                $plan->steps[$zone->maskedBy]->id,
                'The mask is never taken off: what it covers gets no further paint, and it grows fast.',
                ['mask' => null],
            );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $painted = $bench->firstStepOfKindAfter($finding->stepId, [Nature::Colour], $finding->zones[0]);
        if ($finding->facts['mask'] === null) {
            $at = $bench->indexOf($painted->id ?? $finding->stepId) + 1;
            $unmask = new Step(
                id: "{$finding->stepId}-off",
                technique: 'unmask',
                product: null,
                zones: $finding->zones,
                coats: 1,
                application: Application::Dry,
            );

            return [
                new Remedy('Take the mask off after the next colour', [new InsertStep($unmask, $at)]),
                $bench->leaveOut($finding->stepId, $finding->zones),
            ];
        }
        $mask = $bench->plan->steps[(int) $finding->facts['mask']]->id;
        $first = $bench->firstStepOfKindAfter($mask, [Nature::Colour], $finding->zones[0]);

        return [
            ...$first === null ? [] : [$bench->inOneSitting($finding->stepId, $first->id)],
        ];
    }
}
