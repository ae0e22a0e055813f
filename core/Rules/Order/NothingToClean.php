<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class NothingToClean extends RuleBase
{
    public const CODE = 'nothing-to-clean';

    public const TITLE = 'There is nothing to clean';

    public const EXPLANATION = 'A wash, oil or streak is wiped back or drawn down while it lies open; on bare paint, '
        .'or under a clear coat, there is nothing that the brush could move.';

    protected const CERTAIN = true;

    protected const WATCHES = [TechniqueKind::CleanUp];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $situation->cleanedLayers($below) === []
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                'Nothing lies open here that could be cleaned or drawn down.',
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
