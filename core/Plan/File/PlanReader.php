<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Consistency;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\Upgrade\Upgrades;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Merge;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Pattern;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\SittingWish;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Drying\OwnTimes;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Reads plan files of every version. What is optional in the format gets the value that a modeller would expect, so
 * that a file written by hand can be short; PlanWriter always writes everything.
 *
 * @phpstan-import-type EntryData from LogCodec
 * @phpstan-import-type BriefData from StoryCodec
 *
 * @phpstan-type PassData array{carrier?: string|null, rubbed?: bool, afterMinutes: int|float}
 * @phpstan-type AcceptanceData array{rule: string, reason?: string}
 * @phpstan-type ExtentData array{
 *   share: int|float|null,
 *   places: list<string>,
 *   panels?: list<string>,
 *   pattern?: string|null,
 * }
 * @phpstan-type MergeData array{into: string|null}
 * @phpstan-type PanelData array{id: string, name: string, neighbours?: list<string>, plate?: string|null}
 * @phpstan-type StepData array{
 *   id: string,
 *   technique: string,
 *   product?: string|null,
 *   zones: list<string>,
 *   coats?: int|float,
 *   application?: string,
 *   load?: string|null,
 *   extent?: ExtentData|null,
 *   merge?: MergeData|null,
 *   sitting?: string|null,
 *   amount?: string|null,
 *   thinnerShare?: int|float|null,
 *   thinner?: string|null,
 *   cleanUp?: list<PassData>,
 *   waitMinutes?: int|float|null,
 *   note?: string,
 *   accepted?: list<AcceptanceData>,
 *   locked?: bool,
 * }
 * @phpstan-type TimesData array{
 *   touchDry?: array{int|float, int|float}|null,
 *   recoatable?: array{int|float, int|float}|null,
 *   solventProof?: array{int|float, int|float}|null,
 *   source: string,
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
 *   opacity?: int|float|null,
 *   metallic?: bool,
 *   times?: TimesData|null,
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
 *   panels?: list<PanelData>,
 * }
 * @phpstan-type BuildData array{
 *   name: string,
 *   vehicle: string,
 *   kind: string,
 *   scale: int|float,
 *   story?: string,
 *   serviceMonths?: int|float|null,
 *   terrain?: string|null,
 *   due?: string|null,
 *   form?: array<string, int|float>|null,
 *   brief?: BriefData|null,
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
 *   log?: list<EntryData>,
 * }
 */
final class PlanReader
{
    public const DEFAULT_SCHOOL = 'sealed-steps';

    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): PlanFile
    {
        return self::readData(self::decode($json));
    }

    /**
     * @param  mixed  $data  decoded JSON with objects as stdClass
     *
     * @throws BadPlanFile with the path of every fault
     */
    public static function readData(mixed $data): PlanFile
    {
        $version = Upgrades::versionOf($data);
        $faults = SchemaCheck::faults($data, Upgrades::schemaOf($version));
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var array<string, mixed> $document */
        $document = Json::toArrays($data);
        /** @var PlanData $newest */
        $newest = Upgrades::toNewest($document);
        $faults = self::referenceFaults($newest);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }

        return new PlanFile(self::fromArray($newest), new Log(array_map(LogCodec::read(...), $newest['log'] ?? [])));
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
            scale: (int) $data['scale'],
            story: $data['story'] ?? '',
            serviceMonths: isset($data['serviceMonths']) ? (int) $data['serviceMonths'] : null,
            terrain: isset($data['terrain']) ? Terrain::from($data['terrain']) : null,
            due: $data['due'] ?? null,
            form: isset($data['form'])
                ? array_map(static fn (int|float $value) => (int) $value, $data['form'])
                : null,
            brief: isset($data['brief']) ? StoryCodec::read($data['brief']) : null,
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
            panels: array_map(self::panel(...), $data['panels'] ?? []),
        );
    }

    /** @param  PanelData  $data */
    private static function panel(array $data): Panel
    {
        return new Panel($data['id'], $data['name'], $data['neighbours'] ?? [], $data['plate'] ?? null);
    }

    /**
     * @param  mixed  $data  decoded JSON with objects as stdClass
     *
     * @throws BadPlanFile with the path of every fault
     */
    public static function readProduct(mixed $data): Product
    {
        $faults = SchemaCheck::faults($data, SchemaCheck::PLAN, 'product');
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var ProductData $product */
        $product = Json::toArrays($data);

        return self::product($product);
    }

    /** @param  ProductData  $data */
    public static function product(array $data): Product
    {
        $carrier = $data['carrier'] ?? null;
        $sheen = $data['sheen'] ?? null;
        $colour = $data['colour'] ?? null;
        $times = $data['times'] ?? null;

        return new Product(
            id: $data['id'],
            name: $data['name'],
            material: new Material(
                family: BinderFamily::from($data['family']),
                carrier: $carrier === null ? null : Carrier::from($carrier),
                sheen: $sheen === null ? null : Sheen::from($sheen),
                colour: $colour === null ? null : Lab::fromHex($colour),
                opacity: isset($data['opacity']) ? (float) $data['opacity'] : null,
                times: $times === null ? null : self::times($times),
                metallic: $data['metallic'] ?? false,
            ),
        );
    }

    /** @param  TimesData  $data */
    private static function times(array $data): OwnTimes
    {

        return new OwnTimes(
            touchDry: self::span($data['touchDry'] ?? null),
            recoatable: self::span($data['recoatable'] ?? null),
            solventProof: self::span($data['solventProof'] ?? null),
            source: $data['source'],
        );
    }

    /**
     * @param  array{int|float, int|float}|null  $minutes
     * @return array{int, int}|null the earlier end first
     */
    private static function span(?array $minutes): ?array
    {
        return $minutes === null
            ? null
            : [(int) min($minutes[0], $minutes[1]), (int) max($minutes[0], $minutes[1])];
    }

    /** @param  StepData  $data */
    public static function step(array $data): Step
    {
        $technique = TechniqueLibrary::has($data['technique']) ? TechniqueLibrary::get($data['technique']) : null;
        $thinner = $data['thinner'] ?? null;

        return new Step(
            id: $data['id'],
            technique: $data['technique'],
            product: $data['product'] ?? null,
            zones: $data['zones'],
            coats: (int) ($data['coats'] ?? ($technique->coats ?? 1)),
            application: isset($data['application'])
                ? Application::from($data['application'])
                : $technique->application ?? Application::Brush,
            thinner: $thinner === null ? null : Carrier::from($thinner),
            cleanUp: array_map(self::pass(...), $data['cleanUp'] ?? []),
            waitMinutes: isset($data['waitMinutes']) ? (int) $data['waitMinutes'] : null,
            note: $data['note'] ?? '',
            accepted: array_map(
                static fn (array $accepted) => new Acceptance($accepted['rule'], $accepted['reason'] ?? ''),
                $data['accepted'] ?? [],
            ),
            load: isset($data['load']) ? Load::from($data['load']) : null,
            extent: isset($data['extent']) ? self::extent($data['extent']) : null,
            merge: isset($data['merge']) ? new Merge($data['merge']['into']) : null,
            sitting: isset($data['sitting']) ? SittingWish::from($data['sitting']) : null,
            amount: isset($data['amount']) ? Amount::from($data['amount']) : null,
            thinnerShare: isset($data['thinnerShare']) ? (int) $data['thinnerShare'] : null,
            locked: $data['locked'] ?? false,
        );
    }

    /** @param  ExtentData  $data */
    private static function extent(array $data): Extent
    {
        return new Extent(
            $data['share'] === null ? null : (int) $data['share'],
            array_map(Place::from(...), $data['places']),
            $data['panels'] ?? [],
            isset($data['pattern']) ? Pattern::from($data['pattern']) : null,
        );
    }

    /** @param  PassData  $data */
    private static function pass(array $data): CleanUpPass
    {
        $carrier = $data['carrier'] ?? null;

        return new CleanUpPass(
            carrier: $carrier === null ? null : Carrier::from($carrier),
            rubbed: $data['rubbed'] ?? false,
            afterMinutes: (int) $data['afterMinutes'],
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
        array_push($faults, ...Consistency::panelFaultsOf(array_values($plan->zones), '/zones'));
        foreach ($plan->steps as $at => $step) {
            array_push($faults, ...Consistency::faultsOf($step, $plan, "/steps/{$at}"));
        }

        return $faults;
    }
}
