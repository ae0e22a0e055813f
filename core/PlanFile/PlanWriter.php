<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;

/**
 * Writes plan files, version 1: everything, in one order, so that equal plans give equal files.
 *
 * @phpstan-import-type StepData from PlanReader
 * @phpstan-import-type ProductData from PlanReader
 * @phpstan-import-type SchoolData from PlanReader
 * @phpstan-import-type AcceptanceData from PlanReader
 * @phpstan-import-type ZoneData from PlanReader
 * @phpstan-import-type BuildData from PlanReader
 * @phpstan-import-type BenchData from PlanReader
 */
final class PlanWriter
{
    public static function toJson(Plan $plan): string
    {
        return json_encode(
            self::toArray($plan),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @return array{
     *   format: string,
     *   version: int,
     *   build: BuildData,
     *   school: SchoolData,
     *   bench: BenchData,
     *   zones: list<ZoneData>,
     *   products: list<ProductData>,
     *   steps: list<StepData>,
     * }
     */
    public static function toArray(Plan $plan): array
    {
        return [
            'format' => 'ulvrach-plan',
            'version' => 1,
            'build' => self::build($plan->build),
            'school' => self::school($plan->school),
            'bench' => self::bench($plan->bench),
            'zones' => array_map(self::zone(...), array_values($plan->zones)),
            'products' => array_map(self::product(...), array_values($plan->products)),
            'steps' => array_map(self::step(...), $plan->steps),
        ];
    }

    /** @return BuildData */
    public static function build(Build $build): array
    {
        return [
            'name' => $build->name,
            'vehicle' => $build->vehicle,
            'kind' => $build->kind->value,
            'scale' => $build->scale,
            'story' => $build->story,
            'serviceMonths' => $build->serviceMonths,
            'terrain' => $build->terrain?->value,
            'due' => $build->due,
        ];
    }

    /** @return SchoolData */
    public static function school(SchoolChoice $school): string|array
    {
        return $school->name === null
            ? $school->from
            : [
                'from' => $school->from,
                'name' => $school->name,
                // An empty map would be written as an empty list.
                ...$school->answers === [] ? [] : ['answers' => $school->answers],
                ...$school->severities === [] ? [] : ['severities' => $school->severities],
            ];
    }

    /** @return BenchData */
    public static function bench(BenchConditions $bench): array
    {
        return [
            'temperatureC' => $bench->temperatureC,
            'humidityPercent' => $bench->humidityPercent,
            'movingAir' => $bench->movingAir,
            'cabinetC' => $bench->cabinetC,
        ];
    }

    /** @return ZoneData */
    public static function zone(Zone $zone): array
    {
        return [
            'id' => $zone->id,
            'name' => $zone->name,
            'kind' => $zone->kind->value,
            'areaCm2' => $zone->areaCm2,
            'substrate' => $zone->substrate->value,
            'depicts' => $zone->depicts->value,
            'traffic' => $zone->traffic->value,
            'sheltered' => $zone->sheltered,
        ];
    }

    /** @return ProductData */
    public static function product(Product $product): array
    {
        return [
            'id' => $product->id,
            'name' => $product->name,
            'family' => $product->family->value,
            'carrier' => $product->carrier?->value,
            'sheen' => $product->sheen?->value,
            'colour' => $product->colour,
        ];
    }

    /** @return StepData */
    public static function step(Step $step): array
    {
        return [
            'id' => $step->id,
            'technique' => $step->technique,
            'product' => $step->product,
            'zones' => $step->zones,
            'coats' => $step->coats,
            'application' => $step->application->value,
            'thinner' => $step->thinner?->value,
            'cleanUp' => $step->cleanUp === null
                    ? null
                    : [
                        'carrier' => $step->cleanUp->carrier->value,
                        'scrubbed' => $step->cleanUp->scrubbed,
                        'afterMinutes' => $step->cleanUp->afterMinutes,
                    ],
            'waitMinutes' => $step->waitMinutes,
            'done' => $step->doneAt === null ? null : gmdate('Y-m-d\TH:i:00\Z', $step->doneAt * 60),
            'note' => $step->note,
            'accepted' => array_map(self::acceptance(...), $step->accepted),
        ];
    }

    /** @return AcceptanceData */
    public static function acceptance(Acceptance $accepted): array
    {
        $trial = $accepted->trial;

        return [
            'rule' => $accepted->rule,
            'reason' => $accepted->reason,
            'trial' => $trial === null
                    ? null
                    : [
                        'where' => $trial->where,
                        'rubs' => $trial->rubs,
                        'passed' => $trial->passed,
                        'date' => $trial->date,
                    ],
        ];
    }
}
