<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class PigmentIntoWetMud extends RuleBase
{
    public const CODE = 'pigment-into-wet-mud';

    public const TITLE = 'Pigment drowns in wet mud';

    public const KIND = RuleKind::Fact;

    public const EXPLANATION = 'Wet mud drinks dry pigment: it turns as dark as the mud and sets with it. Dust lies on '
        .'mud that has dried.';

    protected const WATCHES = [Nature::Pigment];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            $isWet = $layer->kind->is(Nature::Mud) && $situation->start < $layer->soonest[0];
            if ($isWet && $situation->work->meets($layer) && ! $situation->work->isMeantFor($layer)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "The mud of step {$number} is still wet: it drinks the pigment, which turns as dark as it is.",
                    ['mud' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->waitUntilReady($finding->stepId), $bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
