<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;

final class WakesLayerBelow extends AttackRule
{
    public const CODE = 'wakes-layer-below';

    public const TITLE = 'Spirit reopens enamel and oil';

    public const EXPLANATION = 'Enamels and oils dissolve again in the spirit that carried them, until they have '
        .'hardened for days or are sealed in.';

    public static function wakes(StepLiquid $liquid, Layer $layer): bool
    {
        return $layer->film->oxidises() && $liquid->liquid->carrier->isSpirit();
    }

    protected function isMine(StepLiquid $liquid, Layer $layer): bool
    {
        return self::wakes($liquid, $layer);
    }
}
