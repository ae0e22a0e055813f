<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class PostShadeBeforeDecals extends RuleBase
{
    public const CODE = 'post-shade-before-decals';

    public const TITLE = 'The shade comes before the decals';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A shade along the edges has to run over the markings too, or they float on top of it.';

    protected const WATCHES = [Nature::Decal];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->layers as $layer) {
            if ($layer->technique->code === 'post-shade') {
                return $this->finding(
                    Severity::Note,
                    $situation,
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
