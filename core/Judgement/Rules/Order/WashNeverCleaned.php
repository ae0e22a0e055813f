<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAround;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class WashNeverCleaned extends RuleBase implements LooksAround, LooksAtZone
{
    public const CODE = 'wash-never-cleaned';

    public const TITLE = 'The wash is never cleaned';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A wash over everything darkens everything, unless what lies on the raised faces is '
        .'taken off again.';

    protected const WATCHES = [Nature::Wash];

    /** Washes that go over whole faces. */
    private const OVER_ALL = ['enamel-wash', 'oil-wash', 'clay-wash'];

    public function concerns(Situation $situation): bool
    {
        return in_array($situation->technique->code, self::OVER_ALL, true) && $situation->step->cleanUp === [];
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $this->isCleanedLater($situation, $below)
            ? null
            : $this->finding(Severity::Note, $situation, 'The wash is never cleaned off the raised faces.');
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->cleanedUpAsUsual($finding->stepId)];
    }

    /** Several passes of one medium may share one clean-up. */
    private function isCleanedLater(Situation $situation, Strata $below): bool
    {
        foreach (array_slice($situation->plan->steps, $situation->index + 1) as $step) {
            if ($step->cleanUp !== [] && $step->covers($below->zone()->id)) {
                return true;
            }
        }

        return false;
    }
}
