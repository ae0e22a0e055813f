<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Chemistry;

use Ulvrach\Chemistry\AttackTable;
use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class CleanUpDoesNothing extends RuleBase
{
    public const CODE = 'clean-up-does-nothing';

    public const EXPLANATION = 'A clean-up works because its carrier still moves the fresh film; one that leaves even '
        .'the fresh film alone only wets it.';

    protected const WATCHES = [TechniqueKind::Wash, TechniqueKind::Blend, TechniqueKind::Streak];

    /** The least effect on a touch-dry film that takes it off: "lifts or moves". */
    private const MOVES = 2;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $carrier = $situation->step->cleanUp?->carrier;
        $film = $situation->product?->family;
        if ($carrier === null || $film === null) {
            return null;
        }
        $level = AttackTable::onFilm($film, $carrier, CureState::TouchDry);

        return $level === null || $level >= self::MOVES
            ? null
            : $this->finding(
                Severity::Stop,
                $situation,
                $below,
                ucfirst("{$carrier->label()} does not take {$film->label()} off, even while it is fresh."),
            );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $remedies = [];
        $family = $bench->plan->productOf($bench->step($finding->stepId))->family ?? BinderFamily::Enamel;
        foreach ($family->ownThinners() as $carrier) {
            $remedies[] = $bench->cleanUpWith($finding->stepId, $carrier, false);
        }

        return array_values(array_filter($remedies));
    }
}
