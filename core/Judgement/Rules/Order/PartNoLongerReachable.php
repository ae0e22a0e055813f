<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;

final class PartNoLongerReachable extends RuleBase
{
    public const CODE = 'part-no-longer-reachable';

    public const TITLE = 'The part is out of reach';

    public const EXPLANATION = 'Where a part is closed in, neither brush nor spray gets to it any more.';

    protected const CERTAIN = true;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->closedBy === null) {
            return null;
        }
        $number = $below->closedBy + 1;

        return $this->finding(
            Severity::Stop,
            $situation,
            "Step {$number} has closed this part in: nothing reaches it.",
            ['closed' => $situation->plan->steps[$below->closedBy]->id],
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $closed = (string) $finding->facts['closed'];

        return [
            $bench->moveBefore($finding->stepId, $closed),
            $bench->moveAfter($closed, $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
