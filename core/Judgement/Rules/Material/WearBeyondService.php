<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class WearBeyondService extends RuleBase
{
    public const CODE = 'wear-beyond-service';

    public const TITLE = 'The wear is older than the vehicle';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Paint wears through in months, corrosion takes longer; what is older than the vehicle '
        .'is not believed.';

    protected const WATCHES = [
        Nature::Wear,
        Nature::Wash,
        Nature::Streak,
        Nature::Blend,
        Nature::Detail,
        Nature::Pigment,
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
