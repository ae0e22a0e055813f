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
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class MetalUnderMatteCoat extends RuleBase
{
    public const CODE = 'metal-under-matte-coat';

    public const TITLE = 'Metal dulls under the matte coat';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A matte coat scatters the light that made metal shine: it turns into grey paint.';

    protected const WATCHES = [Nature::ClearCoat];

    public function concerns(Situation $situation): bool
    {
        return $situation->product?->material->sheen === Sheen::Matte;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($layer->shinesAsMetal()) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "The matte coat takes the shine off the metal of step {$number}.",
                    ['metal' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['metal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
