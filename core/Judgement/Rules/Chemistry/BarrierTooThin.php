<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class BarrierTooThin extends RuleBase
{
    public const CODE = 'barrier-too-thin';

    public const TITLE = 'One coat is too thin to seal';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'One coat of clear leaves gaps that cannot be seen; the wash finds them and stains the '
        .'paint below.';

    protected const WATCHES = [
        Nature::Tint,
    ];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $top = $below->top();
        if (
            $top === null ||
            ! $top->kind->is(Nature::ClearCoat) ||
            $top->coats > 1 ||
            $top->sheen === Sheen::Matte ||
            ! $this->isSpirit($situation)
        ) {
            return null;
        }
        $number = $top->stepIndex + 1;

        return $this->finding(
            Severity::Risk,
            $situation,
            "Only one coat of clear (step {$number}) stands between the spirit and the paint.",
            ['clear' => $top->stepId],
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->inCoats((string) $finding->facts['clear'], 2)];
    }

    private function isSpirit(Situation $situation): bool
    {
        foreach ($situation->liquids as $liquid) {
            if ($liquid->liquid->carrier->isSpirit()) {
                return true;
            }
        }

        return false;
    }
}
