<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Technique\Nature;

final class CleanUpDoesNothing extends RuleBase
{
    public const CODE = 'clean-up-does-nothing';

    public const TITLE = 'The clean-up moves nothing';

    public const EXPLANATION = 'A clean-up works because its carrier still moves the fresh film; one that leaves even '
        .'the fresh film alone only wets it.';

    protected const WATCHES = [
        Nature::DrawnOff,
        Nature::CleanUp,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->step->cleanUp !== [];
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $films = $this->films($situation, $below);
        $carrier = $situation->step->cleanUp[0]->carrier ?? null;
        if ($carrier === null || $films === []) {
            return null;
        }
        foreach ($situation->step->cleanUp as $pass) {
            foreach ($films as $film) {
                if ($this->moves($pass->carrier, $film)) {
                    return null;
                }
            }
        }

        return $this->finding(
            Severity::Risk,
            $situation,
            ucfirst("{$carrier->label()} does not take {$films[0]->label()} off, even while it is fresh."),
            ['film' => $films[0]->value],
        );
    }

    /** @return list<BinderFamily> what is to be cleaned off: its own film, or those of the steps before */
    private function films(Situation $situation, Strata $below): array
    {
        return $situation->kind->is(Nature::CleanUp)
            ? array_map(static fn (array $cleaned) => $cleaned[0]->film, $situation->cleanedLayers($below))
            : ($situation->product === null ? [] : [$situation->product->material->family]);
    }

    /** A dry brush or cloth moves whatever is fresh, and of what no table knows nothing is said. */
    private function moves(?Carrier $carrier, BinderFamily $film): bool
    {
        $level = $carrier === null ? null : AttackTable::onFilm($film, $carrier, CureState::TouchDry);

        return $level === null || $level >= AttackTable::MOVES;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return array_map(
            static fn (Carrier $carrier) => $bench->cleanUpWith($finding->stepId, $carrier, false),
            BinderFamily::from((string) $finding->facts['film'])->ownThinners(),
        );
    }
}
