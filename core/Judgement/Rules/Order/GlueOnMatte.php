<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class GlueOnMatte extends RuleBase
{
    public const CODE = 'glue-on-matte';

    public const TITLE = 'Glue shines on a matte finish';

    public const EXPLANATION = 'Glue that is squeezed out dries with a shine, and on a matte finish that line stays.';

    protected const WATCHES = [Nature::Join];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $top = $below->top();

        return $top !== null && $top->kind->is(Nature::ClearCoat) && $below->sheen() === Sheen::Matte
            ? $this->finding(
                Severity::Note,
                $situation,
                'Glue squeezed out here leaves a shining line on the matte finish.',
                ['coat' => $top->stepId],
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['coat']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
