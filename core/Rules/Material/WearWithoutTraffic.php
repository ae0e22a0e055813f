<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Traffic;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class WearWithoutTraffic extends RuleBase
{
    public const CODE = 'wear-without-traffic';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Paint wears where boots, hands and stowage rub; a sheltered corner keeps it.';

    protected const WATCHES = [TechniqueKind::Chips, TechniqueKind::LiftOff, TechniqueKind::Abrade];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $zone = $below->zone;

        return $zone->sheltered || $zone->traffic === Traffic::None
            ? $this->finding(Severity::Note, $situation, $below, 'Nothing rubs here that could wear the paint.')
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
