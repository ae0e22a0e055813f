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

final class TooMuchWear extends RuleBase
{
    public const CODE = 'too-much-wear';

    public const TITLE = 'There is too much wear';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Paint goes where boots, tools and branches meet it, a little each month: half a roof '
        .'is bare after years, not after weeks.';

    protected const WATCHES = [Nature::Wear];

    /** Per cent of a zone that may be worn on the first day, more for each month, and at most however long it takes. */
    private const FIRST = 8.0;

    private const A_MONTH = 1.0;

    private const MOST = 55.0;

    /** Times that, from which nobody believes it. */
    private const UNBELIEVED = 3.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->step->extent?->share !== null && $situation->technique->code !== 'dry-brush';
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $share = $situation->step->extent->share ?? 0;
        $months = $situation->plan->build->serviceMonths;
        $most = $months === null ? self::MOST : min(self::MOST, self::FIRST + self::A_MONTH * $months);
        if ($share <= 1.5 * $most) {
            return null;
        }
        $after = match ($months) {
            null => '',
            1 => ' after a month',
            default => " after {$months} months",
        };

        return $this->finding(
            $share > self::UNBELIEVED * $most ? Severity::Risk : Severity::Note,
            $situation,
            sprintf('%d %% of it is worn%s: some %.0f %% are believed.', $share, $after, $most),
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
