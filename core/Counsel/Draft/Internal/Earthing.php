<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/** Sheen evened out, then the earth on top of it, dry before wet, and what shines last of all. */
final readonly class Earthing
{
    /** From here on mud stands off the surface. */
    private const THICK = 0.45;

    /** Budgets from which on earth is settled, and heavy. */
    private const SOME = 0.4;

    private const MUCH = 0.75;

    private const IN_THE_SPRAY = [
        ZoneKind::Wheels,
        ZoneKind::Tyres,
        ZoneKind::Tracks,
        ZoneKind::Chassis,
        ZoneKind::RunningGear,
    ];

    private const BEHIND_THE_SPRAY = [
        ZoneKind::Fenders,
        ZoneKind::HullSides,
        ZoneKind::Skirts,
        ZoneKind::RearPlate,
        ZoneKind::Cab,
        ZoneKind::LoadBed,
    ];

    private function __construct(private Laying $laying, private Brief $brief)
    {
    }

    public static function lay(Laying $laying, Brief $brief): void
    {
        $earthing = new self($laying, $brief);
        $isShort = ! $brief->isAtLeast(Ambition::Evenings);
        $laying->add(
            'track-wash',
            $isShort ? [] : array_values(array_diff(
                $brief->ofKind(ZoneKind::Tracks, ZoneKind::SpareLinks),
                $brief->where(static fn (Zone $zone) => ! $zone->depicts->rusts()),
            )),
            'Earth in the links, thickest round the pins.',
            $laying->tone('track-wash', $brief->colours->trackEarth()),
        );
        $laying->add('look-over', $isShort ? [] : $brief->primed(), 'The last look before all of it is sealed.');
        $sheen = $brief->scenery->sheen();
        $laying->add(
            'final-coat',
            $isShort ? [] : $brief->primed(),
            $sheen === null
                ? 'One dull surface that holds dust; what shines comes after it.'
                : 'One even sheen over all of it: somebody has polished this vehicle.',
            sheen: $sheen,
        );
        $earthing->dust();
        $earthing->slush();
        $earthing->soot();
        $earthing->mud();
        $earthing->last();
    }

    private function dust(): void
    {
        $code = match (true) {
            $this->brief->avoidsSpirit(), $this->brief->answers('dust', 'sprayed') => 'dust-mist',
            $this->brief->answers('dust', 'blended') => 'oil-dust',
            default => 'dry-pigment',
        };
        // What a school has answered is done; how it usually is gives way.
        if ($code === 'dry-pigment' && $this->laying->saves(Thrift::RubbedDust)) {
            $code = 'dust-mist';
        }
        $jar = $this->laying->tone($code, $this->brief->colours->dust());
        foreach ($this->byAmount(Trace::Dust, $this->brief->with(Trace::Dust, $this->brief->primed())) as $step) {
            [$amount, $zones] = $step;
            $why = match ($amount) {
                Amount::Breath => 'A breath of it, where wind and hands leave little.',
                Amount::Light => 'Light, and thicker towards the ground.',
                Amount::Settled => 'Settled: thickest low down and where nothing brushes it off.',
                default => 'Heavy: this low it is never brushed off.',
            };
            // What is blended has to be reached while it is open: part by part.
            $parts = $code === 'oil-dust' ? $this->brief->byGroup($zones, Brief::IN_ONE_GO_ON_MATTE) : [$zones];
            foreach ($parts as $part) {
                $this->laying->add($code, $part, $why, $jar, amount: $amount);
            }
        }
    }

    /** What salted streets throw up to the sills, and the edge of salt where it has dried. */
    private function slush(): void
    {
        if (! $this->brief->scenery->hasSlush()) {
            return;
        }
        $this->laying->add(
            'dust-mist',
            $this->brief->ofKind(...self::IN_THE_SPRAY, ...self::BEHIND_THE_SPRAY),
            'Slush of the streets, grey-brown, thrown up to the sills and no higher.',
            $this->laying->tone('dust-mist', new Tone(Lab::fromHex('#7b746a'), 'Slush grey')),
            coats: 2,
            extent: new Extent(50, [Place::LowerThird]),
            amount: Amount::Heavy,
        );
        $this->laying->add(
            'chalk-stains',
            $this->brief->ofKind(...self::BEHIND_THE_SPRAY),
            'Salt where the slush has dried: a pale edge along the top of it.',
            $this->laying->tone('chalk-stains', new Tone(Lab::fromHex('#cfcbc0'), 'Salt white')),
            extent: new Extent(20, [Place::LowerThird]),
        );
    }

    /**
     * @param  list<string>  $zones
     * @return list<array{Amount, list<string>}> the least first; neighbouring amounts are one where there are few hours
     */
    private function byAmount(Trace $trace, array $zones): array
    {
        $byAmount = [];
        foreach ($this->brief->zones as $zone) {
            if (in_array($zone->id, $zones, true)) {
                $amount = self::amount($this->brief->exposure->amount($trace, $zone));
                $byAmount[$amount->value][] = $zone->id;
            }
        }
        if ($byAmount === []) {
            return [];
        }
        if (! $this->brief->isAtLeast(Ambition::Weeks)) {
            $budgets = array_map(
                fn (Zone $zone) => $this->brief->exposure->amount($trace, $zone),
                array_filter($this->brief->zones, static fn (Zone $zone) => in_array($zone->id, $zones, true)),
            );

            return [[self::amount(array_sum($budgets) / max(1, count($budgets))), $zones]];
        }
        $steps = [];
        foreach (Amount::cases() as $amount) {
            if (isset($byAmount[$amount->value])) {
                $steps[] = [$amount, $byAmount[$amount->value]];
            }
        }

        return $steps;
    }

    private static function amount(float $budget): Amount
    {
        return match (true) {
            $budget < self::SOME => Amount::Light,
            $budget < self::MUCH => Amount::Settled,
            default => Amount::Heavy,
        };
    }

    /** Soot lies over dust, and what is loose by then is fixed in one go. */
    private function soot(): void
    {
        $sooty = $this->brief->with(Trace::Soot, $this->brief->ofKind(ZoneKind::Exhaust));
        $this->laying->add(
            'exhaust-soot',
            $this->brief->isAtLeast(Ambition::Evenings) ? $sooty : [],
            'Over everything, at the mouth where it comes from.',
        );
        $loose = [];
        foreach ($this->laying->plan->steps as $step) {
            $isPowder = $this->laying->plan->productOf($step)?->material->family === BinderFamily::DryPigment;
            array_push($loose, ...($isPowder ? $step->zones : []));
        }
        if (! $this->brief->answers('pigments', 'loose')) {
            $this->laying->add(
                $this->brief->avoidsSpirit() ? 'fix-water' : 'fix-pigment',
                array_values(array_unique($loose)),
                'Run in from a corner, so that it stays where it lies.',
            );
        }
    }

    private function mud(): void
    {
        $zones = $this->brief->with(Trace::Mud, $this->brief->primed());
        $thick = $this->brief->with(Trace::Mud, $zones, self::THICK);
        $colours = $this->brief->colours;
        foreach ($this->byAmount(Trace::Mud, $thick) as [$amount, $part]) {
            $this->laying->add(
                'mud-paste',
                $part,
                $amount === Amount::Heavy
                    ? 'Clods between wheels and under guards, nothing where shape would shed it.'
                    : 'Where it is thrown and stays: built up low down, nothing where shape would shed it.',
                $this->laying->tone('mud-paste', $colours->mud()),
                amount: $amount,
            );
        }
        $this->laying->add(
            'mud-splash',
            $this->brief->isAtLeast(Ambition::Weeks) ? $zones : [],
            $thick === []
                ? 'Thrown by wheels, finer the higher it went.'
                : 'Thrown by wheels, finer the higher it went, and darker than what has dried.',
            $this->laying->tone('mud-splash', $colours->splash()),
        );
        $isWet = $this->brief->story->weather === Weather::Wet;
        $this->laying->add(
            'wet-mud',
            $isWet && $this->brief->isAtLeast(Ambition::Weeks) ? $thick : [],
            'The last of it is still wet; dry first, wet last.',
            $this->laying->tone('wet-mud', $colours->wetMud()),
            extent: new Extent(25, [Place::LowerThird]),
        );
    }

    private function last(): void
    {
        $this->laying->add(
            'track-polish',
            array_values(array_intersect(
                $this->brief->ofKind(ZoneKind::Tracks),
                $this->brief->where(static fn (Zone $zone) => $zone->depicts->rusts()),
            )),
            'Steel where the track runs: on nothing that is painted later.',
        );
        $this->laying->add(
            'paint-glass',
            $this->brief->ofKind(ZoneKind::Glass),
            'Glass shines, so it comes after the last matte coat.',
        );
        $isJoined = $this->brief->isAtLeast(Ambition::Weeks);
        $this->laying->add(
            'join',
            $isJoined ? $this->brief->ofKind(ZoneKind::Tracks, ZoneKind::Wheels) : [],
            'Left apart so that brush and spray could reach behind them; the model stands on them now.',
        );
        $this->laying->add(
            'join',
            $isJoined ? $this->brief->ofKind(ZoneKind::Turret) : [],
            'Last of all, since the roof below it had to be reached; where it turns, it needs no glue.',
        );
    }
}
