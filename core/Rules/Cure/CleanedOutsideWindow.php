<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Cure;

use Ulvrach\Chemistry\Carrier;
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
        $window = $situation->cleanUpWindow($below);
        $last = $situation->step->cleanedAfter();
        if ($window === null || $last === null) {
            return null;
        }
        $first = $situation->step->cleanUp[0]->afterMinutes;
        $name = $situation->technique->name;
        [$severity, $says] = match (true) {
            $first < $window->earliest && ! $situation->technique->wetInWet => [
                Severity::Risk,
                Minutes::inWords($first).", before it is {$window->sign}: the brush takes all of it out.",
            ],
            $first < $window->surely && ! $situation->technique->wetInWet => [
                Severity::Note,
                Minutes::inWords($first).": only if it is {$window->sign} by then.",
            ],
            $window->latest !== null && $last > $window->latest && $this->isWhiteSpirit($situation) => [
                Severity::Note,
                Minutes::inWords($last).': even white spirit moves it only with effort.',
            ],
            $window->latest !== null && $last > $window->latest => [
                Severity::Risk,
                Minutes::inWords($last).': it has set and hardly moves; white spirit may still take it.',
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
                'surely' => $window->surely,
            ]);
    }

    private function isWhiteSpirit(Situation $situation): bool
    {
        foreach ($situation->step->cleanUp as $pass) {
            if ($pass->carrier === Carrier::WhiteSpirit) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->cleanUpAfter($finding->stepId, (int) $finding->facts['surely'])];
    }
}
