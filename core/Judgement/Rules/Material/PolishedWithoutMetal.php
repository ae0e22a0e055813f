<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Material\Purpose;
use Ulvrach\Stuff\Technique\Nature;

final class PolishedWithoutMetal extends RuleBase
{
    public const CODE = 'polished-without-metal';

    public const TITLE = 'What shall shine is no metal';

    public const KIND = RuleKind::Fact;

    public const EXPLANATION = 'Bare steel is told by its glint: paint without flakes and without graphite stays grey '
        .'however it is laid.';

    protected const WATCHES = [Nature::Metal, Nature::Chips];

    public function concerns(Situation $situation): bool
    {
        return Purpose::of($situation->technique) === Purpose::Metal;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $material = $situation->product?->material;

        return $material !== null && ! Purpose::Metal->suits($material)
            ? $this->finding(
                Severity::Note,
                $situation,
                "“{$situation->product->name}” has no metal in it: it will not shine as steel.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $technique = $bench->techniqueOf($finding->stepId);

        return [
            $bench->withProduct($finding->stepId, $bench->need($technique->code)),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
