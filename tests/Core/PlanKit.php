<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Merge;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Quantity\Moment;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Combination;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Plans in the shorthand of the case files: one step a line,
 *
 *     technique [product] on zone zone … [, option …]
 *
 * with options "wait 2h", "clean spirit 30min", "scrub white-spirit 30min", "2 coats", "by brush", "load flood", "at
 * edges fittings", "over 20", "amount heavy", "thinner 65", "panels port bow", "into s4", "apart", "thinned acetone",
 * "done 2026-11-20T10:00", "begun 2026-11-20T09:00", "accept RULE", "passed RULE", "failed RULE". Zones and products
 * are the ones below; a plan has the zones it names, and those of a line "also zone zone". "scale 72", "service 2
 * months", "terrain snow", "humidity 85" and "degrees 12" tell its story.
 */
final class PlanKit
{
    /** @return array<string, Zone> */
    public static function zones(): array
    {
        $zones = [
            new Zone(
                id: 'hull',
                name: 'Hull',
                kind: ZoneKind::HullSides,
                areaCm2: 100.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
                panels: [
                    new Panel('bow', 'Bow', ['port']),
                    new Panel('port', 'Port side', ['stern']),
                    new Panel('stern', 'Stern'),
                ],
            ),
            new Zone(
                id: 'turret',
                name: 'Turret',
                kind: ZoneKind::Turret,
                areaCm2: 80.0,
                substrate: Substrate::CastResin,
                depicts: DepictedMaterial::CastSteel,
            ),
            new Zone(
                id: 'fenders',
                name: 'Fenders',
                kind: ZoneKind::Fenders,
                areaCm2: 40.0,
                substrate: Substrate::EtchedBrass,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'bed',
                name: 'Load bed',
                kind: ZoneKind::LoadBed,
                areaCm2: 60.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Wood,
            ),
            new Zone(
                id: 'glass',
                name: 'Glass',
                kind: ZoneKind::Glass,
                areaCm2: 5.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Glass,
            ),
            new Zone(
                id: 'tracks',
                name: 'Tracks',
                kind: ZoneKind::Tracks,
                areaCm2: 100.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'vinyl',
                name: 'Vinyl tracks',
                kind: ZoneKind::Tracks,
                areaCm2: 100.0,
                substrate: Substrate::Vinyl,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'tyres',
                name: 'Tyres',
                kind: ZoneKind::Tyres,
                areaCm2: 40.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Rubber,
            ),
            new Zone(
                id: 'exhaust',
                name: 'Exhaust',
                kind: ZoneKind::Exhaust,
                areaCm2: 8.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'inside',
                name: 'Interior',
                kind: ZoneKind::Interior,
                areaCm2: 90.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'rolls',
                name: 'Stowage',
                kind: ZoneKind::Stowage,
                areaCm2: 30.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Canvas,
            ),
            new Zone(
                id: 'hinged',
                name: 'Tailgate with hinges',
                kind: ZoneKind::LoadBed,
                areaCm2: 20.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Wood,
            ),
            new Zone(
                id: 'corner',
                name: 'Sheltered corner',
                kind: ZoneKind::HullSides,
                areaCm2: 20.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
                sheltered: true,
            ),
            new Zone(
                id: 'large',
                name: 'Large hull',
                kind: ZoneKind::HullSides,
                areaCm2: 1500.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'deck',
                name: 'Engine deck',
                kind: ZoneKind::EngineDeck,
                areaCm2: 900.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
            new Zone(
                id: 'larger',
                name: 'Larger hull',
                kind: ZoneKind::HullSides,
                areaCm2: 1500.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
            ),
        ];

        return array_column($zones, null, 'id');
    }

    /** @return array<string, Product> */
    public static function products(): array
    {
        $products = [
            new Product(
                id: 'primer',
                name: 'Primer',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#777777'),
                ),
            ),
            new Product(
                id: 'acrylic',
                name: 'Green',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#566043'),
                ),
            ),
            new Product(
                id: 'brown',
                name: 'Brown',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#4a3830'),
                ),
            ),
            new Product(
                id: 'alcohol',
                name: 'Buff',
                material: new Material(
                    family: BinderFamily::AlcoholAcrylic,
                    carrier: Carrier::AlcoholBlend,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#b59c6b'),
                ),
            ),
            new Product(
                id: 'lacquer',
                name: 'Slate',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#596066'),
                ),
            ),
            new Product(
                id: 'enamel',
                name: 'Enamel grey',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::WhiteSpirit,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#6c7072'),
                ),
            ),
            new Product(
                id: 'gloss',
                name: 'Gloss clear',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'satin',
                name: 'Satin clear',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'matte',
                name: 'Matte clear',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                ),
            ),
            new Product(
                id: 'hardgloss',
                name: 'Lacquer gloss',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'fluid',
                name: 'Chipping fluid',
                material: new Material(
                    family: BinderFamily::ChippingFluid,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'spray',
                name: 'Hairspray',
                material: new Material(
                    family: BinderFamily::Hairspray,
                    carrier: Carrier::AlcoholBlend,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'decals',
                name: 'Markings',
                material: new Material(
                    family: BinderFamily::DecalFilm,
                    carrier: Carrier::Water,
                    colour: Lab::fromHex('#ffffff'),
                ),
            ),
            new Product(
                id: 'wash',
                name: 'Wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#35291f'),
                ),
            ),
            new Product(
                id: 'oil',
                name: 'Umber oil',
                material: new Material(
                    family: BinderFamily::ArtistOil,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#4d3523'),
                ),
            ),
            new Product(
                id: 'clay',
                name: 'Clay',
                material: new Material(
                    family: BinderFamily::ClayWash,
                    carrier: Carrier::Water,
                    colour: Lab::fromHex('#4a4038'),
                ),
            ),
            new Product(
                id: 'dust',
                name: 'Dust',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#b8a57f'),
                ),
            ),
            new Product(
                id: 'fixer',
                name: 'Fixer',
                material: new Material(
                    family: BinderFamily::BoundPigment,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: Sheen::Matte,
                ),
            ),
            new Product(
                id: 'putty',
                name: 'Putty',
                material: new Material(
                    family: BinderFamily::MaskingFilm,
                    carrier: null,
                ),
            ),
            new Product(
                id: 'soot',
                name: 'Soot',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#2b2724'),
                ),
            ),
            new Product(
                id: 'rustdust',
                name: 'Rust pigment',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8a4f2c'),
                ),
            ),
            new Product(
                id: 'redrust',
                name: 'Bright rust',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#c8642a'),
                ),
            ),
            new Product(
                id: 'rustwash',
                name: 'Rust wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#8f5428'),
                ),
            ),
            new Product(
                id: 'whitewash',
                name: 'White spirit wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::WhiteSpirit,
                    colour: Lab::fromHex('#35291f'),
                ),
            ),
            new Product(
                id: 'greenwash',
                name: 'Green wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#4d563c'),
                ),
            ),
            new Product(
                id: 'mud',
                name: 'Light mud',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8c7453'),
                ),
            ),
            new Product(
                id: 'darkmud',
                name: 'Dark mud',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#54432f'),
                ),
            ),
            new Product(
                id: 'redmud',
                name: 'Red mud',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8a3f33'),
                ),
            ),
            new Product(
                id: 'redbrown',
                name: 'Red-brown',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#85492b'),
                ),
            ),
            new Product(
                id: 'black',
                name: 'Black',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#0c0c0c'),
                ),
            ),
            new Product(
                id: 'white',
                name: 'White',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#ffffff'),
                ),
            ),
            new Product(
                id: 'sand',
                name: 'Sand',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#d8c79a'),
                ),
            ),
            new Product(
                id: 'yellow',
                name: 'Yellow',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#d9b021'),
                ),
            ),
            new Product(
                id: 'canvas',
                name: 'Canvas',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#a8977a'),
                ),
            ),
            new Product(
                id: 'olive',
                name: 'Olive canvas',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#5a6346'),
                ),
            ),
            new Product(
                id: 'salt',
                name: 'Salt',
                material: new Material(
                    family: BinderFamily::Salt,
                    carrier: null,
                ),
            ),
            new Product(
                id: 'softener',
                name: 'Softener',
                material: new Material(
                    family: BinderFamily::DecalFilm,
                    carrier: Carrier::WettedWater,
                ),
            ),
            new Product(
                id: 'glue',
                name: 'White glue',
                material: new Material(
                    family: BinderFamily::WhiteGlue,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'epoxy',
                name: 'Putty',
                material: new Material(
                    family: BinderFamily::EpoxyPutty,
                    carrier: null,
                    sheen: Sheen::Matte,
                ),
            ),
            new Product(
                id: 'woodlike',
                name: 'Peat brown',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#957049'),
                ),
            ),
            new Product(
                id: 'green2',
                name: 'Light green',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#727a58'),
                ),
            ),
            new Product(
                id: 'filterbrown',
                name: 'Ochre filter',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: null,
                    colour: Lab::fromHex('#8a6a34'),
                ),
            ),
            new Product(
                id: 'greyprimer',
                name: 'Waterborne primer',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#7a7a78'),
                ),
            ),
            new Product(
                id: 'offwhite',
                name: 'Off-white',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#dcd8cb'),
                ),
            ),
            new Product(
                id: 'buffpaint',
                name: 'Buff dust',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#b5a27c'),
                ),
            ),
            new Product(
                id: 'rubber',
                name: 'Worn rubber',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#3d3a37'),
                ),
            ),
            new Product(
                id: 'mudspirit',
                name: 'Spirit mud',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8c7453'),
                ),
            ),
            new Product(
                id: 'tape',
                name: 'Masking tape',
                material: new Material(
                    family: BinderFamily::MaskingFilm,
                    carrier: null,
                ),
            ),
            new Product(
                id: 'coolfilter',
                name: 'Blue-grey filter',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: null,
                    colour: Lab::fromHex('#6d7a86'),
                ),
            ),
            new Product(
                id: 'orangewash',
                name: 'Orange wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: null,
                    colour: Lab::fromHex('#d2742c'),
                ),
            ),
            new Product(
                id: 'pencil',
                name: 'Pencil',
                material: new Material(
                    family: BinderFamily::MetalPencil,
                    carrier: null,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#8f9192'),
                    metallic: true,
                ),
            ),
            new Product(
                id: 'buffpencil',
                name: 'Buff pencil',
                material: new Material(
                    family: BinderFamily::MetalPencil,
                    carrier: null,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#b9b39b'),
                ),
            ),
            new Product(
                id: 'charcoal',
                name: 'Charcoal',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#2a2b2a'),
                ),
            ),
            new Product(
                id: 'darkrust',
                name: 'Old rust',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#4f2a1c'),
                ),
            ),
            new Product(
                id: 'chrome',
                name: 'Chrome',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Gloss,
                    colour: Lab::fromHex('#dfe2e4'),
                    metallic: true,
                ),
            ),
        ];

        return array_column($products, null, 'id');
    }

    public static function plan(string $steps, string $school = 'sealed-steps'): Plan
    {
        $story = [
            'scale' => '35',
            'service' => null,
            'terrain' => null,
            'humidity' => '50',
            'degrees' => '20',
            'also' => '',
        ];
        $lines = [];
        foreach (array_filter(array_map(trim(...), explode("\n", $steps))) as $line) {
            [$word, $rest] = explode(' ', $line, 2) + [1 => ''];
            if (array_key_exists($word, $story)) {
                $story[$word] = $rest;
            } else {
                $lines[] = $line;
            }
        }
        $steps = array_map(
            static fn (string $line, int $index) => self::step($line, $index)[0],
            $lines,
            array_keys($lines),
        );
        $named = array_merge(
            explode(' ', $story['also']),
            ...array_map(static fn (Step $step) => $step->zones, $steps),
        );

        return new Plan(
            build: new Build(
                name: 'Ostrel',
                vehicle: 'Ostrel light tank',
                kind: VehicleKind::Tank,
                scale: (int) $story['scale'],
                story: '',
                serviceMonths: $story['service'] === null ? null : (int) $story['service'],
                terrain: $story['terrain'] === null ? null : Terrain::from($story['terrain']),
            ),
            school: new SchoolChoice($school),
            bench: new BenchConditions((float) $story['degrees'], (float) $story['humidity']),
            zones: array_intersect_key(self::zones(), array_flip($named)),
            products: self::products(),
            steps: $steps,
        );
    }

    /** What was done and tried: the options "done", "passed" and "failed"; "held" and "lifted" of films. */
    public static function log(string $steps): Log
    {
        $plan = self::plan($steps);
        $entries = [];
        $lines = array_values(
            array_filter(array_map(trim(...), explode("\n", $steps)), static fn ($line) => str_contains($line, ' on ')),
        );
        foreach ($lines as $index => $line) {
            foreach (self::step($line, $index)[1] as [$kind, $at, $trial]) {
                $entries[] = self::entry($plan->steps[$index]->id, $kind, $at, $plan, $trial);
            }
        }

        return new Log($entries);
    }

    /** An entry about a step of the plan. */
    public static function entry(
        string $stepId,
        EntryKind $kind,
        int $at,
        Plan $plan,
        ?Trial $trial = null,
        ?string $corrects = null,
    ): Entry {
        static $count = 0;
        $index = $plan->indexOf($stepId);

        return new Entry(
            id: sprintf('00000000-0000-4000-8000-%012d', ++$count),
            kind: $kind,
            at: $at,
            stepId: $stepId,
            step: $index === null ? null : StepAsItWas::of($plan->steps[$index], $plan),
            corrects: $corrects,
            trial: $trial,
        );
    }

    public static function walk(string $steps): Walk
    {
        return self::evaluate($steps)->walk;
    }

    public static function evaluate(string $steps, string $school = 'sealed-steps'): Verdict
    {
        return (new Evaluator())->evaluate(self::plan($steps, $school), self::log($steps));
    }

    /** @return list<string> "severity code step-number zone zone", in the order of the findings */
    public static function findings(string $steps, string $school = 'sealed-steps'): array
    {
        return self::say(self::evaluate($steps, $school));
    }

    /** @return list<string> */
    public static function say(Verdict $verdict): array
    {
        $said = [];
        foreach ($verdict->findings as $finding) {
            $number = (int) $verdict->plan->indexOf($finding->stepId) + 1;
            $said[] =
                "{$finding->severity->value} {$finding->code} {$number} ".
                implode(' ', $finding->zones).
                ($finding->isOpen() ? '' : ' accepted');
        }

        return $said;
    }

    /** @return list<string> */
    public static function codes(string $steps, string $school = 'sealed-steps'): array
    {
        return array_values(
            array_unique(array_map(static fn ($finding) => $finding->code, self::evaluate($steps, $school)->findings)),
        );
    }

    public static function minutes(string $text): int
    {
        if (preg_match('/^(\d+)(min|h|d)$/', $text, $match) !== 1) {
            throw new \InvalidArgumentException("Not a time: {$text}");
        }

        return (int) $match[1] * ['min' => 1, 'h' => 60, 'd' => 1440][$match[2]];
    }

    /** @return array{Step, list<array{EntryKind, int, Trial|null}>} the step, and what is logged of it */
    private static function step(string $line, int $index): array
    {
        $parts = array_map(trim(...), explode(',', $line));
        if (preg_match('/^(\S+)(?: (\S+))? on (.+)$/', $parts[0], $match) !== 1) {
            throw new \InvalidArgumentException("Not a step: {$line}");
        }
        $technique = TechniqueLibrary::get($match[1]);
        $options = [
            'coats' => $technique->coats,
            'by' => $technique->application,
            'thinner' => null,
            'cleanUp' => [],
            'wait' => null,
            'load' => null,
            'extent' => null,
            'merge' => null,
            'amount' => null,
            'thinnerShare' => null,
            'logged' => [],
            'accepted' => [],
        ];
        foreach (array_slice($parts, 1) as $option) {
            $options = array_merge($options, self::option($option, $options));
        }

        $step = new Step(
            id: 's'.($index + 1),
            technique: $match[1],
            product: $match[2] === '' ? null : $match[2],
            zones: explode(' ', $match[3]),
            coats: $options['coats'],
            application: $options['by'],
            thinner: $options['thinner'],
            cleanUp: $options['cleanUp'],
            waitMinutes: $options['wait'],
            note: '',
            accepted: $options['accepted'],
            load: $options['load'],
            extent: $options['extent'],
            merge: $options['merge'],
            amount: $options['amount'],
            thinnerShare: $options['thinnerShare'],
        );

        return [$step, $options['logged']];
    }

    /**
     * @param  array{accepted: list<Acceptance>, cleanUp: list<CleanUpPass>, logged: list<mixed>}  $before
     * @return array<string, mixed>
     */
    private static function option(string $option, array $before): array
    {
        $words = explode(' ', $option);
        $carrier = static fn (string $word) => Carrier::from($word === 'spirit' ? 'odourless-spirit' : $word);
        $pass = static fn (bool $rubbed) => [
            'cleanUp' => [
                ...$before['cleanUp'],
                new CleanUpPass($words[1] === 'dry' ? null : $carrier($words[1]), $rubbed, self::minutes($words[2])),
            ],
        ];
        $logged = static fn (EntryKind $kind, int $at, ?Trial $trial = null) => [
            'logged' => [...$before['logged'], [$kind, $at, $trial]],
        ];

        return match (true) {
            $words[0] === 'wait' => ['wait' => self::minutes($words[1])],
            $words[0] === 'clean' => $pass(false),
            $words[0] === 'scrub' => $pass(true),
            $words[0] === 'load' => ['load' => Load::from($words[1])],
            $words[0] === 'at' => [
                'extent' => new Extent(null, array_map(Place::from(...), array_slice($words, 1))),
            ],
            $words[0] === 'panels' => ['extent' => new Extent(null, [], array_slice($words, 1))],
            $words[0] === 'into' => ['merge' => new Merge($words[1])],
            $words[0] === 'apart' => ['merge' => new Merge(null)],
            $words[0] === 'amount' => ['amount' => Amount::from($words[1])],
            $words[0] === 'thinner' => ['thinnerShare' => (int) $words[1]],
            $words[0] === 'over' => ['extent' => new Extent((int) $words[1], [])],
            $words[0] === 'by' => ['by' => Application::from($words[1])],
            $words[0] === 'thinned' => ['thinner' => $carrier($words[1])],
            $words[0] === 'done' => $logged(EntryKind::Finished, Moment::read($words[1].':00Z')),
            $words[0] === 'begun' => $logged(EntryKind::Begun, Moment::read($words[1].':00Z')),
            $words[0] === 'accept' => [
                'accepted' => [...$before['accepted'], new Acceptance($words[1], 'It is wanted.')],
            ],
            $words[0] === 'passed', $words[0] === 'failed' => $logged(
                EntryKind::Trial,
                Moment::read('2026-11-20T12:00:00Z'),
                new Trial($words[1], 'underside', 10, $words[0] === 'passed'),
            ),
            $words[0] === 'held', $words[0] === 'lifted' => $logged(
                EntryKind::Trial,
                Moment::read('2026-11-20T12:00:00Z'),
                new Trial(null, 'card', 10, $words[0] === 'held', array_filter([
                    Combination::parse(implode(' ', array_slice($words, 1))),
                ])),
            ),
            ($words[1] ?? '') === 'coats', ($words[1] ?? '') === 'coat' => ['coats' => (int) $words[0]],
            default => throw new \InvalidArgumentException("Not an option: {$option}"),
        };
    }
}
