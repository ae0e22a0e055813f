<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class AbradedToPlastic extends RuleBase
{
    public const CODE = 'abraded-to-plastic';

    public const TITLE = 'Rubbing gets down to the plastic';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Rubbing wears the paint down to what lies under it: without a primer or a barrier that '
        .'is bare plastic.';

    protected const WATCHES = [TechniqueKind::Abrade];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $below->layers !== [] &&
            ! $below->has(TechniqueKind::Prime, TechniqueKind::ClearCoat, TechniqueKind::ReleaseFilm)
            ? $this->finding(
                Severity::Risk,
                $situation,
                $below,
                "Under the paint lies bare {$below->zone->substrate->label()}, and that is what shows.",
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
