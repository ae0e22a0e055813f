<?php

declare(strict_types=1);

namespace Ulvrach\Shelf;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Plan\Product;

/** Plain products of no particular maker, so that a plan can be laid out before the shelf is filled. */
final class StarterShelf
{
    public static function clear(Sheen $sheen): Product
    {
        return new Product("clear-{$sheen->value}", ucfirst($sheen->value).' clear, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, $sheen, null);
    }

    public static function chips(): Product
    {
        return new Product('chip-brown', 'Dark chip brown', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#3a2d27');
    }

    public static function primer(): Product
    {
        return new Product('primer-grey', 'Grey primer, lacquer', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Matte, '#7d7d7a');
    }

    public static function chippingFluid(): Product
    {
        return new Product('chipping-fluid', 'Chipping fluid', BinderFamily::ChippingFluid, Carrier::Water, Sheen::Satin, null);
    }

    public static function washBrown(): Product
    {
        return new Product('wash-brown', 'Dark brown wash', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#3b2f24');
    }

    /** @return list<Product> */
    public static function all(): array
    {
        return [
            self::primer(),
            new Product('primer-rust', 'Rust-red primer, lacquer', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Matte, '#6b3a2b'),
            new Product('paint-olive', 'Olive, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#5c5a37'),
            new Product('paint-sand', 'Sand, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#b99b66'),
            new Product('paint-grey', 'Mid grey, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#6c7072'),
            new Product('paint-white', 'Off-white, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#e4e1d6'),
            new Product('paint-rubber', 'Rubber grey, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#3c3c3b'),
            new Product('paint-wood', 'Wood, waterborne', BinderFamily::WaterborneAcrylic, Carrier::Water, Sheen::Matte, '#9a7448'),
            self::chips(),
            self::clear(Sheen::Gloss),
            self::clear(Sheen::Satin),
            self::clear(Sheen::Matte),
            new Product('clear-gloss-lacquer', 'Gloss clear, lacquer', BinderFamily::Lacquer, Carrier::LacquerThinner, Sheen::Gloss, null),
            self::chippingFluid(),
            new Product('hairspray', 'Hairspray', BinderFamily::Hairspray, Carrier::AlcoholBlend, Sheen::Gloss, null),
            new Product('decal-sheet', 'Decal sheet', BinderFamily::DecalFilm, Carrier::Water, null, '#e9e6dc'),
            new Product('filter-ochre', 'Ochre filter', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#8a6a34'),
            self::washBrown(),
            new Product('wash-rust', 'Rust wash', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#7a4a2a'),
            new Product('wash-clay', 'Dark clay wash', BinderFamily::ClayWash, Carrier::Water, null, '#4a4038'),
            new Product('oil-umber', 'Umber oil, drained', BinderFamily::ArtistOil, Carrier::OdourlessSpirit, null, '#4b3524'),
            new Product('streak-grime', 'Streaking grime', BinderFamily::Enamel, Carrier::OdourlessSpirit, null, '#4a4030'),
            new Product('pigment-dust', 'Dust pigment', BinderFamily::DryPigment, null, Sheen::Matte, '#b7a37f'),
            new Product('pigment-earth', 'Earth pigment', BinderFamily::DryPigment, null, Sheen::Matte, '#7a6148'),
            new Product('pigment-fixer', 'Pigment fixer', BinderFamily::BoundPigment, Carrier::OdourlessSpirit, Sheen::Matte, null),
            new Product('mask-putty', 'Masking putty', BinderFamily::MaskingFilm, null, null, null),
            new Product('steel-pencil', 'Steel pencil', BinderFamily::MetalPencil, null, Sheen::Satin, '#8d8f90'),
        ];
    }
}
