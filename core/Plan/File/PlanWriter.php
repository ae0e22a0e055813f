<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\File\Upgrade\Upgrades;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Material\Product;

/**
 * Writes plan files of the newest version: everything, in one order, so that equal plans give equal files.
 *
 * @phpstan-import-type EntryData from LogCodec
 * @phpstan-import-type StepData from PlanReader
 * @phpstan-import-type ProductData from PlanReader
 * @phpstan-import-type SchoolData from PlanReader
 * @phpstan-import-type ZoneData from PlanReader
 * @phpstan-import-type BuildData from PlanReader
 * @phpstan-import-type BenchData from PlanReader
 */
final class PlanWriter
{
    public static function toJson(PlanFile $file): string
    {
        $document = [...self::toArray($file->plan), 'log' => array_map(LogCodec::write(...), $file->log->entries)];

        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * The plan alone, as it is stored and as screens get it.
     *
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
            'version' => Upgrades::NEWEST,
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
            // An empty map would be written as an empty list.
            'form' => $build->form === [] ? null : $build->form,
            'brief' => $build->brief === null ? null : StoryCodec::write($build->brief),
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
            'panels' => array_map(
                static fn (Panel $panel) => [
                    'id' => $panel->id,
                    'name' => $panel->name,
                    'neighbours' => $panel->neighbours,
                    'plate' => $panel->plate,
                ],
                $zone->panels,
            ),
        ];
    }

    /** @return ProductData */
    public static function product(Product $product): array
    {
        $material = $product->material;
        $times = $material->times;

        return [
            'id' => $product->id,
            'name' => $product->name,
            'family' => $material->family->value,
            'carrier' => $material->carrier?->value,
            'sheen' => $material->sheen?->value,
            'colour' => $material->colour?->toHex(),
            'opacity' => $material->opacity,
            'metallic' => $material->metallic,
            'times' => $times === null
                ? null
                : [
                    'touchDry' => $times->touchDry,
                    'recoatable' => $times->recoatable,
                    'solventProof' => $times->solventProof,
                    'source' => $times->source,
                ],
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
            'load' => $step->load?->value,
            'extent' => $step->extent === null
                ? null
                : [
                    'share' => $step->extent->share,
                    'places' => array_map(static fn (Place $place) => $place->value, $step->extent->places),
                    'panels' => $step->extent->panels,
                    'pattern' => $step->extent->pattern?->value,
                ],
            'merge' => $step->merge === null ? null : ['into' => $step->merge->into],
            'sitting' => $step->sitting?->value,
            'amount' => $step->amount?->value,
            'thinnerShare' => $step->thinnerShare,
            'thinner' => $step->thinner?->value,
            'cleanUp' => array_map(
                static fn (CleanUpPass $pass) => [
                    'carrier' => $pass->carrier?->value,
                    'rubbed' => $pass->rubbed,
                    'afterMinutes' => $pass->afterMinutes,
                ],
                $step->cleanUp,
            ),
            'waitMinutes' => $step->waitMinutes,
            'note' => $step->note,
            'accepted' => array_map(
                static fn (Acceptance $accepted) => ['rule' => $accepted->rule, 'reason' => $accepted->reason],
                $step->accepted,
            ),
            'locked' => $step->locked,
        ];
    }
}
