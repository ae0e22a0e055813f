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

final class MaskOnSoftPaint extends RuleBase
{
    public const CODE = 'mask-on-soft-paint';

    public const EXPLANATION = 'Tape and putty sink into paint that has not hardened through and take it along when '
        .'they come off.';

    protected const WATCHES = [TechniqueKind::Mask];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $hold = $situation->holdOn($below);
        if ($hold === null || $hold->until <= $situation->start) {
            return null;
        }
        $number = $hold->layer->stepIndex + 1;
        $short = Minutes::inWords($hold->until - $situation->start);

        return $this->finding(
            Severity::Stop,
            $situation,
            $below,
            "The paint of step {$number} is mask-safe only {$short} later; the mask will pull it off.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->waitUntilReady($finding->stepId), $bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
