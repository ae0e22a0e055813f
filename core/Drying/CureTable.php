<?php

declare(strict_types=1);

namespace Ulvrach\Drying;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Technique\TechniqueKind;

/** Drying times at reference conditions, one row a product group; docs/sources.md, "drying table". */
final class CureTable
{
    /** @var array<string, CureTimes>|null */
    private static ?array $rows = null;

    /** The row for what a step lays down: the family decides, then what it is used for and whether it is sprayed. */
    public static function for(BinderFamily $film, TechniqueKind $kind, bool $sprayed): CureTimes
    {
        return self::rows()[self::key($film, $kind, $sprayed)];
    }

    /** @return array<string, CureTimes> */
    public static function rows(): array
    {
        return self::$rows ??= self::build();
    }

    private static function key(BinderFamily $film, TechniqueKind $kind, bool $sprayed): string
    {
        $clear = $kind === TechniqueKind::ClearCoat || $kind === TechniqueKind::Gloss;

        return match ($film) {
            BinderFamily::Lacquer => $clear ? 'lacquer clear' : ($kind === TechniqueKind::Prime ? 'lacquer primer' : 'lacquer paint'),
            BinderFamily::WaterborneAcrylic => $clear ? 'acrylic clear' : ($sprayed ? 'acrylic sprayed' : 'acrylic brushed'),
            BinderFamily::AlcoholAcrylic => $clear ? 'acrylic clear' : 'alcohol acrylic',
            BinderFamily::Enamel => match ($kind) {
                TechniqueKind::Filter => 'enamel filter',
                TechniqueKind::Wash, TechniqueKind::Streak, TechniqueKind::Blend, TechniqueKind::Mud => 'enamel wash',
                default => 'enamel paint',
            },
            BinderFamily::ArtistOil => 'artist oil',
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

    /** @return array<string, CureTimes> */
    private static function build(): array
    {
        $h = Minutes::HOUR;
        $d = Minutes::DAY;
        $rows = [
            new CureTimes('lacquer primer', [5, 10], [15, 30], [$d, 2 * $d], 'its solvent leaves fast, but heavy work needs the whole film hard', self::all(DryingLaw::Solvent)),
            new CureTimes('lacquer paint', [5, 10], [15, 30], [12 * $h, 12 * $h], 'thin coats give off their solvent overnight', self::all(DryingLaw::Solvent)),
            new CureTimes('lacquer clear', [10, 10], [20, 20], [4 * $h, 6 * $h], 'no pigment holds the solvent back', self::all(DryingLaw::Solvent)),
            new CureTimes('acrylic sprayed', [10, 20], [30, 30], [$d, $d], 'water leaves at once, the particles grow together over a day', self::all(DryingLaw::Water)),
            new CureTimes('acrylic brushed', [20, 30], [$h, $h], [$d, 2 * $d], 'a brushed film is two to three times as thick', self::all(DryingLaw::Water)),
            new CureTimes('acrylic clear', [20, 30], [$h, $h], [12 * $h, $d], 'as acrylic paint, laid a little wetter', self::all(DryingLaw::Water)),
            new CureTimes('alcohol acrylic', [5, 15], [20, 20], [$d, $d], 'alcohol leaves faster than water', self::all(DryingLaw::Alcohol)),
            new CureTimes('enamel paint', [4 * $h, 6 * $h], [$d, $d], [3 * $d, 4 * $d], 'alkyds harden by taking up oxygen', self::all(DryingLaw::Oxygen)),
            new CureTimes('enamel wash', [15, 30], [2 * $h, 3 * $h], [$d, $d], 'little binder, much spirit', [DryingLaw::Spirit, DryingLaw::Spirit, DryingLaw::Oxygen]),
            new CureTimes('enamel filter', [20, 30], [6 * $h, 12 * $h], [$d, $d], 'lies over the whole surface and must not be dragged', [DryingLaw::Spirit, DryingLaw::Spirit, DryingLaw::Oxygen]),
            new CureTimes('artist oil', [10, 30], [$d, $d], [3 * $d, 7 * $d], 'drained on card and thin; whites and reds take longest', self::all(DryingLaw::Oxygen)),
            new CureTimes('chipping fluid', [15, 20], [15, 20], null, 'water dissolves it for good: that is its job', self::all(DryingLaw::Water)),
            new CureTimes('hairspray', [15, 30], [15, 30], null, 'water and alcohol dissolve it for good', self::all(DryingLaw::Alcohol)),
            new CureTimes('clay wash', [20, 20], [20, 20], null, 'no binder: water wakes it at any time', self::all(DryingLaw::Water)),
            new CureTimes('dry pigment', [0, 0], [0, 0], null, 'no binder: it lies there until something moves it', self::all(DryingLaw::None)),
            new CureTimes('pigment fixer', [$h, 2 * $h], [$h, 2 * $h], [12 * $h, 12 * $h], 'the medium between the grains dries slowly', self::all(DryingLaw::Spirit)),
            new CureTimes('mud paste', [2 * $h, 12 * $h], [2 * $h, 12 * $h], [$d, 2 * $d], 'depends on its depth', self::all(DryingLaw::Water)),
            new CureTimes('decal', [$h, 2 * $h], [12 * $h, 12 * $h], [12 * $h, 12 * $h], 'water and softener must leave from under the film', self::all(DryingLaw::Water)),
            new CureTimes('salt', [15, 20], [15, 20], null, 'the water it was strewn on must dry; water dissolves it for good', self::all(DryingLaw::Water)),
            new CureTimes('white glue', [2 * $h, 4 * $h], [2 * $h, 4 * $h], [12 * $h, 12 * $h], 'paper and cloth hold the water long', self::all(DryingLaw::Water)),
            new CureTimes('epoxy putty', [$h, 2 * $h], [12 * $h, $d], [12 * $h, $d], 'sets by reaction: workable for an hour or two, hard the next day', self::all(DryingLaw::Reaction)),
            new CureTimes('dry medium', [0, 0], [0, 0], [0, 0], 'nothing in it has to dry', self::all(DryingLaw::None)),
        ];

        return array_column($rows, null, 'name');
    }

    /** @return array{DryingLaw, DryingLaw, DryingLaw} */
    private static function all(DryingLaw $law): array
    {
        return [$law, $law, $law];
    }
}
