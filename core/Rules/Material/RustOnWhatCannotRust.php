<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class RustOnWhatCannotRust extends RuleBase
{
    public const CODE = 'rust-on-what-cannot-rust';

    public const EXPLANATION = 'Only steel rusts: aluminium turns grey, wood rots, rubber, canvas and fibreglass fade.';

    protected const WATCHES = [TechniqueKind::Wash, TechniqueKind::Streak, TechniqueKind::Pigment];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->depictsRust;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $situation->technique->depictsRust && ! $below->zone->depicts->rusts()
            ? $this->finding(
                $this->severity($situation, $below),
                $situation,
                $below,
                "This part is {$below->zone->depicts->label()} in reality, and {$below->zone->depicts->label()} does "
                    .'not rust.',
            )
            : null;
    }

    /** A run may cross wood or canvas below something of steel. */
    private function severity(Situation $situation, Strata $below): Severity
    {
        return $situation->kind === TechniqueKind::Streak && Fitting::isNamed($situation, $below)
            ? Severity::Note
            : Severity::Risk;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
