<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Threat;

final class CarrierAttacksFilm extends AttackRule
{
    public const CODE = 'carrier-attacks-film';

    public const TITLE = 'A solvent attacks the film below';

    public const EXPLANATION = 'A carrier that dissolves the binder under it stains, lifts or moves that film, '
        .'however long it has cured; only something in between keeps it off.';

    protected function isMine(StepLiquid $liquid, Layer $layer): bool
    {
        return ! $liquid->liquid->carrier->isHot() && ! WakesLayerBelow::wakes($liquid, $layer);
    }

    /** Where waiting alone would do, the film is merely too young: that is another finding. */
    protected function speaksOf(Threat $threat): bool
    {
        return $threat->liquid->harmTo($threat->layer, $threat->liquid->stateToWaitFor($threat->layer))->value >=
            Harm::Slight->value;
    }
}
