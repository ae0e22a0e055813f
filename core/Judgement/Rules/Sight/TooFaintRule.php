<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Physics\Evaluation\Situation;

/**
 * A mark that does not read on its ground.
 *
 * @internal to Ulvrach\Judgement\Rules\Sight
 */
abstract class TooFaintRule extends MarkRule
{
    public const KIND = RuleKind::Custom;

    protected function fault(Situation $situation, Contrast $now, Contrast $before): ?string
    {
        // What goes over a mark of the same kind is seen by what it changes, whatever the face around them.
        $changes = $now->mark->differenceTo($before->mark);

        return max($now->difference(), $changes) < Contrast::reads($situation) ? 'is hardly seen' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$bench->colours()->thatRead($finding),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
