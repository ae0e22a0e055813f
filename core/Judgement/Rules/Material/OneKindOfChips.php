<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\Nature;

final class OneKindOfChips extends EndRule implements PlanRule
{
    public const CODE = 'one-kind-of-chips';

    public const TITLE = 'There is only one kind of chips';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'One tool makes one pattern; brush and sponge together look as if nobody had made them.';

    public function overall(Plan $plan, array $strata): array
    {
        $tools = [];
        $last = null;
        foreach ($strata as $zone) {
            foreach ($zone->layers as $layer) {
                if ($layer->kind->is(Nature::Chips)) {
                    $tools[$layer->technique->code] = true;
                    $last = [$layer, $zone];
                }
            }
            if ($zone->lastStepOf(Nature::LiftOff, Nature::Abrade) >= 0) {
                return [];
            }
        }

        return count($tools) === 1 && $last !== null
            ? [
                [
                    $this->findingOn(Severity::Note, $last[0]->stepId, 'All chips are made with one tool.'),
                    $last[1],
                ],
            ]
            : [];
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $code = $bench->step($finding->stepId)->technique === 'sponge-chips' ? 'brush-chips' : 'sponge-chips';

        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                $code,
                $finding->zones,
                $code === 'brush-chips' ? 'Add some by brush' : 'Add some by sponge',
                $bench->needSeenOn($code, $finding->zones, $bench->indexOf($finding->stepId)),
            ),
        ];
    }
}
