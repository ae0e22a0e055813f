<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Order;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Layer;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class MetalUnderMatteCoat extends RuleBase
{
    public const CODE = 'metal-under-matte-coat';

    public const TITLE = 'Metal dulls under the matte coat';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A matte coat scatters the light that made metal shine: it turns into grey paint.';

    protected const WATCHES = [TechniqueKind::ClearCoat];

    public function concerns(Situation $situation): bool
    {
        return $situation->product?->material->sheen === Sheen::Matte;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($this->shines($layer)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Note,
                    $situation,
                    $below,
                    "The matte coat takes the shine off the metal of step {$number}.",
                    ['metal' => $layer->stepId],
                );
            }
        }

        return null;
    }

    /** By what is in it; a file of before metal was told apart has only the technique to go by. */
    private function shines(Layer $layer): bool
    {
        return $layer->product->material->metallic ||
            $layer->kind === TechniqueKind::Metal ||
            ($layer->film === BinderFamily::MetalPencil && $layer->technique->role === ColourRole::Metal);
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['metal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
