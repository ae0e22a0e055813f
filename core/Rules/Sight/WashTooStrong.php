<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Technique\TechniqueKind;

final class WashTooStrong extends ContrastRule
{
    public const CODE = 'wash-too-strong';

    public const TITLE = 'The wash is too strong';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Nearly black lines on a light vehicle draw a net over it; a brown or grey of the same '
        .'hue does not.';

    protected const WATCHES = [TechniqueKind::Wash];

    /** L* by which a line may be darker than its base. */
    private const A_NET = 52.0;

    protected function fault(Lab $paint, Lab $over): ?string
    {
        return $paint->l - $over->l > self::A_NET ? 'draws hard lines' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->withProduct(
                $finding->stepId,
                $bench->need('track-wash')->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
