<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueKind;

final class PostShadeBeforeDecals extends RuleBase
{
    public const CODE = 'post-shade-before-decals';

    public const TITLE = 'The shade comes before the decals';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A shade along the edges has to run over the markings too, or they float on top of it.';

    protected const WATCHES = [TechniqueKind::Decal];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->layers as $layer) {
            if ($layer->technique->code === 'post-shade') {
                return $this->finding(
                    Severity::Note,
                    $situation,
                    $below,
                    'The markings come over the shade instead of under it.',
                    ['shade' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['shade'], $finding->stepId),
            $bench->moveBefore($finding->stepId, (string) $finding->facts['shade']),
        ];
    }
}
