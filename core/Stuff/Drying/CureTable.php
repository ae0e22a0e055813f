<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;

/** Drying times at reference conditions, one row a product group; docs/sources.md, "drying table". */
final class CureTable
{
    /** @var array<string, CureTimes>|null */
    private static ?array $rows = null;

    /** @var array<string, array<string, CureTimes>> by row and load */
    private static array $laid = [];

    /** The row for what a step lays down: the family decides, then what it is used for and whether it is sprayed. */
    public static function for(BinderFamily $film, Kind $kind, Load $load): CureTimes
    {
        $isSprayed = $load->contact()->isSprayed();

        $row = self::rows()[self::key($film, $kind, $isSprayed)];
        if ($load === Load::Coat || $load === Load::Brushed) {
            return $row;
        }
        $isPaint = $film === BinderFamily::ArtistOil || in_array($film, BinderFamily::paints(), true);

        // Salt, putty and grains are laid dry, and yet have their own times.
        return $load === Load::Dab && ! $isPaint
            ? $row
            : (self::$laid[$row->name][$load->value] ??= $row->loaded($load, $film->oxidises()));
    }

    /** @return array<string, CureTimes> */
    public static function rows(): array
    {
        return self::$rows ??= self::build();
    }

    private static function key(BinderFamily $film, Kind $kind, bool $sprayed): string
    {
        $clear = $kind->isAny(Nature::ClearCoat, Nature::Gloss);

        return match ($film) {
            BinderFamily::Lacquer => $clear
                ? 'lacquer clear'
                : ($kind->is(Nature::Prime)
                    ? 'lacquer primer'
                    : 'lacquer paint'),
            BinderFamily::WaterborneAcrylic => $clear
                ? 'acrylic clear'
                : ($sprayed
                    ? 'acrylic sprayed'
                    : 'acrylic brushed'),
            BinderFamily::AlcoholAcrylic => $clear ? 'acrylic clear' : 'alcohol acrylic',
            BinderFamily::Enamel => self::enamel($kind),
            BinderFamily::ArtistOil => $kind->is(Nature::Tint) ? 'blended oil' : 'artist oil',
            BinderFamily::ChippingFluid => 'chipping fluid',
            BinderFamily::Hairspray => 'hairspray',
            BinderFamily::ClayWash => 'clay wash',
            BinderFamily::DryPigment => 'dry pigment',
            BinderFamily::BoundPigment => 'pigment fixer',
            BinderFamily::MudPaste => 'mud paste',
            BinderFamily::DecalFilm => 'decal',
            BinderFamily::Salt => 'salt',
            BinderFamily::WhiteGlue => 'white glue',
            BinderFamily::EpoxyPutty => 'epoxy putty',
            BinderFamily::MaskingFilm, BinderFamily::MetalPencil => 'dry medium',
        };
    }

    private static function enamel(Kind $kind): string
    {
        return $kind->is(Nature::Filter)
            ? 'enamel filter'
            : ($kind->isAny(Nature::Tint, Nature::Mud) ? 'enamel wash' : 'enamel paint');
    }

    /** Worked until hardly any of it is left. */
    /** @return array<string, CureTimes> */
    private static function build(): array
    {
        $h = Minutes::HOUR;
        $d = Minutes::DAY;
        $rows = [
            new CureTimes(
                name: 'lacquer primer',
                touchDry: [5, 10],
                recoatable: [15, 30],
                solventProof: [$d, 2 * $d],
                reason: 'its solvent leaves fast, but heavy work needs the whole film hard',
                laws: self::all(DryingLaw::Solvent),
            ),
            new CureTimes(
                name: 'lacquer paint',
                touchDry: [5, 10],
                recoatable: [15, 30],
                solventProof: [10 * $h, 12 * $h],
                reason: 'thin coats give off their solvent overnight',
                laws: self::all(DryingLaw::Solvent),
            ),
            new CureTimes(
                name: 'lacquer clear',
                touchDry: [8, 10],
                recoatable: [15, 20],
                solventProof: [4 * $h, 6 * $h],
                reason: 'no pigment holds the solvent back',
                laws: self::all(DryingLaw::Solvent),
            ),
            new CureTimes(
                name: 'acrylic sprayed',
                touchDry: [10, 20],
                recoatable: [20, 30],
                solventProof: [20 * $h, $d],
                reason: 'water leaves at once, the particles grow together over a day',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'acrylic brushed',
                touchDry: [20, 30],
                recoatable: [45, $h],
                solventProof: [$d, 2 * $d],
                reason: 'a brushed film is two to three times as thick',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'acrylic clear',
                touchDry: [20, 30],
                recoatable: [45, $h],
                solventProof: [12 * $h, $d],
                reason: 'as acrylic paint, laid a little wetter',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'alcohol acrylic',
                touchDry: [5, 15],
                recoatable: [15, 20],
                solventProof: [20 * $h, $d],
                reason: 'alcohol leaves faster than water',
                laws: self::all(DryingLaw::Alcohol),
            ),
            new CureTimes(
                name: 'enamel paint',
                touchDry: [4 * $h, 6 * $h],
                recoatable: [20 * $h, $d],
                solventProof: [3 * $d, 4 * $d],
                reason: 'alkyds harden by taking up oxygen',
                laws: self::all(DryingLaw::Oxygen),
            ),
            new CureTimes(
                name: 'enamel wash',
                touchDry: [15, 30],
                recoatable: [2 * $h, 3 * $h],
                solventProof: [12 * $h, $d],
                reason: 'little binder, much spirit',
                laws: [DryingLaw::Spirit, DryingLaw::Spirit, DryingLaw::Oxygen],
            ),
            new CureTimes(
                name: 'enamel filter',
                touchDry: [20, 30],
                recoatable: [6 * $h, 12 * $h],
                solventProof: [18 * $h, $d],
                reason: 'lies over the whole surface and must not be dragged',
                laws: [DryingLaw::Spirit, DryingLaw::Spirit, DryingLaw::Oxygen],
            ),
            new CureTimes(
                name: 'artist oil',
                touchDry: [10, 30],
                recoatable: [20 * $h, $d],
                solventProof: [3 * $d, 7 * $d],
                reason: 'drained on card and thin; whites and reds take longest',
                laws: self::all(DryingLaw::Oxygen),
            ),
            new CureTimes(
                name: 'blended oil',
                touchDry: [10, 30],
                recoatable: [12 * $h, $d],
                solventProof: [$d, 3 * $d],
                reason: 'a tint of almost no thickness: the next day bears the next tint',
                laws: self::all(DryingLaw::Oxygen),
            ),
            new CureTimes(
                name: 'chipping fluid',
                touchDry: [15, 20],
                recoatable: [15, 20],
                solventProof: null,
                reason: 'water dissolves it for good: that is its job',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'hairspray',
                touchDry: [15, 30],
                recoatable: [15, 30],
                solventProof: null,
                reason: 'water and alcohol dissolve it for good',
                laws: self::all(DryingLaw::Alcohol),
            ),
            new CureTimes(
                name: 'clay wash',
                touchDry: [15, 20],
                recoatable: [15, 20],
                solventProof: null,
                reason: 'no binder: water wakes it at any time',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'dry pigment',
                touchDry: [0, 0],
                recoatable: [0, 0],
                solventProof: null,
                reason: 'no binder: it lies there until something moves it',
                laws: self::all(DryingLaw::None),
            ),
            new CureTimes(
                name: 'pigment fixer',
                touchDry: [$h, 2 * $h],
                recoatable: [$h, 2 * $h],
                solventProof: [10 * $h, 12 * $h],
                reason: 'the medium between the grains dries slowly',
                laws: self::all(DryingLaw::Spirit),
            ),
            new CureTimes(
                name: 'mud paste',
                touchDry: [2 * $h, 12 * $h],
                recoatable: [2 * $h, 12 * $h],
                solventProof: [$d, 2 * $d],
                reason: 'depends on its depth',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'decal',
                touchDry: [$h, 2 * $h],
                recoatable: [6 * $h, 12 * $h],
                solventProof: [12 * $h, 12 * $h],
                reason: 'water and softener must leave from under the film',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'salt',
                touchDry: [15, 20],
                recoatable: [15, 20],
                solventProof: null,
                reason: 'the water it was strewn on must dry; water dissolves it for good',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'white glue',
                touchDry: [$h, 2 * $h],
                recoatable: [90, 4 * $h],
                solventProof: [10 * $h, 12 * $h],
                reason: 'paper and cloth hold the water long',
                laws: self::all(DryingLaw::Water),
            ),
            new CureTimes(
                name: 'epoxy putty',
                touchDry: [$h, 2 * $h],
                recoatable: [12 * $h, $d],
                solventProof: [12 * $h, $d],
                reason: 'sets by reaction: workable for an hour or two, hard the next day',
                laws: self::all(DryingLaw::Reaction),
            ),
            new CureTimes(
                name: 'dry medium',
                touchDry: [0, 0],
                recoatable: [0, 0],
                solventProof: [0, 0],
                reason: 'nothing in it has to dry',
                laws: self::all(DryingLaw::None),
            ),
        ];

        return array_column($rows, null, 'name');
    }

    /** @return array{DryingLaw, DryingLaw, DryingLaw} */
    private static function all(DryingLaw $law): array
    {
        return [$law, $law, $law];
    }
}
