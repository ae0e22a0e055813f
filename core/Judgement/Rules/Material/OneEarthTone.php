<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Technique\Nature;

final class OneEarthTone extends EndRule implements PlanRule
{
    public const CODE = 'one-earth-tone';

    public const TITLE = 'There is only one earth tone';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Mud in a single tone looks like paint: dry and damp, light and dark belong together.';

    public function overall(Plan $plan, array $strata): array
    {
        $tones = [];
        $last = null;
        foreach ($strata as $zone) {
            foreach ($zone->layers as $layer) {
                if ($layer->technique->role->isEarth()) {
                    $tones[$layer->product->id] = true;
                    $last =
                        $layer->kind->is(Nature::Mud) &&
                        ($last === null || $layer->stepIndex >= $last[0]->stepIndex)
                            ? [$layer, $zone]
                            : $last;
                }
            }
        }

        return count($tones) === 1 && $last !== null
            ? [
                [
                    $this->findingOn(
                        Severity::Note,
                        $last[0]->stepId,
                        'All earth on this vehicle has one tone.',
                    ),
                    $last[1],
                ],
            ]
            : [];
    }

    /** L* by which damp earth is darker than the same earth dry, and CIEDE2000 at which two tones are told apart. */
    private const DAMP = 16.0;

    private const ANOTHER_TONE = 6.0;

    /** The same earth, damp. */
    private function darkerTone(Finding $finding, Workbench $bench): ?Need
    {
        $dry = $bench->plan->productOf($bench->step($finding->stepId))?->material->colour;

        return $dry === null
            ? null
            : $bench
                ->need('speckle')
                ->inColour(new Lab(max(0.0, $dry->l - self::DAMP), $dry->a, $dry->b))
                ->apartFrom([$dry], self::ANOTHER_TONE);
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                'speckle',
                $finding->zones,
                'Speckle it with a darker tone',
                $this->darkerTone($finding, $bench),
            ),
        ];
    }
}
