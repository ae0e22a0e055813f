<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/** Sheen evened out, then the earth on top of it, dry before wet, and what shines last of all. */
final readonly class Earthing
{
    /** From here on mud stands off the surface. */
    private const THICK = 0.45;

    /** CIEDE2000 from which two earths are not one. */
    private const ANOTHER_EARTH = 6.0;

    /** CIEDE2000 within which every earth lies from every other. */
    private const ANY_EARTH = 40.0;

    private function __construct(private Laying $laying, private Brief $brief)
    {
    }

    public static function lay(Laying $laying, Brief $brief): void
    {
        $earthing = new self($laying, $brief);
        $laying->add(
            'track-wash',
            array_values(array_diff(
                $brief->ofKind(ZoneKind::Tracks, ZoneKind::SpareLinks),
                $brief->where(static fn (Zone $zone) => ! $zone->depicts->rusts()),
            )),
            'Earth and rust in the links.',
        );
        $laying->add('look-over', $brief->primed(), 'The last look before all is made matte.');
        $laying->add('final-coat', $brief->primed(), 'One dull surface that holds dust; what shines comes after it.');
        $earthing->dust();
        $earthing->soot();
        $earthing->mud();
        $earthing->last();
    }

    private function dust(): void
    {
        $zones = $this->brief->with(Trace::Dust, $this->brief->primed());
        $earth = $this->earth();
        $why = 'Thickest low down and where nothing brushes it off.';
        if ($this->brief->isWaterOnly() || $this->brief->answers('dust', 'sprayed')) {
            $this->laying->add('dust-mist', $zones, $why, colour: $earth);

            return;
        }
        if ($this->brief->answers('dust', 'blended')) {
            // What is blended has to be reached while it is open: part by part.
            foreach ($this->brief->byGroup($zones, Brief::IN_ONE_GO_ON_MATTE) as $part) {
                $this->laying->add('oil-dust', $part, $why);
            }

            return;
        }
        $this->laying->add('dry-pigment', $zones, $why);
    }

    /** Soot lies over dust, and what is loose by then is fixed in one go. */
    private function soot(): void
    {
        $this->laying->add(
            'exhaust-soot',
            $this->brief->with(Trace::Soot, $this->brief->ofKind(ZoneKind::Exhaust)),
            'Over everything, at the mouth where it comes from.',
        );
        $loose = [];
        foreach ($this->laying->plan->steps as $step) {
            $isPowder = $this->laying->plan->productOf($step)?->material->family === BinderFamily::DryPigment;
            array_push($loose, ...($isPowder ? $step->zones : []));
        }
        if (! $this->brief->answers('pigments', 'loose')) {
            $this->laying->add(
                $this->brief->isWaterOnly() ? 'fix-water' : 'fix-pigment',
                array_values(array_unique($loose)),
                'Run in from a corner, so that it stays where it lies.',
            );
        }
    }

    private function mud(): void
    {
        $zones = $this->brief->with(Trace::Mud, $this->brief->primed());
        $thick = $this->brief->with(Trace::Mud, $zones, self::THICK);
        $this->laying->add(
            'mud-paste',
            $thick,
            'Where it is thrown and stays: built up low down, nothing where shape would shed it.',
        );
        $isWet = $this->brief->story->weather === Weather::Wet;
        $steps = $this->laying->plan->steps;
        // Where nothing thick was laid there is nothing to be darker than.
        $built = $thick === [] || $steps === []
            ? null
            : $this->laying->plan->productOf($steps[count($steps) - 1])?->material->colour;
        $this->laying->add(
            'mud-splash',
            $this->brief->isAtLeast(Ambition::Weeks) ? $zones : [],
            'Thrown by wheels, finer the higher it went, and darker than what has dried.',
            product: $built === null
                ? null
                : $this->laying->find(
                    $this->laying->need('mud-splash')
                        ->inFamilies(BinderFamily::MudPaste)
                        ->within(self::ANY_EARTH)
                        ->apartFrom([$built], self::ANOTHER_EARTH),
                ),
        );
        $this->laying->add(
            'wet-mud',
            $isWet && $this->brief->isAtLeast(Ambition::Exhibition) ? $thick : [],
            'The last of it is still wet; dry first, wet last.',
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

    private function earth(): Lab
    {
        return Lab::fromHex(match ($this->brief->build->terrain ?? Terrain::DryEarth) {
            Terrain::Sand => '#cdb78d',
            Terrain::DryEarth => '#b39b74',
            Terrain::WetClay => '#8a7355',
            Terrain::Snow => '#c9c6bc',
            Terrain::Town => '#a39e93',
        });
    }
}
