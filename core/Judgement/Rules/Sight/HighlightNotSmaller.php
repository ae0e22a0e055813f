<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class HighlightNotSmaller extends RuleBase
{
    public const CODE = 'highlight-not-smaller';

    public const TITLE = 'The highlight is not smaller than the first';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Each lighter pass covers less than the one before, or nothing is left of the earlier '
        .'tone.';

    protected const WATCHES = [Nature::Shade];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->code === 'light-tone' && $this->first($situation) !== null;
    }

    /** Per cent of its zones that a highlight takes where nobody has said; one that is kept to places. */
    private const USUAL = 50;

    private const PLACES = 25;

    /** Times as large as the second the first has to be. */
    private const SMALLER = 1.5;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $first = $this->first($situation);
        if ($first === null) {
            return null;
        }
        $before = $situation->plan->steps[$first];
        $share = $situation->step->extent->share ?? self::PLACES;
        $isSmaller = $situation->step->extent !== null &&
            ($before->extent->share ?? self::USUAL) >= self::SMALLER * $share;
        $isOnAll = ! $isSmaller && array_diff($before->zones, $situation->step->zones) === [];
        $number = $first + 1;

        return $isOnAll && $below->lastStepOf(Nature::Shade) >= $first
            ? $this->finding(
                Severity::Note,
                $situation,
                "The second highlight goes wherever that of step {$number} went: make it smaller.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }

    /** Index of the last highlight before it; null: it is the first. */
    private function first(Situation $situation): ?int
    {
        for ($index = $situation->index - 1; $index >= 0; $index--) {
            if ($situation->plan->steps[$index]->technique === 'light-tone') {
                return $index;
            }
        }

        return null;
    }
}
