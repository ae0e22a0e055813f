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
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Technique\CleanUpWindow;
use Ulvrach\Stuff\Technique\Nature;

final class CleanedOutsideWindow extends RuleBase
{
    public const CODE = 'cleaned-outside-window';

    public const TITLE = 'The clean-up comes too soon or too late';

    public const EXPLANATION = 'Cleaned while it shines, a wash comes out of the recess as well; cleaned when it has '
        .'set, it stays, or takes the paint along.';

    protected const WATCHES = [
        Nature::DrawnOff,
        Nature::CleanUp,
    ];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($situation->kind->is(Nature::CleanUp)) {
            return $this->examineStepOfItsOwn($situation, $below);
        }
        $window = $situation->cleanUpWindow($below);
        $last = $situation->step->cleanedAfter();
        if ($window === null || $last === null) {
            return null;
        }
        $first = $situation->step->cleanUp[0]->afterMinutes;
        [$severity, $says] = $this->judge($window, $first, $last, $situation);

        return $severity === null
            ? null
            : $this->finding($severity, $situation, "{$situation->technique->name} is cleaned after {$says}", [
                'surely' => $window->surely,
            ]);
    }

    /** A clean-up that is a step of its own: the worst of what it takes up. */
    private function examineStepOfItsOwn(Situation $situation, Strata $below): ?Finding
    {
        $worst = null;
        foreach ($situation->cleanedLayers($below) as [$layer, $window]) {
            $since = $situation->start - $layer->laidAt;
            [$severity, $says] = $this->judge(
                $window,
                $since + ($situation->step->cleanUp[0]->afterMinutes ?? 0),
                $since + ($situation->step->cleanedAfter() ?? 0),
                $situation,
            );
            if ($severity !== null && ($worst === null || $severity->rank() < $worst->severity->rank())) {
                $number = $layer->stepIndex + 1;
                $worst = $this->finding(
                    $severity,
                    $situation,
                    "{$layer->technique->name} of step {$number} is cleaned after {$says}",
                    ['layer' => $layer->stepId],
                );
            }
        }

        return $worst;
    }

    /** @return array{Severity|null, string} how grave, and how long after with what comes of it; null: it is in time */
    private function judge(CleanUpWindow $window, int $first, int $last, Situation $situation): array
    {
        $wetInWet = $situation->technique->wetInWet;

        return match (true) {
            $first < $window->earliest && ! $wetInWet => [
                Severity::Risk,
                Minutes::inWords($first).", before it is {$window->sign}: the brush takes all of it out.",
            ],
            $first < $window->surely && ! $wetInWet => [
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
        return isset($finding->facts['layer'])
            ? [
                $bench->inOneSitting($finding->stepId, (string) $finding->facts['layer'], 0),
                $bench->waitUntilReady($finding->stepId),
            ]
            : [$bench->cleanUpAfter($finding->stepId, (int) $finding->facts['surely'])];
    }
}
