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
 * "done 2026-11-20T10:00", "accept RULE", "passed RULE", "failed RULE". Zones and products are the ones below; a plan has
 * the zones it names, and those of a line "also zone zone". "scale 72", "service 2 months", "terrain snow" and
 * "humidity 85" tell its story.
 */
final class PlanKit
{
    /** @return array<string, Zone> */
    public static function zones(): array
    {
        $zones = [
            new Zone('hull', 'Hull', ZoneKind::HullSides, 100.0, Substrate::Polystyrene, DepictedMaterial::Steel),
            new Zone('turret', 'Turret', ZoneKind::Turret, 80.0, Substrate::CastResin, DepictedMaterial::CastSteel),
            new Zone('fenders', 'Fenders', ZoneKind::Fenders, 40.0, Substrate::EtchedBrass, DepictedMaterial::Steel),
            new Zone('bed', 'Load bed', ZoneKind::LoadBed, 60.0, Substrate::Polystyrene, DepictedMaterial::Wood),
            new Zone('glass', 'Glass', ZoneKind::Glass, 5.0, Substrate::Polystyrene, DepictedMaterial::Glass),
            new Zone('tracks', 'Tracks', ZoneKind::Tracks, 100.0, Substrate::Polystyrene, DepictedMaterial::Steel),
            new Zone('vinyl', 'Vinyl tracks', ZoneKind::Tracks, 100.0, Substrate::Vinyl, DepictedMaterial::Steel),
            new Zone('tyres', 'Tyres', ZoneKind::Tyres, 40.0, Substrate::Polystyrene, DepictedMaterial::Rubber),
            new Zone('exhaust', 'Exhaust', ZoneKind::Exhaust, 8.0, Substrate::Polystyrene, DepictedMaterial::Steel),
            new Zone('inside', 'Interior', ZoneKind::Interior, 90.0, Substrate::Polystyrene, DepictedMaterial::Steel),
            new Zone('rolls', 'Stowage', ZoneKind::Stowage, 30.0, Substrate::Polystyrene, DepictedMaterial::Canvas),
            new Zone('corner', 'Sheltered corner', ZoneKind::HullSides, 20.0, Substrate::Polystyrene, DepictedMaterial::Steel, Traffic::None, true),
            new Zone('large', 'Large hull', ZoneKind::HullTop, 1500.0, Substrate::Polystyrene, DepictedMaterial::Steel),
            new Zone('larger', 'Larger hull', ZoneKind::HullSides, 1500.0, Substrate::Polystyrene, DepictedMaterial::Steel),
        ];

        return array_column($zones, null, 'id');
    }

    /** @return array<string, Product> */
    public static function products(): array
    {
        $products = [
            new Product('primer', 'Primer', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Matte, '#777777'),
            new Product('acrylic', 'Green', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#566043'),
            new Product('brown', 'Brown', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#4a3830'),
            new Product('alcohol', 'Buff', BinderFamily::AlcoholAcrylic, Carrier::AlcoholBlend, Sheen::Satin, '#b59c6b'),
            new Product('lacquer', 'Slate', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Satin, '#596066'),
            new Product('enamel', 'Enamel grey', BinderFamily::Enamel, Carrier::WhiteSpirit, Sheen::Matte, '#6c7072'),
            new Product('gloss', 'Gloss clear', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Gloss, null),
            new Product('satin', 'Satin clear', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Satin, null),
            new Product('matte', 'Matte clear', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, null),
            new Product('hardgloss', 'Lacquer gloss', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Gloss, null),
            new Product('fluid', 'Chipping fluid', BinderFamily::ChippingFluid, Carrier::Water, Sheen::Satin, null),
            new Product('spray', 'Hairspray', BinderFamily::Hairspray, Carrier::AlcoholBlend, Sheen::Gloss, null),
            new Product('decals', 'Markings', BinderFamily::DecalFilm, Carrier::Water, null, '#ffffff'),
            new Product('wash', 'Wash', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#35291f'),
            new Product('oil', 'Umber oil', BinderFamily::ArtistOil, Carrier::OdourlessSpirit, null, '#4d3523'),
            new Product('clay', 'Clay', BinderFamily::ClayWash, Carrier::Water, null, '#4a4038'),
            new Product('dust', 'Dust', BinderFamily::DryPigment, null, Sheen::Matte, '#b8a57f'),
            new Product('fixer', 'Fixer', BinderFamily::BoundPigment, Carrier::OdourlessSpirit, Sheen::Matte, null),
            new Product('putty', 'Putty', BinderFamily::MaskingFilm, null, null, null),
            new Product('soot', 'Soot', BinderFamily::DryPigment, null, Sheen::Matte, '#2b2724'),
            new Product('rustdust', 'Rust pigment', BinderFamily::DryPigment, null, Sheen::Matte, '#8a4f2c'),
            new Product('redrust', 'Bright rust', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#c8642a'),
            new Product('rustwash', 'Rust wash', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#8f5428'),
            new Product('whitewash', 'White spirit wash', BinderFamily::Enamel, Carrier::WhiteSpirit, null, '#35291f'),
            new Product('greenwash', 'Green wash', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#4d563c'),
            new Product('mud', 'Light mud', BinderFamily::MudPaste, Carrier::Water, Sheen::Matte, '#8c7453'),
            new Product('darkmud', 'Dark mud', BinderFamily::MudPaste, Carrier::Water, Sheen::Matte, '#54432f'),
            new Product('redmud', 'Red mud', BinderFamily::MudPaste, Carrier::Water, Sheen::Matte, '#8a3f33'),
            new Product('redbrown', 'Red-brown', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#85492b'),
            new Product('black', 'Black', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#0c0c0c'),
            new Product('white', 'White', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#ffffff'),
            new Product('sand', 'Sand', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#d8c79a'),
            new Product('yellow', 'Yellow', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#d9b021'),
            new Product('canvas', 'Canvas', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#a8977a'),
            new Product('olive', 'Olive canvas', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#5a6346'),
            new Product('salt', 'Salt', BinderFamily::Salt, null, null, null),
            new Product('softener', 'Softener', BinderFamily::DecalFilm, Carrier::WettedWater, null, null),
            new Product('glue', 'White glue', BinderFamily::WhiteGlue, Carrier::Water, Sheen::Satin, null),
            new Product('epoxy', 'Putty', BinderFamily::EpoxyPutty, null, Sheen::Matte, null),
            new Product('pencil', 'Pencil', BinderFamily::MetalPencil, null, Sheen::Satin, '#8f9192'),
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
        $named = array_merge(explode(' ', $story['also']), ...array_map(static fn (Step $step) => $step->zones, $steps));

        return new Plan(
            new Build('Ostrel', 'Ostrel light tank', VehicleKind::Tank, (int) $story['scale'], '',
                $story['service'] === null ? null : (int) $story['service'], $story['terrain'] === null ? null : Terrain::from($story['terrain'])),
            new SchoolChoice($school),
            new BenchConditions(20.0, (float) $story['humidity']),
            array_intersect_key(self::zones(), array_flip($named)),
            self::products(),
            $steps,
        );
    }

    public static function evaluate(string $steps, string $school = 'sealed-steps'): Evaluation
    {
        return (new Evaluator)->evaluate(self::plan($steps, $school));
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
            $said[] = "{$finding->severity->value} {$finding->code} {$number} ".implode(' ', $finding->zones).($finding->isOpen() ? '' : ' accepted');
        }

        return $said;
    }

    /** @return list<string> */
    public static function codes(string $steps, string $school = 'sealed-steps'): array
    {
        return array_values(array_unique(array_map(static fn ($finding) => $finding->code, self::evaluate($steps, $school)->findings)));
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
        $options = ['coats' => $technique->coats, 'by' => $technique->application, 'thinner' => null, 'cleanUp' => null, 'wait' => null, 'done' => null, 'accepted' => []];
        foreach (array_slice($parts, 1) as $option) {
            $options = array_merge($options, self::option($option, $options['accepted']));
        }

        return new Step('s'.($index + 1), $match[1], $match[2] === '' ? null : $match[2], explode(' ', $match[3]),
            $options['coats'], $options['by'], $options['thinner'], $options['cleanUp'], $options['wait'], $options['done'], '', $options['accepted']);
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
            $words[0] === 'passed', $words[0] === 'failed' => ['accepted' => [...$accepted,
                new Acceptance($words[1], '', new Trial('underside', 10, $words[0] === 'passed', '2026-11-20'))]],
            ($words[1] ?? '') === 'coats', ($words[1] ?? '') === 'coat' => ['coats' => (int) $words[0]],
            default => throw new \InvalidArgumentException("Not an option: {$option}"),
        };
    }
}
