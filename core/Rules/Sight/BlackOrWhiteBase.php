<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class BlackOrWhiteBase extends RuleBase
{
    public const CODE = 'black-or-white-base';

    public const TITLE = 'The base is pure black or white';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Pure black and pure white leave no room for shade or light: a photograph shows a hole '
        .'or a blank.';

    protected const WATCHES = [TechniqueKind::Colour, TechniqueKind::Shade];

    /** L* beyond which a photograph clips. */
    private const BLACK = 14.0;

    private const WHITE = 95.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Base;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $colour = $situation->product?->material->colour;
        if ($colour === null || $situation->technique->role !== ColourRole::Base) {
            return null;
        }
        $l = $colour->l;

        return match (true) {
            $l < self::BLACK => $this->finding(
                Severity::Note,
                $situation,
                $below,
                'This base is as good as black: shade and washes will not show.',
            ),
            $l > self::WHITE => $this->finding(
                Severity::Note,
                $situation,
                $below,
                'This base is as good as white: highlights and dust will not show.',
            ),
            default => null,
        };
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $colour = $bench->plan->productOf($bench->step($finding->stepId))?->material->colour;
        $softer = $colour !== null && $colour->l < 50 ? 'paint-rubber' : 'winter-wash';

        return [
            $bench->withProduct(
                $finding->stepId,
                $bench->need($softer)->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
        ];
    }
}
