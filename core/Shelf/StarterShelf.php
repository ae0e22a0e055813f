<?php

declare(strict_types=1);

namespace Ulvrach\Shelf;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Plan\Product;
use Ulvrach\Technique\Technique;

/** Plain products of no particular maker, so that a plan can be laid out before the shelf is filled. */
final class StarterShelf
{
    /**
     * @var array<string, string> technique => product that a newcomer to it would take; the others take the first that
     *   fits
     */
    private const USUAL = [
        'prime' => 'primer-grey',
        'prime-repair' => 'primer-grey',
        'spray-colour' => 'paint-olive',
        'brush-colour' => 'paint-olive',
        'black-base' => 'paint-dark',
        'mottle' => 'paint-olive',
        'pre-shade' => 'paint-dark',
        'deep-tone' => 'paint-dark',
        'light-tone' => 'paint-sand',
        'post-shade' => 'chip-brown',
        'soft-camouflage' => 'chip-brown',
        'hard-camouflage' => 'chip-brown',
        'winter-wash' => 'paint-white',
        'winter-wash-brushed' => 'paint-white',
        'paint-detail' => 'paint-dark',
        'paint-wood' => 'paint-wood',
        'paint-canvas' => 'paint-canvas',
        'paint-rubber' => 'paint-rubber',
        'rubber-pads' => 'paint-rubber',
        'paint-glass' => 'clear-gloss',
        'wet-spots' => 'clear-gloss',
        'decal-softener' => 'decal-softener',
        'marking-touch-up' => 'paint-white',
        'dry-brush' => 'paint-sand',
        'metal-paint' => 'paint-steel',
        'light-chips' => 'paint-sand',
        'brush-chips' => 'chip-brown',
        'sponge-chips' => 'chip-brown',
        'tape-scratches' => 'chip-brown',
        'filter' => 'filter-ochre',
        'air-filter' => 'filter-acrylic',
        'pin-wash' => 'wash-brown',
        'enamel-wash' => 'wash-brown',
        'acrylic-wash' => 'wash-acrylic',
        'track-wash' => 'wash-earth',
        'rust-wash' => 'wash-rust',
        'rust-layers' => 'paint-rust',
        'rust-wet' => 'wash-rust',
        'rust-streak' => 'wash-rust',
        'rust-pigment' => 'pigment-rust',
        'exhaust-heat' => 'paint-rust',
        'exhaust-soot' => 'pigment-soot',
        'grime-streak' => 'streak-grime',
        'rain-streak' => 'streak-grime',
        'oil-stain' => 'streak-grime',
        'fuel-stain' => 'streak-grime',
        'track-base' => 'paint-track',
        'track-rust-base' => 'paint-rust',
        'track-polish' => 'steel-pencil',
        'dust-mist' => 'paint-sand',
        'dust-coat' => 'paint-sand',
        'oil-dust' => 'oil-buff',
        'mud-paste' => 'mud-light',
        'mud-fibres' => 'mud-light',
        'mud-splash' => 'mud-light',
        'speckle' => 'mud-light',
        'wet-mud' => 'wash-earth',
        'fix-pigment' => 'pigment-fixer',
        'fix-water' => 'clear-matte',
        'fix-varnish' => 'clear-matte',
        'clear-coat' => 'clear-gloss',
        'final-coat' => 'clear-matte',
        'test-patch' => 'wash-brown',
    ];

    public static function clear(Sheen $sheen): Product
    {
        return self::acrylic("clear-{$sheen->value}", ucfirst($sheen->value).' clear, waterborne', null, $sheen);
    }

    public static function chips(): Product
    {
        return self::acrylic('chip-brown', 'Dark chip brown', '#3a2d27');
    }

    public static function primer(): Product
    {
        return new Product(
            id: 'primer-grey',
            name: 'Grey primer, lacquer',
            family: BinderFamily::Lacquer,
            carrier: Carrier::LacquerThinner,
            sheen: Sheen::Matte,
            colour: '#7d7d7a',
        );
    }

    public static function primerAcrylic(): Product
    {
        return self::acrylic('primer-water', 'Grey primer, waterborne', '#7d7d7a');
    }

    public static function paintGrey(): Product
    {
        return self::acrylic('paint-grey', 'Mid grey, waterborne', '#6c7072');
    }

    public static function paintSand(): Product
    {
        return self::acrylic('paint-sand', 'Sand, waterborne', '#b99b66');
    }

    public static function paintWhite(): Product
    {
        return self::acrylic('paint-white', 'Off-white, waterborne', '#e4e1d6');
    }

    public static function paintRubber(): Product
    {
        return self::acrylic('paint-rubber', 'Rubber grey, waterborne', '#3c3c3b');
    }

    public static function paintWood(): Product
    {
        return self::acrylic('paint-wood', 'Wood, waterborne', '#9a7448');
    }

    public static function paintCanvas(): Product
    {
        return self::acrylic('paint-canvas', 'Canvas, waterborne', '#a8977a');
    }

    public static function chippingFluid(): Product
    {
        return new Product(
            id: 'chipping-fluid',
            name: 'Chipping fluid',
            family: BinderFamily::ChippingFluid,
            carrier: Carrier::Water,
            sheen: Sheen::Satin,
            colour: null,
        );
    }

    public static function washBrown(): Product
    {
        return self::enamel('wash-brown', 'Dark brown wash', '#3b2f24');
    }

    public static function washEarth(): Product
    {
        return self::enamel('wash-earth', 'Earth wash', '#6a553c');
    }

    public static function washClay(): Product
    {
        return new Product(
            id: 'wash-clay',
            name: 'Dark clay wash',
            family: BinderFamily::ClayWash,
            carrier: Carrier::Water,
            sheen: null,
            colour: '#4a4038',
        );
    }

    public static function washAcrylic(): Product
    {
        return new Product(
            id: 'wash-acrylic',
            name: 'Dark acrylic wash',
            family: BinderFamily::WaterborneAcrylic,
            carrier: Carrier::WettedWater,
            sheen: null,
            colour: '#43382d',
        );
    }

    public static function filterAcrylic(): Product
    {
        return new Product(
            id: 'filter-acrylic',
            name: 'Ochre in clear, waterborne',
            family: BinderFamily::WaterborneAcrylic,
            carrier: Carrier::Water,
            sheen: null,
            colour: '#8a6a34',
        );
    }

    public static function softener(): Product
    {
        return new Product(
            id: 'decal-softener',
            name: 'Decal softener',
            family: BinderFamily::DecalFilm,
            carrier: Carrier::WettedWater,
            sheen: null,
            colour: null,
        );
    }

    public static function fixer(): Product
    {
        return new Product(
            id: 'pigment-fixer',
            name: 'Pigment fixer',
            family: BinderFamily::BoundPigment,
            carrier: Carrier::OdourlessSpirit,
            sheen: Sheen::Matte,
            colour: null,
        );
    }

    public static function pigmentEarth(): Product
    {
        return new Product(
            id: 'pigment-earth',
            name: 'Earth pigment',
            family: BinderFamily::DryPigment,
            carrier: null,
            sheen: Sheen::Matte,
            colour: '#7a6148',
        );
    }

    public static function pigmentRust(): Product
    {
        return new Product(
            id: 'pigment-rust',
            name: 'Rust pigment',
            family: BinderFamily::DryPigment,
            carrier: null,
            sheen: Sheen::Matte,
            colour: '#8a4f2c',
        );
    }

    public static function mudDark(): Product
    {
        return new Product(
            id: 'mud-dark',
            name: 'Dark mud paste',
            family: BinderFamily::MudPaste,
            carrier: Carrier::Water,
            sheen: Sheen::Matte,
            colour: '#54432f',
        );
    }

    public static function steelPencil(): Product
    {
        return new Product(
            id: 'steel-pencil',
            name: 'Steel pencil',
            family: BinderFamily::MetalPencil,
            carrier: null,
            sheen: Sheen::Satin,
            colour: '#8d8f90',
        );
    }

    /** What to begin a technique with, as long as the modeller has chosen nothing; null: it takes no product. */
    public static function usualFor(Technique $technique): ?Product
    {
        $fitting = array_column(
            array_filter(self::all(), static fn (Product $product) => $technique->accepts($product->family)),
            null,
            'id',
        );

        return $fitting[self::USUAL[$technique->code] ?? ''] ?? (array_values($fitting)[0] ?? null);
    }

    /** @return list<Product> */
    public static function all(): array
    {
        return [
            self::primer(),
            new Product(
                id: 'primer-rust',
                name: 'Rust-red primer, lacquer',
                family: BinderFamily::Lacquer,
                carrier: Carrier::LacquerThinner,
                sheen: Sheen::Matte,
                colour: '#6b3a2b',
            ),
            self::primerAcrylic(),
            self::acrylic('paint-dark', 'Dark grey, waterborne', '#2f3233'),
            self::acrylic('paint-olive', 'Olive, waterborne', '#5c5a37'),
            self::paintSand(),
            self::paintGrey(),
            self::paintWhite(),
            self::paintRubber(),
            self::paintWood(),
            self::paintCanvas(),
            self::acrylic('paint-track', 'Track brown, waterborne', '#4b4038'),
            self::acrylic('paint-rust', 'Rust, waterborne', '#7d4528'),
            self::acrylic('paint-steel', 'Steel, metallic waterborne', '#7f8183', Sheen::Satin),
            self::chips(),
            self::clear(Sheen::Gloss),
            self::clear(Sheen::Satin),
            self::clear(Sheen::Matte),
            new Product(
                id: 'clear-gloss-lacquer',
                name: 'Gloss clear, lacquer',
                family: BinderFamily::Lacquer,
                carrier: Carrier::LacquerThinner,
                sheen: Sheen::Gloss,
                colour: null,
            ),
            self::chippingFluid(),
            new Product(
                id: 'hairspray',
                name: 'Hairspray',
                family: BinderFamily::Hairspray,
                carrier: Carrier::AlcoholBlend,
                sheen: Sheen::Gloss,
                colour: null,
            ),
            new Product(
                id: 'salt',
                name: 'Crushed salt',
                family: BinderFamily::Salt,
                carrier: null,
                sheen: null,
                colour: null,
            ),
            new Product(
                id: 'decal-sheet',
                name: 'Decal sheet',
                family: BinderFamily::DecalFilm,
                carrier: Carrier::Water,
                sheen: null,
                colour: '#e9e6dc',
            ),
            self::softener(),
            self::enamel('filter-ochre', 'Ochre filter', '#8a6a34'),
            self::filterAcrylic(),
            self::washBrown(),
            self::washEarth(),
            self::enamel('wash-rust', 'Rust wash', '#7a4a2a'),
            self::washClay(),
            self::washAcrylic(),
            new Product(
                id: 'oil-umber',
                name: 'Umber oil, drained',
                family: BinderFamily::ArtistOil,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#4b3524',
            ),
            new Product(
                id: 'oil-buff',
                name: 'Buff oil, drained',
                family: BinderFamily::ArtistOil,
                carrier: Carrier::OdourlessSpirit,
                sheen: null,
                colour: '#b59c6f',
            ),
            self::enamel('streak-grime', 'Streaking grime', '#4a4030'),
            new Product(
                id: 'pigment-dust',
                name: 'Dust pigment',
                family: BinderFamily::DryPigment,
                carrier: null,
                sheen: Sheen::Matte,
                colour: '#b7a37f',
            ),
            self::pigmentEarth(),
            self::pigmentRust(),
            new Product(
                id: 'pigment-soot',
                name: 'Soot pigment',
                family: BinderFamily::DryPigment,
                carrier: null,
                sheen: Sheen::Matte,
                colour: '#2b2724',
            ),
            self::fixer(),
            new Product(
                id: 'mud-light',
                name: 'Light mud paste',
                family: BinderFamily::MudPaste,
                carrier: Carrier::Water,
                sheen: Sheen::Matte,
                colour: '#8c7453',
            ),
            self::mudDark(),
            new Product(
                id: 'mask-putty',
                name: 'Masking putty',
                family: BinderFamily::MaskingFilm,
                carrier: null,
                sheen: null,
                colour: null,
            ),
            self::steelPencil(),
            new Product(
                id: 'white-glue',
                name: 'White glue, thinned',
                family: BinderFamily::WhiteGlue,
                carrier: Carrier::Water,
                sheen: Sheen::Satin,
                colour: null,
            ),
            new Product(
                id: 'epoxy-putty',
                name: 'Two-part putty',
                family: BinderFamily::EpoxyPutty,
                carrier: null,
                sheen: Sheen::Matte,
                colour: null,
            ),
        ];
    }

    private static function acrylic(string $id, string $name, ?string $colour, Sheen $sheen = Sheen::Matte): Product
    {
        return new Product(
            id: $id,
            name: $name,
            family: BinderFamily::WaterborneAcrylic,
            carrier: Carrier::Water,
            sheen: $sheen,
            colour: $colour,
        );
    }

    private static function enamel(string $id, string $name, string $colour): Product
    {
        return new Product(
            id: $id,
            name: $name,
            family: BinderFamily::Enamel,
            carrier: Carrier::OdourlessSpirit,
            sheen: null,
            colour: $colour,
        );
    }
}
