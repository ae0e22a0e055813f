<?php

declare(strict_types=1);

namespace Tests\Core\Counsel\Draft;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Drying\Season;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Material\StarterShelf;

/** Vehicles, stories and shelves to draft with. Zones are those of real vehicles of each kind, measured once. */
final class DraftKit
{
    /** cm² at 1:35 of each kind of zone. */
    private const ZONES = [
        'light-tank' => 'hull-top 90 glacis 35 hull-sides 110 rear-plate 30 turret 95 barrel 15 fenders 55 '
            .'running-gear 90 tracks 120 exhaust 8 tools 12 stowage 30',
        'tank' => 'hull-top 110 engine-deck 60 glacis 45 hull-sides 150 rear-plate 40 turret 130 barrel 25 fenders 80 '
            .'running-gear 120 tyres 40 tracks 160 spare-links 12 exhaust 10 tools 14 stowage 35 canvas 12',
        'tracked-carrier' => 'hull-top 70 glacis 40 hull-sides 120 rear-plate 35 interior 110 running-gear 70 '
            .'tracks 95 exhaust 8 tools 12 stowage 30',
        'half-track' => 'engine-deck 40 hull-sides 110 cab 60 load-bed 110 fenders 40 chassis 70 running-gear 60 '
            .'wheels 20 tyres 20 tracks 70 exhaust 8 tools 10 stowage 25 canvas 15',
        'lorry' => 'cab 95 load-bed 130 fenders 40 chassis 110 wheels 60 tyres 40 exhaust 8 tools 12 canvas 150 '
            .'glass 6',
        'scout-car' => 'hull-top 50 engine-deck 25 glacis 25 hull-sides 80 rear-plate 22 turret 30 fenders 35 '
            .'chassis 40 wheels 30 tyres 30 exhaust 5 tools 8 stowage 15 canvas 8',
        'armoured-car' => 'hull-top 60 glacis 30 hull-sides 95 rear-plate 25 turret 60 barrel 10 fenders 40 chassis 50 '
            .'wheels 45 tyres 45 exhaust 6 tools 10 stowage 20',
        'wheeled-gun' => 'hull-sides 60 barrel 40 chassis 70 wheels 25 tyres 25 tools 8',
    ];

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::ZONES);
    }

    /** @param  array{0?: Terrain, 1?: int|null}  $facts  ground and months of service */
    public static function plan(string $kind, string $school, array $facts): Plan
    {
        $zones = [];
        foreach (array_chunk(explode(' ', self::ZONES[$kind]), 2) as [$zone, $area]) {
            $of = ZoneKind::from($zone);
            $zones[$zone] = new Zone(
                $zone,
                ucfirst(str_replace('-', ' ', $zone)),
                $of,
                (float) $area,
                $of === ZoneKind::Tyres ? Substrate::Vinyl : Substrate::Polystyrene,
                self::depicted($of, $kind),
                // Where crews climb, and where nobody gets to.
                match ($of) {
                    ZoneKind::HullTop, ZoneKind::Fenders, ZoneKind::Turret, ZoneKind::Cab => Traffic::Heavy,
                    ZoneKind::Barrel, ZoneKind::Chassis, ZoneKind::Exhaust => Traffic::None,
                    default => Traffic::Light,
                },
            );
        }

        return new Plan(
            new Build(
                'Test',
                'Test',
                VehicleKind::from($kind),
                35,
                serviceMonths: $facts[1] ?? null,
                terrain: $facts[0] ?? null,
            ),
            new SchoolChoice($school),
            new BenchConditions(20.0, 50.0),
            $zones,
            [],
            [],
        );
    }

    /** @return array<string, array{array{Terrain, int}, Story}> by name: the facts of the build, and its story */
    public static function stories(Ambition $ambition = Ambition::Weeks): array
    {
        $green = Lab::fromHex('#566043');

        return [
            'coast road' => [
                [Terrain::DryEarth, 14],
                new Story($green, season: Season::Spring, weather: Weather::Showers, ambition: $ambition),
            ],
            'desert' => [
                [Terrain::Sand, 8],
                new Story(
                    Lab::fromHex('#c2a878'),
                    Scheme::SoftEdged,
                    [Lab::fromHex('#6b5a43')],
                    driving: Driving::Field,
                    ambition: $ambition,
                ),
            ],
            'autumn mud' => [
                [Terrain::WetClay, 20],
                new Story(
                    Lab::fromHex('#4a4f3a'),
                    Scheme::HardEdged,
                    [Lab::fromHex('#2f2d2a'), Lab::fromHex('#8a7a55')],
                    Season::Autumn,
                    Weather::Wet,
                    Driving::Field,
                    ambition: $ambition,
                ),
            ],
            'snow' => [
                [Terrain::Snow, 10],
                new Story(
                    Lab::fromHex('#6c7072'),
                    Scheme::Winter,
                    season: Season::Winter,
                    weather: Weather::Showers,
                    driving: Driving::Field,
                    ambition: $ambition,
                ),
            ],
            'from the works' => [
                [Terrain::Town, 0],
                new Story(Lab::fromHex('#2b2d2c'), driving: Driving::Parked, ambition: $ambition),
            ],
        ];
    }

    /** @return array<string, ProductShelf|null> */
    public static function shelves(): array
    {
        $own = [];
        $file = dirname(__DIR__, 4).'/database/demo/shelf.json';
        /** @var list<object{jar: mixed}> $standing */
        $standing = json_decode((string) file_get_contents($file), false, 8, JSON_THROW_ON_ERROR);
        foreach ($standing as $one) {
            $own[] = PlanReader::readProduct($one->jar);
        }

        return [
            'none' => null,
            'plain jars' => new ProductShelf(StarterShelf::all()),
            'full' => new ProductShelf($own),
        ];
    }

    private static function depicted(ZoneKind $zone, string $kind): DepictedMaterial
    {
        return match ($zone) {
            ZoneKind::Tyres => DepictedMaterial::Rubber,
            ZoneKind::Glass => DepictedMaterial::Glass,
            ZoneKind::Tools => DepictedMaterial::Wood,
            ZoneKind::Canvas => DepictedMaterial::Canvas,
            ZoneKind::Tracks => $kind === 'half-track' ? DepictedMaterial::Rubber : DepictedMaterial::Steel,
            ZoneKind::LoadBed => $kind === 'lorry' ? DepictedMaterial::Wood : DepictedMaterial::Steel,
            default => DepictedMaterial::Steel,
        };
    }
}
