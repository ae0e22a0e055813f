<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Physics\Finish\Population;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;

/**
 * What a story leaves on each zone. The numbers order zones and stories among each other and are no measurements; where
 * they come from: docs/drafting.md.
 */
final readonly class Exposure
{
    /** Months in which two thirds of what wears has worn. */
    private const AGEING = 10.0;

    /** Below this nobody sees a trace. */
    public const SEEN = 0.2;

    private const RESTRAINED = 0.6;

    /** How far a zone looks out for mud and what wheels throw up, 0 to 1. */
    private const LOW = [
        'tracks' => 1.0,
        'wheels' => 1.0,
        'tyres' => 1.0,
        'running-gear' => 1.0,
        'chassis' => 0.8,
        'fenders' => 0.6,
        'skirts' => 0.7,
        'rear-plate' => 0.5,
        'hull-sides' => 0.45,
        'glacis' => 0.4,
        'cab' => 0.3,
    ];

    /** How steep a zone stands, and how much rain runs down it, 0 to 1. */
    private const STEEP = [
        'hull-sides' => 1.0,
        'skirts' => 1.0,
        'rear-plate' => 0.9,
        'turret' => 0.8,
        'glacis' => 0.6,
        'cab' => 0.8,
        'load-bed' => 0.6,
        'canvas' => 0.4,
        'fenders' => 0.4,
    ];

    /** What a model on a slope adds to faces that lay level, or to its low end. */
    private const TILTED = 0.4;

    private const OILY = [
        'engine-deck' => 0.8,
        'running-gear' => 0.5,
        'wheels' => 0.5,
        'chassis' => 0.6,
        'rear-plate' => 0.3,
        'hull-top' => 0.25,
    ];

    private int $months;

    private Terrain $terrain;

    private Scenery $scenery;

    public function __construct(Build $build, private Story $story, private bool $isExpressive)
    {
        $this->months = $build->serviceMonths ?? Population::USUAL_MONTHS;
        $this->terrain = $build->terrain ?? Terrain::DryEarth;
        $this->scenery = new Scenery($story->scenes);
    }

    /** @return array<string, Budget> by the code of the trace */
    public function of(Zone $zone): array
    {
        $budgets = [];
        foreach (Trace::cases() as $trace) {
            $own = $this->story->overrules[$zone->id][$trace->value] ?? null;
            [$natural, $reason] = $this->amountOf($trace, $zone);
            [$amount, $scene] = $this->scenery->on($trace, $natural);
            $reason = $scene === null ? $reason : ucfirst($scene).'.';
            $budgets[$trace->value] = $own === null
                ? new Budget($trace, round(max(0.0, min(1.0, $amount)), 2), $reason)
                : new Budget($trace, $own, 'As you have said it.', true);
        }

        return $budgets;
    }

    public function amount(Trace $trace, Zone $zone): float
    {
        return $this->of($zone)[$trace->value]->amount;
    }

    /**
     * How many chips are enough, and how large: marks on each square metre of the real thing, by traffic and months,
     * and of them those that are painted one by one at the scale of the model.
     *
     * @return array{int, float, float} number, smallest and largest in mm on the model
     */
    public function chips(Zone $zone, int $scale): array
    {
        $amount = $this->amount(Trace::Chips, $zone);
        $natural = $this->chipping($zone)[0];
        $painted = Population::painted($zone, $scale, $this->months);
        $count = $painted * ($natural > 0.0 ? $amount / $natural : 1.0);
        // Real chips run from a grain of paint to a hand's breadth; what is smaller than this merges into a tone.
        [$least, $most] = [max(Population::SMALLEST_MM, 8.0 / $scale), (20.0 + 60.0 * $amount) / $scale];

        return [$amount > 0.0 ? max(3, self::rounded($count)) : 0, round($least, 2), round(max($least, $most), 2)];
    }

    /** As people count: in tens from thirty on, in fifties from two hundred on. */
    private static function rounded(float $count): int
    {
        $step = match (true) {
            $count > 200.0 => 50,
            $count > 30.0 => 10,
            default => 1,
        };

        return $step * (int) round($count / $step);
    }

    /** @return array{float, string} */
    private function amountOf(Trace $trace, Zone $zone): array
    {
        $share = $this->isExpressive ? 1.0 : self::RESTRAINED;
        [$amount, $reason] = match ($trace) {
            Trace::Chips => $this->chipping($zone),
            Trace::Rubbing => $this->rubbing($zone),
            Trace::Rust => $this->rust($zone),
            Trace::Streaks => $this->streaks($zone),
            Trace::Dust => $this->dust($zone),
            Trace::Mud => $this->mud($zone),
            Trace::Oil => [
                (self::OILY[$zone->kind->value] ?? 0.0) * $this->age(),
                'Oil and fuel are spilled where engines are filled and axles turn.',
            ],
            Trace::Soot => $this->soot($zone),
            Trace::Heat => $this->heat($zone),
        };

        // Earth is on a vehicle whatever one likes; wear may be told more softly.
        return [$trace === Trace::Dust || $trace === Trace::Mud ? $amount : $share * $amount, $reason];
    }

    /** From 0 for a new vehicle towards 1. */
    private function age(): float
    {
        return 1.0 - exp(-$this->months / self::AGEING);
    }

    /** @return array{float, string} */
    private function chipping(Zone $zone): array
    {
        if (! $zone->depicts->rusts() && $zone->depicts !== DepictedMaterial::Aluminium) {
            return [0.0, ucfirst($zone->depicts->label()).' does not chip.'];
        }
        $amount = $this->trodden($zone) * $this->age() * ($this->story->driving === Driving::Field ? 1.2 : 1.0);

        return [$amount, match ($zone->traffic) {
            Traffic::Heavy => "Boots and tools for {$this->months()}.",
            Traffic::Light => "Touched now and then for {$this->months()}.",
            Traffic::None => 'Nobody treads there.',
        }];
    }

    /** @return array{float, string} */
    private function rubbing(Zone $zone): array
    {
        return [$this->trodden($zone) * 0.8 * $this->age(), 'Where hands, boots and hatches rub.'];
    }

    private function trodden(Zone $zone): float
    {
        $byTraffic = match ($zone->traffic) {
            Traffic::Heavy => 1.0,
            Traffic::Light => 0.6,
            Traffic::None => 0.1,
        };

        return $byTraffic * match ($zone->kind) {
            ZoneKind::HullTop, ZoneKind::Fenders, ZoneKind::EngineDeck, ZoneKind::LoadBed => 1.1,
            ZoneKind::Barrel => 0.4,
            ZoneKind::Chassis, ZoneKind::RunningGear, ZoneKind::Wheels => 0.6,
            default => 0.9,
        };
    }

    /** @return array{float, string} */
    private function rust(Zone $zone): array
    {
        if (! $zone->depicts->rusts()) {
            return [0.0, ucfirst($zone->depicts->label()).' does not rust.'];
        }
        if (in_array($zone->kind, [ZoneKind::Exhaust, ZoneKind::Tracks, ZoneKind::SpareLinks], true)) {
            $first = min(0.6, 0.3 * $this->months);

            return [max($first, $this->age()), 'Bare and hot, or bare and wet: it rusts at once.'];
        }
        $wet = 0.35 + 0.5 * $this->story->weather->wetness() + ($this->terrain === Terrain::Snow ? 0.15 : 0.0);

        return [
            ($zone->sheltered ? 0.5 : 1.0) * $wet * $this->age(),
            "Chipped steel in {$this->weather()} for {$this->months()}.",
        ];
    }

    /** @return array{float, string} */
    private function streaks(Zone $zone): array
    {
        $rain = 0.35 + 0.65 * $this->story->weather->wetness();
        $parked = $this->story->driving === Driving::Parked ? 1.2 : 1.0;

        $pose = $this->story->pose;
        $isLevel = $zone->kind->isLevel();
        $steep = self::STEEP[$zone->kind->value] ?? ($isLevel && $pose->tilts() ? self::TILTED : 0.0);
        $steep += $pose->lowers($zone->kind) ? self::TILTED : 0.0;

        return [
            $steep * $rain * $parked * $this->age() * ($zone->sheltered ? 0.4 : 1.0),
            match (true) {
                $steep === 0.0 => 'It does not stand steep enough for rain to run.',
                $pose->tilts() => "Rain runs towards {$pose->runsTowards()}, in {$this->weather()}.",
                default => "Rain runs down it, in {$this->weather()}.",
            },
        ];
    }

    /** @return array{float, string} */
    private function dust(Zone $zone): array
    {
        $ground = match ($this->terrain) {
            Terrain::Sand => 1.0,
            Terrain::DryEarth => 0.9,
            Terrain::Town => 0.45,
            Terrain::WetClay => 0.3,
            Terrain::Snow => 0.1,
        };
        $stirred = match ($this->story->driving) {
            Driving::Field => 1.0,
            Driving::Road => 0.85,
            Driving::Parked => 0.4,
        };
        $dry = 1.0 - 0.7 * $this->story->weather->wetness();
        $height = 0.5 + 0.5 * (self::LOW[$zone->kind->value] ?? 0.0);

        return [
            $ground * $stirred * $dry * $height * ($zone->sheltered ? 0.7 : 1.0),
            "{$this->ground()}, {$this->story->weather->value} days.",
        ];
    }

    /** @return array{float, string} */
    private function mud(Zone $zone): array
    {
        $wetness = $this->story->weather->wetness();
        $ground = match ($this->terrain) {
            Terrain::WetClay => 0.6 + 0.4 * $wetness,
            Terrain::Snow => 0.3 + 0.3 * $wetness,
            Terrain::DryEarth => 0.8 * $wetness,
            Terrain::Sand => 0.3 * $wetness,
            Terrain::Town => 0.15 * $wetness,
        };
        $thrown = match ($this->story->driving) {
            Driving::Field => 1.0,
            Driving::Road => 0.5,
            Driving::Parked => 0.25,
        };
        $low = self::LOW[$zone->kind->value] ?? 0.0;

        return [
            $ground * $thrown * $low,
            $low > 0.0 ? "{$this->ground()}, as high as wheels throw it." : 'Nothing throws mud as high as that.',
        ];
    }

    /** @return array{float, string} */
    private function soot(Zone $zone): array
    {
        return match ($zone->kind) {
            ZoneKind::Exhaust => [min(1.0, 0.5 + $this->age()), 'At the mouth of the exhaust.'],
            ZoneKind::Barrel => [0.3 * $this->age(), 'At the muzzle.'],
            default => [0.0, 'No fire comes near.'],
        };
    }

    /** @return array{float, string} */
    private function heat(Zone $zone): array
    {
        // Hours of running, and not months of standing, burn paint; the first week does most of it.
        $run = 1.0 - exp(-4.0 * $this->months / self::AGEING);

        return match ($zone->kind) {
            ZoneKind::Exhaust => [min(1.0, 1.5 * $run), 'It glows where the gas comes out; no paint stays there.'],
            ZoneKind::EngineDeck => [0.25 * $run, 'Warm above the engine: grilles bleach and dry out.'],
            ZoneKind::Barrel => [0.3 * $run, 'The muzzle, after firing.'],
            default => [0.0, 'It never gets hot.'],
        };
    }

    private function months(): string
    {
        return $this->months === 1 ? 'a month' : "{$this->months} months";
    }

    private function weather(): string
    {
        return match ($this->story->weather) {
            Weather::Dry => 'dry weather',
            Weather::Showers => 'showers',
            Weather::Wet => 'rain',
        };
    }

    private function ground(): string
    {
        return match ($this->terrain) {
            Terrain::Sand => 'Sand',
            Terrain::DryEarth => 'Dry earth',
            Terrain::WetClay => 'Wet clay',
            Terrain::Snow => 'Snow and slush',
            Terrain::Town => 'Streets',
        };
    }
}
