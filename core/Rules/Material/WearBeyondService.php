<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class WearBeyondService extends RuleBase
{
    public const CODE = 'wear-beyond-service';

    public const TITLE = 'The wear is older than the vehicle';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Paint wears through in months, corrosion takes longer; what is older than the vehicle '
        .'is not believed.';

    protected const WATCHES = [
        TechniqueKind::Chips,
        TechniqueKind::LiftOff,
        TechniqueKind::Abrade,
        TechniqueKind::Wash,
        TechniqueKind::Streak,
        TechniqueKind::Blend,
        TechniqueKind::Detail,
        TechniqueKind::Pigment,
    ];

    public function concerns(Situation $situation): bool
    {
        return ($situation->plan->build->serviceMonths ?? PHP_INT_MAX) < $situation->technique->serviceMonths;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $months = $situation->plan->build->serviceMonths;
        $needs = $situation->technique->serviceMonths;

        return $months !== null && $months < $needs
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                'This wear takes '.self::said($needs).'; the vehicle has been in service for '.self::said($months).'.',
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }

    private static function said(int $months): string
    {
        return $months === 1 ? 'a month' : "{$months} months";
    }
}
