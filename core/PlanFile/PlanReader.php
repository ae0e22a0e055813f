<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Chemistry\Substrate;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUp;
use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Trial;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\TechniqueLibrary;
use Ulvrach\Vehicle\VehicleKind;

/**
 * Reads plan files, version 1. What is optional in the format gets the value that a modeller would expect, so that a
 * file written by hand can be short; PlanWriter always writes everything.
 *
 * @phpstan-type StepData array{
 *   id: string,
 *   technique: string,
 *   product?: string|null,
 *   zones: list<string>,
 *   coats?: int,
 *   application?: string,
 *   thinner?: string|null,
 *   cleanUp?: array{carrier: string, scrubbed?: bool, afterMinutes: int}|null,
 *   waitMinutes?: int|null,
 *   done?: string|null,
 *   note?: string,
 *   accepted?: list<AcceptanceData>,
 * }
 * @phpstan-type AcceptanceData array{
 *   rule: string,
 *   reason?: string,
 *   trial?: array{where: string, rubs: int, passed: bool, date: string}|null,
 * }
 * @phpstan-type SchoolData string|array{
 *   from: string,
 *   name: string,
 *   answers?: array<string, string>,
 *   severities?: array<string, string|null>,
 * }
 * @phpstan-type ProductData array{
 *   id: string,
 *   name: string,
 *   family: string,
 *   carrier?: string|null,
 *   sheen?: string|null,
 *   colour?: string|null,
 * }
 * @phpstan-type ZoneData array{
 *   id: string,
 *   name: string,
 *   kind: string,
 *   areaCm2: int|float,
 *   substrate: string,
 *   depicts: string,
 *   traffic?: string,
 *   sheltered?: bool,
 * }
 * @phpstan-type BuildData array{
 *   name: string,
 *   vehicle: string,
 *   kind: string,
 *   scale: int,
 *   story?: string,
 *   serviceMonths?: int|null,
 *   terrain?: string|null,
 *   due?: string|null,
 * }
 * @phpstan-type BenchData array{
 *   temperatureC: int|float,
 *   humidityPercent: int|float,
 *   movingAir?: bool,
 *   cabinetC?: int|float|null,
 * }
 * @phpstan-type PlanData array{
 *   build: BuildData,
 *   school?: SchoolData,
 *   bench?: BenchData,
 *   zones: list<ZoneData>,
 *   products: list<ProductData>,
 *   steps: list<StepData>,
 * }
 */
final class PlanReader
{
    public const DEFAULT_SCHOOL = 'sealed-steps';

    /** @throws BadPlanFile with the path of every fault */
    public static function fromJson(string $json): Plan
    {
        $data = self::decode($json);
        $faults = SchemaCheck::faults($data, SchemaCheck::PLAN);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var PlanData $plan */
        $plan = json_decode($json, true);
        $faults = self::referenceFaults($plan);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }

        return self::fromArray($plan);
    }

    /**
     * For data that PlanWriter wrote, or that was checked before.
     *
     * @param  PlanData  $data
     */
    public static function fromArray(array $data): Plan
    {
        $zones = array_map(self::zone(...), $data['zones']);
        $products = array_map(self::product(...), $data['products']);

        return new Plan(
            build: self::build($data['build']),
            school: self::school($data['school'] ?? self::DEFAULT_SCHOOL),
            bench: isset($data['bench']) ? self::bench($data['bench']) : new BenchConditions(),
            zones: array_column($zones, null, 'id'),
            products: array_column($products, null, 'id'),
            steps: array_map(self::step(...), $data['steps']),
        );
    }

    /** @throws BadPlanFile if the text is not JSON, or nests deeper than any plan does */
    public static function decode(string $json): mixed
    {
        try {
            return json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new BadPlanFile([new Fault('', "This is not JSON that can be read ({$error->getMessage()}).")]);
        }
    }

    /** @param  BuildData  $data */
    public static function build(array $data): Build
    {
        return new Build(
            name: trim($data['name']),
            vehicle: trim($data['vehicle']),
            kind: VehicleKind::from($data['kind']),
            scale: $data['scale'],
            story: $data['story'] ?? '',
            serviceMonths: $data['serviceMonths'] ?? null,
            terrain: isset($data['terrain']) ? Terrain::from($data['terrain']) : null,
            due: $data['due'] ?? null,
        );
    }

    /** @param  SchoolData  $data */
    public static function school(string|array $data): SchoolChoice
    {
        return is_string($data)
            ? new SchoolChoice($data)
            : new SchoolChoice($data['from'], $data['name'], $data['answers'] ?? [], $data['severities'] ?? []);
    }

    /** @param  BenchData  $data */
    public static function bench(array $data): BenchConditions
    {
        return new BenchConditions(
            (float) $data['temperatureC'],
            (float) $data['humidityPercent'],
            $data['movingAir'] ?? false,
            isset($data['cabinetC']) ? (float) $data['cabinetC'] : null,
        );
    }

    /** @param  ZoneData  $data */
    public static function zone(array $data): Zone
    {
        return new Zone(
            id: $data['id'],
            name: $data['name'],
            kind: ZoneKind::from($data['kind']),
            areaCm2: (float) $data['areaCm2'],
            substrate: Substrate::from($data['substrate']),
            depicts: DepictedMaterial::from($data['depicts']),
            traffic: isset($data['traffic']) ? Traffic::from($data['traffic']) : Traffic::Light,
            sheltered: $data['sheltered'] ?? false,
        );
    }

    /** @param  ProductData  $data */
    public static function product(array $data): Product
    {
        $carrier = $data['carrier'] ?? null;
        $sheen = $data['sheen'] ?? null;

        return new Product(
            id: $data['id'],
            name: $data['name'],
            family: BinderFamily::from($data['family']),
            carrier: $carrier === null ? null : Carrier::from($carrier),
            sheen: $sheen === null ? null : Sheen::from($sheen),
            colour: $data['colour'] ?? null,
        );
    }

    /** @param  StepData  $data */
    public static function step(array $data): Step
    {
        $technique = TechniqueLibrary::has($data['technique']) ? TechniqueLibrary::get($data['technique']) : null;
        $thinner = $data['thinner'] ?? null;
        $cleanUp = $data['cleanUp'] ?? null;
        $done = $data['done'] ?? null;

        return new Step(
            id: $data['id'],
            technique: $data['technique'],
            product: $data['product'] ?? null,
            zones: $data['zones'],
            coats: $data['coats'] ?? ($technique->coats ?? 1),
            application: isset($data['application'])
                ? Application::from($data['application'])
                : $technique->application ?? Application::Brush,
            thinner: $thinner === null ? null : Carrier::from($thinner),
            cleanUp: $cleanUp === null
                ? null
                : new CleanUp(
                    Carrier::from($cleanUp['carrier']),
                    $cleanUp['scrubbed'] ?? false,
                    $cleanUp['afterMinutes'],
                ),
            waitMinutes: $data['waitMinutes'] ?? null,
            doneAt: $done === null ? null : intdiv((int) strtotime($done), 60),
            note: $data['note'] ?? '',
            accepted: array_map(self::acceptance(...), $data['accepted'] ?? []),
        );
    }

    /** @param  AcceptanceData  $data */
    private static function acceptance(array $data): Acceptance
    {
        $trial = $data['trial'] ?? null;

        return new Acceptance(
            $data['rule'],
            $data['reason'] ?? '',
            $trial === null ? null : new Trial($trial['where'], $trial['rubs'], $trial['passed'], $trial['date']),
        );
    }

    /**
     * @param  PlanData  $data
     * @return list<Fault>
     */
    private static function referenceFaults(array $data): array
    {
        $faults = [];
        foreach (['zones', 'products', 'steps'] as $list) {
            $seen = [];
            foreach ($data[$list] as $at => ['id' => $id]) {
                if (isset($seen[$id])) {
                    $faults[] = new Fault("/{$list}/{$at}/id", "“{$id}” is used twice.");
                }
                $seen[$id] = true;
            }
        }
        $plan = self::fromArray($data);
        foreach ($plan->steps as $at => $step) {
            array_push($faults, ...Consistency::faultsOf($step, $plan->zones, $plan->products, "/steps/{$at}"));
        }

        return $faults;
    }
}
