<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Stuff\Chemistry\BinderFamily;

final class ColdAcrylic extends RuleBase
{
    public const CODE = 'cold-acrylic';

    public const TITLE = 'The room is too cold for acrylic';

    public const EXPLANATION = 'Waterborne acrylic is made of particles that have to flow together, and in the cold '
        .'they do not: the film stays weak.';

    /** °C below which the film is poor. */
    private const POOR = 10.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->product?->material->family === BinderFamily::WaterborneAcrylic &&
            $situation->plan->bench->temperatureC < self::POOR;
    }

    public function examine(Situation $situation, Strata $below): Finding
    {
        $room = $situation->plan->bench->temperatureC;

        return $this->finding(
            Severity::Risk,
            $situation,
            'At '.round($room).' °C waterborne acrylic dries to a poor film.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $room = $bench->plan->bench;

        return [
            new Remedy('Warm the room: plan with 18 °C', [
                new SetBench(new BenchConditions(18.0, $room->humidityPercent, $room->movingAir, $room->cabinetC)),
            ]),
        ];
    }
}
