<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;

/** Plain products of no particular maker, so that a plan can be laid out before the shelf is filled. */
final class StarterShelf
{
    /** @return list<Product> */
    public static function all(): array
    {
        /** @var list<Product>|null $all */
        static $all = null;

        return $all ??= [
            new Product(
                id: 'primer-grey',
                name: 'Grey primer, lacquer',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#7d7d7a'),
                ),
            ),
            new Product(
                id: 'primer-rust',
                name: 'Rust-red primer, lacquer',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#6b3a2b'),
                ),
            ),
            new Product(
                id: 'primer-water',
                name: 'Grey primer, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#7d7d7a'),
                ),
            ),
            new Product(
                id: 'paint-dark',
                name: 'Dark grey, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#2f3233'),
                ),
            ),
            new Product(
                id: 'paint-olive',
                name: 'Olive, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#5c5a37'),
                ),
            ),
            new Product(
                id: 'paint-sand',
                name: 'Sand, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#b99b66'),
                ),
            ),
            new Product(
                id: 'paint-grey',
                name: 'Mid grey, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#6c7072'),
                ),
            ),
            new Product(
                id: 'paint-white',
                name: 'Off-white, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#e4e1d6'),
                ),
            ),
            new Product(
                id: 'paint-rubber',
                name: 'Rubber grey, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#3c3c3b'),
                ),
            ),
            new Product(
                id: 'paint-wood',
                name: 'Wood, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#9a7448'),
                ),
            ),
            new Product(
                id: 'paint-canvas',
                name: 'Canvas, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#a8977a'),
                ),
            ),
            new Product(
                id: 'paint-track',
                name: 'Track brown, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#4b4038'),
                ),
            ),
            new Product(
                id: 'paint-rust',
                name: 'Rust, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#7d4528'),
                ),
            ),
            new Product(
                id: 'paint-steel',
                name: 'Steel, metallic waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#7f8183'),
                    metallic: true,
                ),
            ),
            new Product(
                id: 'chip-brown',
                name: 'Dark chip brown',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#3a2d27'),
                ),
            ),
            new Product(
                id: 'clear-gloss',
                name: 'Gloss clear, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'clear-satin',
                name: 'Satin clear, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'clear-matte',
                name: 'Matte clear, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                ),
            ),
            new Product(
                id: 'clear-gloss-lacquer',
                name: 'Gloss clear, lacquer',
                material: new Material(
                    family: BinderFamily::Lacquer,
                    carrier: Carrier::LacquerThinner,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'chipping-fluid',
                name: 'Chipping fluid',
                material: new Material(
                    family: BinderFamily::ChippingFluid,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'hairspray',
                name: 'Hairspray',
                material: new Material(
                    family: BinderFamily::Hairspray,
                    carrier: Carrier::AlcoholBlend,
                    sheen: Sheen::Gloss,
                ),
            ),
            new Product(
                id: 'salt',
                name: 'Crushed salt',
                material: new Material(
                    family: BinderFamily::Salt,
                    carrier: null,
                ),
            ),
            new Product(
                id: 'decal-sheet',
                name: 'Decal sheet',
                material: new Material(
                    family: BinderFamily::DecalFilm,
                    carrier: Carrier::Water,
                    colour: Lab::fromHex('#e9e6dc'),
                ),
            ),
            new Product(
                id: 'decal-softener',
                name: 'Decal softener',
                material: new Material(
                    family: BinderFamily::DecalFilm,
                    carrier: Carrier::WettedWater,
                ),
            ),
            new Product(
                id: 'filter-ochre',
                name: 'Ochre filter',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#8a6a34'),
                ),
            ),
            new Product(
                id: 'filter-acrylic',
                name: 'Ochre in clear, waterborne',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::Water,
                    colour: Lab::fromHex('#8a6a34'),
                ),
            ),
            new Product(
                id: 'wash-brown',
                name: 'Dark brown wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#3b2f24'),
                ),
            ),
            new Product(
                id: 'wash-earth',
                name: 'Earth wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#6a553c'),
                ),
            ),
            new Product(
                id: 'wash-rust',
                name: 'Rust wash',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#7a4a2a'),
                ),
            ),
            new Product(
                id: 'wash-clay',
                name: 'Dark clay wash',
                material: new Material(
                    family: BinderFamily::ClayWash,
                    carrier: Carrier::Water,
                    colour: Lab::fromHex('#4a4038'),
                ),
            ),
            new Product(
                id: 'wash-acrylic',
                name: 'Dark acrylic wash',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: Carrier::WettedWater,
                    colour: Lab::fromHex('#43382d'),
                ),
            ),
            new Product(
                id: 'oil-umber',
                name: 'Umber oil, drained',
                material: new Material(
                    family: BinderFamily::ArtistOil,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#4b3524'),
                ),
            ),
            new Product(
                id: 'oil-buff',
                name: 'Buff oil, drained',
                material: new Material(
                    family: BinderFamily::ArtistOil,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#b59c6f'),
                ),
            ),
            new Product(
                id: 'streak-grime',
                name: 'Streaking grime',
                material: new Material(
                    family: BinderFamily::Enamel,
                    carrier: Carrier::OdourlessSpirit,
                    colour: Lab::fromHex('#4a4030'),
                ),
            ),
            new Product(
                id: 'pigment-dust',
                name: 'Dust pigment',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#b7a37f'),
                ),
            ),
            new Product(
                id: 'pigment-earth',
                name: 'Earth pigment',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#7a6148'),
                ),
            ),
            new Product(
                id: 'pigment-rust',
                name: 'Rust pigment',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8a4f2c'),
                ),
            ),
            new Product(
                id: 'pigment-soot',
                name: 'Soot pigment',
                material: new Material(
                    family: BinderFamily::DryPigment,
                    carrier: null,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#2b2724'),
                ),
            ),
            new Product(
                id: 'pigment-fixer',
                name: 'Pigment fixer',
                material: new Material(
                    family: BinderFamily::BoundPigment,
                    carrier: Carrier::OdourlessSpirit,
                    sheen: Sheen::Matte,
                ),
            ),
            new Product(
                id: 'mud-light',
                name: 'Light mud paste',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#8c7453'),
                ),
            ),
            new Product(
                id: 'mud-dark',
                name: 'Dark mud paste',
                material: new Material(
                    family: BinderFamily::MudPaste,
                    carrier: Carrier::Water,
                    sheen: Sheen::Matte,
                    colour: Lab::fromHex('#54432f'),
                ),
            ),
            new Product(
                id: 'mask-putty',
                name: 'Masking putty',
                material: new Material(
                    family: BinderFamily::MaskingFilm,
                    carrier: null,
                ),
            ),
            new Product(
                id: 'steel-pencil',
                name: 'Steel pencil',
                material: new Material(
                    family: BinderFamily::MetalPencil,
                    carrier: null,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#8d8f90'),
                    metallic: true,
                ),
            ),
            new Product(
                id: 'buff-pencil',
                name: 'Buff wax pencil',
                material: new Material(
                    family: BinderFamily::MetalPencil,
                    carrier: null,
                    sheen: Sheen::Satin,
                    colour: Lab::fromHex('#b9b39b'),
                ),
            ),
            new Product(
                id: 'white-glue',
                name: 'White glue, thinned',
                material: new Material(
                    family: BinderFamily::WhiteGlue,
                    carrier: Carrier::Water,
                    sheen: Sheen::Satin,
                ),
            ),
            new Product(
                id: 'epoxy-putty',
                name: 'Two-part putty',
                material: new Material(
                    family: BinderFamily::EpoxyPutty,
                    carrier: null,
                    sheen: Sheen::Matte,
                ),
            ),
        ];
    }
}
