<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class AbradedToPlastic extends RuleBase implements LooksAtZone
{
    public const CODE = 'abraded-to-plastic';

    public const TITLE = 'Rubbing gets down to the plastic';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Rubbing wears the paint down to what lies under it: without a primer or a barrier that '
        .'is bare plastic.';

    protected const WATCHES = [Nature::Abrade];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $below->layers !== [] &&
            ! $below->has(Nature::Prime, Nature::ClearCoat, Nature::ReleaseFilm)
            ? $this->finding(
                Severity::Risk,
                $situation,
                "Under the paint lies bare {$below->zone()->substrate->label()}, and that is what shows.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $first = $bench->firstStepOn($finding->zones[0]);

        return [
            $bench->insertBefore($first, 'prime', $finding->zones, 'Prime these parts first'),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
