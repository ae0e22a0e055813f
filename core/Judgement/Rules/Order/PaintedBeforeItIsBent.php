<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Technique\Nature;

final class PaintedBeforeItIsBent extends RuleBase implements LooksAtZone
{
    public const CODE = 'painted-before-it-is-bent';

    public const TITLE = 'It is painted before it is bent';

    public const EXPLANATION = 'Vinyl gives when it is stretched round the wheels, paint does not: it flakes off.';

    protected const WATCHES = [Nature::Join];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return $below->zone()->substrate === Substrate::Vinyl &&
            $below->zone()->kind === ZoneKind::Tracks &&
            $below->has(Nature::Colour)
            ? $this->finding(
                Severity::Risk,
                $situation,
                'The painted vinyl track is bent when it is fitted: paint flakes off.',
                ['paint' => $below->layers[0]->stepId],
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['paint']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
