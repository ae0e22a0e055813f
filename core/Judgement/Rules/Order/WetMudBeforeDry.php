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

final class WetMudBeforeDry extends RuleBase
{
    public const CODE = 'wet-mud-before-dry';

    public const TITLE = 'Wet mud comes before dry';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Mud dries from the outside: what is fresh and dark lies on top of what is pale and '
        .'old.';

    protected const WATCHES = [Nature::Mud];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($situation->technique->code === 'wet-mud') {
            return null;
        }
        foreach ($below->layers as $layer) {
            if ($layer->technique->code === 'wet-mud') {
                return $this->finding(Severity::Note, $situation, 'Dry mud comes over the wet.', [
                    'wet' => $layer->stepId,
                ]);
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $wet = (string) $finding->facts['wet'];

        return [
            $bench->moveAfter($wet, $finding->stepId),
            $bench->moveBefore($finding->stepId, $wet),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
