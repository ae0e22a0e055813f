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

final class ClosedInUnfinished extends RuleBase
{
    public const CODE = 'closed-in-unfinished';

    public const TITLE = 'It is closed in unfinished';

    public const EXPLANATION = 'What is closed in stays as it is: bare plastic shows through the first open hatch.';

    protected const CERTAIN = true;

    protected const WATCHES = [Nature::Join];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->closesOff;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return ! $below->has(Nature::Colour, Nature::Detail)
            ? $this->finding(Severity::Risk, $situation, 'It is closed in before it has any colour.')
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                'spray-colour',
                $finding->zones,
                'Spray it before',
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
