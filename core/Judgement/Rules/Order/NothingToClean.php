<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class NothingToClean extends RuleBase
{
    public const CODE = 'nothing-to-clean';

    public const TITLE = 'There is nothing to clean';

    public const EXPLANATION = 'A wash, oil or streak is wiped back or drawn down while it lies open; on bare paint, '
        .'or under a clear coat, there is nothing that the brush could move.';

    protected const CERTAIN = true;

    protected const WATCHES = [Nature::CleanUp];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $situation->cleanedLayers($below) === []
            ? $this->finding(
                Severity::Note,
                $situation,
                'Nothing lies open here that could be cleaned or drawn down.',
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
