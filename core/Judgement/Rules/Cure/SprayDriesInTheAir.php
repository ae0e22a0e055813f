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

final class SprayDriesInTheAir extends RuleBase
{
    public const CODE = 'spray-dries-in-the-air';

    public const TITLE = 'The spray dries in the air';

    public const EXPLANATION = 'In hot, dry air droplets are dry before they land: the coat is rough, and holds badly.';

    /** °C above which, and per cent below which, it happens; bench experience. */
    private const HOT = 30.0;

    private const DRY = 25.0;

    public function concerns(Situation $situation): bool
    {
        $bench = $situation->plan->bench;

        return $bench->temperatureC > self::HOT &&
            $bench->humidityPercent < self::DRY &&
            $situation->product !== null &&
            $situation->work->load->contact()->isSprayed();
    }

    public function examine(Situation $situation, Strata $below): Finding
    {
        $bench = $situation->plan->bench;

        return $this->finding(
            Severity::Risk,
            $situation,
            'At '.round($bench->temperatureC).' °C and '.round($bench->humidityPercent)
                .' % humidity the spray dries in the air.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $room = $bench->plan->bench;

        return [
            new Remedy('Spray in the cool of the day: plan with 25 °C', [
                new SetBench(new BenchConditions(25.0, $room->humidityPercent, $room->movingAir, $room->cabinetC)),
            ]),
        ];
    }
}
