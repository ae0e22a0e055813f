<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Technique\TechniqueKind;

final class WashTooFaint extends ContrastRule
{
    public const CODE = 'wash-too-faint';

    public const TITLE = 'The wash is too faint';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A wash shows by being darker than its base; on a dark vehicle brown or grey lines '
        .'must still be darker, or lighter on purpose.';

    protected const WATCHES = [TechniqueKind::Wash];

    /** CIEDE2000 between base and wash below which the thinned line is lost. */
    private const SEEN = 12.0;

    protected function fault(Lab $paint, Lab $over): ?string
    {
        return $paint->differenceTo($over) < self::SEEN ? 'is hardly seen' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->withProduct(
                $finding->stepId,
                $bench
                    ->need('enamel-wash')
                    ->inFamilies(...$bench->techniqueOf($finding->stepId)->families)
                    ->apartFrom($bench->coloursOf($finding->zones, $bench->indexOf($finding->stepId)), self::SEEN),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
