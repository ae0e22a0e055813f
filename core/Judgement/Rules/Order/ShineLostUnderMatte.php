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
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class ShineLostUnderMatte extends RuleBase
{
    public const CODE = 'shine-lost-under-matte';

    public const TITLE = 'What comes later takes the wet shine';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Wet mud, oil, lenses and glass live from their shine, and a matte coat, fixer or dust '
        .'takes it: they come after it.';

    protected const WATCHES = [Nature::ClearCoat, Nature::FixPigment, Nature::Pigment, Nature::Shade, Nature::Colour];

    /** Whatever dulls: a matte coat, fixer, dust in any form. */
    public function concerns(Situation $situation): bool
    {
        return match (true) {
            $situation->kind->is(Nature::ClearCoat) => $situation->product?->material->sheen === Sheen::Matte,
            $situation->kind->is(Nature::FixPigment) => $situation->product?->material->sheen !== Sheen::Gloss,
            default => $situation->technique->role === ColourRole::Dust,
        };
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            $isWet = $layer->kind->is(Nature::Gloss) || $layer->technique->code === 'wet-mud';
            if ($isWet && $situation->work->meets($layer)) {
                $number = $layer->stepIndex + 1;
                $what = match (true) {
                    $situation->kind->is(Nature::ClearCoat) => 'The matte coat',
                    $situation->kind->is(Nature::FixPigment) => 'The fixer',
                    default => 'The dust',
                };

                return $this->finding(
                    Severity::Note,
                    $situation,
                    "{$what} takes the wet shine of step {$number}.",
                    ['shine' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['shine'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
