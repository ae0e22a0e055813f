<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Threat;

final class HotSolventOverSoftFilm extends AttackRule
{
    public const CODE = 'hot-solvent-over-soft-film';

    public const TITLE = 'A hot solvent wrinkles a softer film';

    public const EXPLANATION = 'Lacquer thinner and acetone go through the skin of a softer film and swell it from '
        .'below, so that it wrinkles or crazes.';

    protected function isMine(StepLiquid $liquid, Layer $layer): bool
    {
        return $liquid->liquid->carrier->isHot();
    }

    /** Rubbed on paint it strips it; sprayed, a trial may show that it holds. */
    protected function isCertain(Threat $threat): bool
    {
        return $threat->harm === Harm::WillFail && $threat->liquid->liquid->contact->rubs();
    }
}
