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
        $last = $situation->step->cleanedAfter();
        if ($window === null || $last === null) {
            return null;
        }
        $first = $situation->step->cleanUp[0]->afterMinutes;
        $name = $situation->technique->name;
        [$severity, $says] = match (true) {
            $first < $window->earliest => [
                Severity::Stop,
                Minutes::inWords($first).", before it is {$window->sign}: the brush takes all of it out.",
            ],
            $window->latest !== null && $last > $window->latest => [
                Severity::Stop,
                Minutes::inWords($last).': it has set hard and will not move.',
            ],
            $window->bestUntil !== null && $last > $window->bestUntil => [
                Severity::Note,
                Minutes::inWords($last).': it comes off only with effort.',
            ],
            default => [null, ''],
        };

        return $severity === null
            ? null
            : $this->finding($severity, $situation, $below, "{$name} is cleaned after {$says}", [
                'earliest' => $window->earliest,
            ]);
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->cleanUpAfter($finding->stepId, (int) $finding->facts['earliest'] + 10)];
    }
}
