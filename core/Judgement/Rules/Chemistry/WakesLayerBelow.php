<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Stuff\Chemistry\BinderFamily;

final class WakesLayerBelow extends AttackRule
{
    public const CODE = 'wakes-layer-below';

    public const TITLE = 'Spirit reopens enamel and oil';

    public const EXPLANATION = 'Enamels and oils dissolve again in the spirit that carried them, until they have '
        .'hardened for days or are sealed in.';

    /** Minutes up to which a wait may have been meant for the same day. */
    private const SAME_DAY = 480;

    public static function wakes(StepLiquid $liquid, Layer $layer): bool
    {
        return $layer->film->oxidises() && $liquid->liquid->carrier->isSpirit();
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $layer = (string) ($finding->facts['layer'] ?? '');
        $below = $bench->walk->layers[$bench->indexOf($layer)];
        $work = $bench->walk->situations[$bench->indexOf($finding->stepId)]->work;
        // Oils and wet rust are made to be worked together; washes and streaks are kept apart unless somebody says so.
        $isMadeFor = $below?->film === BinderFamily::ArtistOil || $work->technique->wetInWet;
        $isSameDay = ($work->step->waitMinutes ?? 0) <= self::SAME_DAY;

        $together = $below !== null && $isMadeFor && $isSameDay && $work->goesInto($below);

        return [
            ...$together ? [$bench->inOneSitting($finding->stepId, $layer, 0)] : [],
            ...parent::remedies($finding, $bench),
        ];
    }

    protected function isMine(StepLiquid $liquid, Layer $layer): bool
    {
        return self::wakes($liquid, $layer);
    }
}
