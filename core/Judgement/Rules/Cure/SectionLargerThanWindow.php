<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Technique\Nature;

final class SectionLargerThanWindow extends RuleBase
{
    public const CODE = 'section-larger-than-window';

    public const TITLE = 'The section is too large to clean in time';

    public const EXPLANATION = 'Cleaning takes longer than applying, so the last inch of a large section has set '
        .'before the cleaner gets there.';

    protected const WATCHES = [Nature::DrawnOff];

    public function concerns(Situation $situation): bool
    {
        return $situation->step->cleanUp !== [];
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $window = $situation->cleanUpWindow($below);
        if ($window === null || $window->latest === null || $situation->step->cleanUp === []) {
            return null;
        }
        $area = $situation->plan->areaOf($situation->step);
        $after = $situation->step->cleanUp[0]->afterMinutes;
        // In the order in which it was applied: the first point waits while the rest is applied, the last one while the
        // rest is cleaned.
        $longest =
            $after +
            (int) ceil(
                ($situation->work->area() / 100) *
                    max($situation->technique->applyMinutes, $situation->technique->cleanMinutes),
            );
        $limit = $window->bestUntil ?? $window->latest;
        if ($longest <= $limit || $after > $limit) {
            return null;
        }

        return $this->finding(
            $longest > $window->latest ? Severity::Risk : Severity::Note,
            $situation,
            'In one go the last of '.round($area).' cm² is reached after '.Minutes::inWords($longest)
                .'; it cleans easily for '.Minutes::inWords($limit).'.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->splitByZones($finding->stepId)];
    }
}
