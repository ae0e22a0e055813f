<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Chemistry;

use Ulvrach\Chemistry\AttackTable;
use Ulvrach\Chemistry\Carrier;
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

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $film = $situation->product?->material->family;
        if ($film === null) {
            return null;
        }
        foreach ($situation->step->cleanUp as $pass) {
            $level = $pass->carrier === null ? null : AttackTable::onFilm($film, $pass->carrier, CureState::TouchDry);
            if ($pass->carrier === null || $level === null || $level >= AttackTable::MOVES) {
                return null;
            }
        }
        $carrier = $situation->step->cleanUp[0]->carrier ?? null;

        return $carrier === null
            ? null
            : $this->finding(
                Severity::Risk,
                $situation,
                $below,
                ucfirst("{$carrier->label()} does not take {$film->label()} off, even while it is fresh."),
            );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $product = $bench->plan->productOf($bench->step($finding->stepId));

        return array_map(
            static fn (Carrier $carrier) => $bench->cleanUpWith($finding->stepId, $carrier, false),
            $product?->material->family->ownThinners() ?? [],
        );
    }
}
