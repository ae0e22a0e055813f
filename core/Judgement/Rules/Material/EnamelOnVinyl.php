<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Technique\Nature;

final class EnamelOnVinyl extends RuleBase implements LooksAtZone
{
    public const CODE = 'enamel-on-vinyl';

    public const TITLE = 'Enamel stays tacky on vinyl';

    public const EXPLANATION = 'The softener in vinyl keeps enamel from hardening: it stays tacky for good.';

    protected const WATCHES = [
        Nature::Paint,
        Nature::Wash,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->product?->material->family === BinderFamily::Enamel;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $below->zone()->substrate === Substrate::Vinyl &&
            $below->isBareExposed()
            ? $this->finding(Severity::Risk, $situation, 'Enamel on bare vinyl stays tacky.')
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                'prime',
                $finding->zones,
                'Prime these parts first',
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
