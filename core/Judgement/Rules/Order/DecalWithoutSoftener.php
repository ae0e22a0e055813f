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

final class DecalWithoutSoftener extends RuleBase
{
    public const CODE = 'decal-without-softener';

    public const TITLE = 'The decal goes without softener';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Over rivets and edges a film bridges the hollow unless softener has drawn it down; '
        .'under clear coat it stays so.';

    protected const WATCHES = [Nature::ClearCoat];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $decal = $below->lastStepOf(Nature::Decal);
        if ($decal < 0 || $below->lastStepOf(Nature::Soften, Nature::ClearCoat) > $decal) {
            return null;
        }
        $number = $decal + 1;

        return $this->finding(
            Severity::Note,
            $situation,
            "The markings of step {$number} are sealed without softener.",
            ['decal' => $situation->plan->steps[$decal]->id],
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $decal = (string) $finding->facts['decal'];

        return [
            $bench->insertBefore(
                $bench->indexOf($decal) + 1,
                'decal-softener',
                $finding->zones,
                'Soften them first',
            ),
        ];
    }
}
