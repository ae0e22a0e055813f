<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Nature;

final class DecalsScrubbed extends RuleBase
{
    public const CODE = 'decals-scrubbed';

    public const TITLE = 'Unsealed decals are scrubbed';

    public const EXPLANATION = 'The wet brush that lifts chips lifts an unsealed decal just as well.';

    protected const WATCHES = [Nature::LiftOff];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->aboveRelease() as $layer) {
            if ($layer->film === BinderFamily::DecalFilm) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Stop,
                    $situation,
                    "The unsealed decals of step {$number} do not survive the scrubbing.",
                    ['decal' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveAfter((string) $finding->facts['decal'], $finding->stepId),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
