<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Cure;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class CleanedOutsideWindow extends RuleBase
{
    public const CODE = 'cleaned-outside-window';

    public const EXPLANATION = 'Cleaned while it shines, a wash comes out of the recess as well; cleaned when it has '
        .'set, it stays, or takes the paint along.';

    protected const WATCHES = [TechniqueKind::Wash, TechniqueKind::Blend, TechniqueKind::Streak];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $window = $situation->cleanUpWindow();
        $after = $situation->step->cleanUp?->afterMinutes;
        if ($window === null || $after === null) {
            return null;
        }
        $name = $situation->technique->name;
        $facts = ['earliest' => $window->earliest];
        if ($after < $window->earliest) {
            return $this->finding(
                Severity::Stop,
                $situation,
                $below,
                "{$name} is cleaned after ".
                    Minutes::inWords($after).
                    ", before it is {$window->sign}: the brush takes all of it out.",
                $facts,
            );
        }
        if ($window->latest !== null && $after > $window->latest) {
            return $this->finding(
                Severity::Stop,
                $situation,
                $below,
                "{$name} is cleaned after ".Minutes::inWords($after).': it has set hard and will not move.',
                $facts,
            );
        }
        if ($window->bestUntil !== null && $after > $window->bestUntil) {
            return $this->finding(
                Severity::Note,
                $situation,
                $below,
                "{$name} is cleaned after ".Minutes::inWords($after).': it comes off only with effort.',
                $facts,
            );
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return array_filter([$bench->cleanUpAfter($finding->stepId, (int) $finding->facts['earliest'] + 10)]);
    }
}
