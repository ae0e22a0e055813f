<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Chemistry\Substrate;
use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUp;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Product;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Trial;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Technique\TechniqueLibrary;
use Ulvrach\Vehicle\VehicleKind;

/**
 * Plans in the shorthand of the case files: one step a line,
 *
 *     technique [product] on zone zone … [, option …]
 *
 * with options "wait 2h", "clean spirit 30min", "scrub white-spirit 30min", "2 coats", "by brush", "thinned acetone",
 * "done 2026-11-20T10:00", "accept RULE", "passed RULE", "failed RULE". Zones and products are the ones below; a plan
 * has the zones it names, and those of a line "also zone zone". "scale 72", "service 2 months", "terrain snow" and
 * "humidity 85" tell its story.
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
                id: 'corner',
                name: 'Sheltered corner',
                kind: ZoneKind::HullSides,
                areaCm2: 20.0,
                substrate: Substrate::Polystyrene,
                depicts: DepictedMaterial::Steel,
                traffic: Traffic::None,
                sheltered: true,
            ),
            new Zone(
                id: 'large',
                name: 'Large hull',
                kind: ZoneKind::HullTop,
                areaCm2: 1500.0,
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
                family: BinderFamily::Lacquer,
                carrier: Carrier::LacquerThinner,
                sheen: Sheen::Matte,
                colour: '#777777',
            ),
            new Product(
                id: 'acrylic',
                name: 'Green',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#566043',
            ),
            new Product(
                id: 'brown',
                name: 'Brown',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#4a3830',
            ),
            new Product(
                id: 'alcohol',
                name: 'Buff',
                family: BinderFamily::AlcoholAcrylic,
                carrier: Carrier::AlcoholBlend,
                sheen: Sheen::Satin,
                colour: '#b59c6b',
            ),
            new Product(
                id: 'lacquer',
                name: 'Slate',
                family: BinderFamily::Lacquer,
                carrier: Carrier::LacquerThinner,
                sheen: Sheen::Satin,
                colour: '#596066',
            ),
            new Product(
                id: 'enamel',
                name: 'Enamel grey',
                family: BinderFamily::Enamel,
                carrier: Carrier::WhiteSpirit,
                sheen: Sheen::Matte,
                colour: '#6c7072',
            ),
            new Product(
                id: 'gloss',
                name: 'Gloss clear',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Gloss,
                colour: null,
            ),
            new Product(
                id: 'satin',
                name: 'Satin clear',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Satin,
                colour: null,
            ),
            new Product(
                id: 'matte',
                name: 'Matte clear',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: null,
            ),
            new Product(
                id: 'hardgloss',
                name: 'Lacquer gloss',
                family: BinderFamily::Lacquer,
                carrier: Carrier::LacquerThinner,
                sheen: Sheen::Gloss,
                colour: null,
            ),
            new Product(
                id: 'fluid',
                name: 'Chipping fluid',
                family: BinderFamily::ChippingFluid,
                carrier: Carrier::Water,
                sheen: Sheen::Satin,
                colour: null,
            ),
            new Product(
                id: 'spray',
                name: 'Hairspray',
                family: BinderFamily::Hairspray,
                carrier: Carrier::AlcoholBlend,
                sheen: Sheen::Gloss,
                colour: null,
            ),
            new Product(
                id: 'decals',
                name: 'Markings',
                family: BinderFamily::DecalFilm,
                carrier: Carrier::Water,
                sheen: null,
                colour: '#ffffff',
            ),
            new Product(
                id: 'wash',
                name: 'Wash',
                family: BinderFamily::Enamel,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#35291f',
            ),
            new Product(
                id: 'oil',
                name: 'Umber oil',
                family: BinderFamily::ArtistOil,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#4d3523',
            ),
            new Product(
                id: 'clay',
                name: 'Clay',
                family: BinderFamily::ClayWash,
                carrier: Carrier::Water,
                sheen: null,
                colour: '#4a4038',
            ),
            new Product(
                id: 'dust',
                name: 'Dust',
                family: BinderFamily::DryPigment,
                carrier: null,
                sheen: Sheen::Matte,
                colour: '#b8a57f',
            ),
            new Product(
                id: 'fixer',
                name: 'Fixer',
                family: BinderFamily::BoundPigment,
                carrier: Carrier::OdourlessSpirit,
                sheen: Sheen::Matte,
                colour: null,
            ),
            new Product(
                id: 'putty',
                name: 'Putty',
                family: BinderFamily::MaskingFilm,
                carrier: null,
                sheen: null,
                colour: null,
            ),
            new Product(
                id: 'soot',
                name: 'Soot',
                family: BinderFamily::DryPigment,
                carrier: null,
                sheen: Sheen::Matte,
                colour: '#2b2724',
            ),
            new Product(
                id: 'rustdust',
                name: 'Rust pigment',
                family: BinderFamily::DryPigment,
                carrier: null,
                sheen: Sheen::Matte,
                colour: '#8a4f2c',
            ),
            new Product(
                id: 'redrust',
                name: 'Bright rust',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#c8642a',
            ),
            new Product(
                id: 'rustwash',
                name: 'Rust wash',
                family: BinderFamily::Enamel,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#8f5428',
            ),
            new Product(
                id: 'whitewash',
                name: 'White spirit wash',
                family: BinderFamily::Enamel,
                carrier: Carrier::WhiteSpirit,
                sheen: null,
                colour: '#35291f',
            ),
            new Product(
                id: 'greenwash',
                name: 'Green wash',
                family: BinderFamily::Enamel,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#4d563c',
            ),
            new Product(
                id: 'mud',
                name: 'Light mud',
                family: BinderFamily::MudPaste,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#8c7453',
            ),
            new Product(
                id: 'darkmud',
                name: 'Dark mud',
                family: BinderFamily::MudPaste,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#54432f',
            ),
            new Product(
                id: 'redmud',
                name: 'Red mud',
                family: BinderFamily::MudPaste,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#8a3f33',
            ),
            new Product(
                id: 'redbrown',
                name: 'Red-brown',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#85492b',
            ),
            new Product(
                id: 'black',
                name: 'Black',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#0c0c0c',
            ),
            new Product(
                id: 'white',
                name: 'White',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#ffffff',
            ),
            new Product(
                id: 'sand',
                name: 'Sand',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#d8c79a',
            ),
            new Product(
                id: 'yellow',
                name: 'Yellow',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#d9b021',
            ),
            new Product(
                id: 'canvas',
                name: 'Canvas',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#a8977a',
            ),
            new Product(
                id: 'olive',
                name: 'Olive canvas',
                family: BinderFamily::WaterborneAcrylic,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#5a6346',
            ),
            new Product(
                id: 'salt',
                name: 'Salt',
                family: BinderFamily::Salt,
                carrier: null,
                sheen: null,
                colour: null,
            ),
            new Product(
                id: 'softener',
                name: 'Softener',
                family: BinderFamily::DecalFilm,
                carrier: Carrier::WettedWater,
                sheen: null,
                colour: null,
            ),
            new Product(
                id: 'glue',
                name: 'White glue',
                family: BinderFamily::WhiteGlue,
                carrier: Carrier::Water,
                sheen: Sheen::Satin,
                colour: null,
            ),
            new Product(
                id: 'epoxy',
                name: 'Putty',
                family: BinderFamily::EpoxyPutty,
                carrier: null,
                sheen: Sheen::Matte,
                colour: null,
            ),
            new Product(
                id: 'pencil',
                name: 'Pencil',
                family: BinderFamily::MetalPencil,
                carrier: null,
                sheen: Sheen::Satin,
                colour: '#8f9192',
            ),
        ];

        return array_column($products, null, 'id');
    }

    public static function plan(string $steps, string $school = 'sealed-steps'): Plan
    {
        $story = ['scale' => '35', 'service' => null, 'terrain' => null, 'humidity' => '50', 'also' => ''];
        $lines = [];
        foreach (array_filter(array_map(trim(...), explode("\n", $steps))) as $line) {
            [$word, $rest] = explode(' ', $line, 2) + [1 => ''];
            if (array_key_exists($word, $story)) {
                $story[$word] = $rest;
            } else {
                $lines[] = $line;
            }
        }
        $steps = array_map(self::step(...), $lines, array_keys($lines));
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
            bench: new BenchConditions(20.0, (float) $story['humidity']),
            zones: array_intersect_key(self::zones(), array_flip($named)),
            products: self::products(),
            steps: $steps,
        );
    }

    public static function evaluate(string $steps, string $school = 'sealed-steps'): Evaluation
    {
        return (new Evaluator())->evaluate(self::plan($steps, $school));
    }

    /** @return list<string> "severity code step-number zone zone", in the order of the findings */
    public static function findings(string $steps, string $school = 'sealed-steps'): array
    {
        return self::say(self::evaluate($steps, $school));
    }

    /** @return list<string> */
    public static function say(Evaluation $evaluation): array
    {
        $said = [];
        foreach ($evaluation->findings as $finding) {
            $number = (int) $evaluation->plan->indexOf($finding->stepId) + 1;
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

    private static function step(string $line, int $index): Step
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
            'cleanUp' => null,
            'wait' => null,
            'done' => null,
            'accepted' => [],
        ];
        foreach (array_slice($parts, 1) as $option) {
            $options = array_merge($options, self::option($option, $options['accepted']));
        }

        return new Step(
            id: 's'.($index + 1),
            technique: $match[1],
            product: $match[2] === '' ? null : $match[2],
            zones: explode(' ', $match[3]),
            coats: $options['coats'],
            application: $options['by'],
            thinner: $options['thinner'],
            cleanUp: $options['cleanUp'],
            waitMinutes: $options['wait'],
            doneAt: $options['done'],
            note: '',
            accepted: $options['accepted'],
        );
    }

    /**
     * @param  list<Acceptance>  $accepted
     * @return array<string, mixed>
     */
    private static function option(string $option, array $accepted): array
    {
        $words = explode(' ', $option);
        $carrier = static fn (string $word) => Carrier::from($word === 'spirit' ? 'odourless-spirit' : $word);

        return match (true) {
            $words[0] === 'wait' => ['wait' => self::minutes($words[1])],
            $words[0] === 'clean' => ['cleanUp' => new CleanUp($carrier($words[1]), false, self::minutes($words[2]))],
            $words[0] === 'scrub' => ['cleanUp' => new CleanUp($carrier($words[1]), true, self::minutes($words[2]))],
            $words[0] === 'by' => ['by' => \Ulvrach\Technique\Application::from($words[1])],
            $words[0] === 'thinned' => ['thinner' => $carrier($words[1])],
            $words[0] === 'done' => ['done' => intdiv((int) strtotime($words[1].':00Z'), 60)],
            $words[0] === 'accept' => ['accepted' => [...$accepted, new Acceptance($words[1], 'It is wanted.')]],
            $words[0] === 'passed', $words[0] === 'failed' => [
                'accepted' => [
                    ...$accepted,
                    new Acceptance($words[1], '', new Trial('underside', 10, $words[0] === 'passed', '2026-11-20')),
                ],
            ],
            ($words[1] ?? '') === 'coats', ($words[1] ?? '') === 'coat' => ['coats' => (int) $words[0]],
            default => throw new \InvalidArgumentException("Not an option: {$option}"),
        };
    }
}
