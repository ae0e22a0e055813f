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
use Ulvrach\Stuff\Technique\Nature;

final class DampAir extends RuleBase
{
    public const CODE = 'damp-air';

    public const TITLE = 'The air is too damp to spray';

    public const EXPLANATION = 'In damp air a heavy coat skins over before its water has left and crazes, and a '
        .'lacquer draws water and turns milky.';

    protected const WATCHES = [
        Nature::ClearCoat,
        Nature::ReleaseFilm,
        Nature::Prime,
        Nature::CoatOfPaint,
    ];

    /** Percent relative humidity above which it happens; bench experience. */
    private const LACQUER_BLUSHES = 70.0;

    private const WATER_CRAZES = 80.0;

    /** The same for a chipping film of three coats and more. */
    private const HEAVY_FILM_CRAZES = 65.0;

    private const HEAVY = 3;

    public function concerns(Situation $situation): bool
    {
        return $situation->plan->bench->humidityPercent > self::HEAVY_FILM_CRAZES;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $humidity = $situation->plan->bench->humidityPercent;
        $isLacquer = $situation->product?->material->family === BinderFamily::Lacquer;
        $isFilm = $situation->kind->is(Nature::ReleaseFilm);
        $isHeavy = $situation->step->coats >= ($isFilm ? self::HEAVY : 2);
        $limit = match (true) {
            $isLacquer => self::LACQUER_BLUSHES,
            $isFilm && $isHeavy => self::HEAVY_FILM_CRAZES,
            $isHeavy && $situation->kind->is(Nature::ClearCoat) => self::WATER_CRAZES,
            default => 100.0,
        };
        if ($humidity <= $limit || ($isLacquer && ! $situation->work->load->contact()->isSprayed())) {
            return null;
        }
        $air = round($humidity).' % humidity';

        return $this->finding(
            Severity::Risk,
            $situation,
            $isLacquer ? "At {$air} the lacquer may blush." : "At {$air} a heavy coat may craze.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $room = $bench->plan->bench;

        return [
            new Remedy('Wait for a drier day: plan with 60 %', [
                new SetBench(new BenchConditions($room->temperatureC, 60.0, $room->movingAir, $room->cabinetC)),
            ]),
            $bench->inCoats($finding->stepId, 1),
        ];
    }
}
