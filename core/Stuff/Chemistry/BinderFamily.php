<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** What a dry film is made of. The labels on jars hide this; everything that can go wrong follows from it. */
enum BinderFamily: string
{
    case WaterborneAcrylic = 'waterborne-acrylic';
    case AlcoholAcrylic = 'alcohol-acrylic';
    case Lacquer = 'lacquer';
    case Enamel = 'enamel';
    case ArtistOil = 'artist-oil';
    case ChippingFluid = 'chipping-fluid';
    case Hairspray = 'hairspray';
    case ClayWash = 'clay-wash';
    case DryPigment = 'dry-pigment';
    case BoundPigment = 'bound-pigment';
    case MudPaste = 'mud-paste';
    case DecalFilm = 'decal-film';
    case MaskingFilm = 'masking-film';
    case MetalPencil = 'metal-pencil';
    case Salt = 'salt';
    case WhiteGlue = 'white-glue';
    case EpoxyPutty = 'epoxy-putty';

    public function label(): string
    {
        return match ($this) {
            self::WaterborneAcrylic => 'waterborne acrylic',
            self::AlcoholAcrylic => 'alcohol-borne acrylic',
            self::Lacquer => 'lacquer',
            self::Enamel => 'enamel',
            self::ArtistOil => 'artist oil',
            self::ChippingFluid => 'chipping film',
            self::Hairspray => 'hairspray film',
            self::ClayWash => 'clay wash',
            self::DryPigment => 'loose pigment',
            self::BoundPigment => 'bound pigment',
            self::MudPaste => 'mud paste',
            self::DecalFilm => 'decal film',
            self::MaskingFilm => 'masking film',
            self::MetalPencil => 'pencil or wax',
            self::Salt => 'salt',
            self::WhiteGlue => 'white glue',
            self::EpoxyPutty => 'epoxy putty',
        };
    }

    /** @return list<self> the families that paint and clear coats come in */
    public static function paints(): array
    {
        return [self::WaterborneAcrylic, self::AlcoholAcrylic, self::Lacquer, self::Enamel];
    }

    /** Films that dry by taking up oxygen, and that their own thinner wakes for days. */
    public function oxidises(): bool
    {
        return $this === self::Enamel || $this === self::ArtistOil;
    }

    /** What a product of this family usually brings along; null: it is dry. */
    public function usualCarrier(): ?Carrier
    {
        return match ($this) {
            self::DryPigment => null,
            self::BoundPigment => Carrier::OdourlessSpirit,
            self::WaterborneAcrylic,
            self::AlcoholAcrylic,
            self::Lacquer,
            self::Enamel,
            self::ArtistOil,
            self::ChippingFluid,
            self::Hairspray,
            self::ClayWash,
            self::MudPaste,
            self::DecalFilm,
            self::MaskingFilm,
            self::MetalPencil,
            self::Salt,
            self::WhiteGlue,
            self::EpoxyPutty => $this->ownThinners()[0] ?? null,
        };
    }

    /**
     * Carriers that thin this product without curdling it. Another one is a stranger's thinner.
     *
     * @return list<Carrier>
     */
    public function ownThinners(): array
    {
        return match ($this) {
            self::WaterborneAcrylic => [Carrier::Water, Carrier::WettedWater, Carrier::AlcoholBlend],
            self::AlcoholAcrylic => [Carrier::AlcoholBlend, Carrier::LacquerThinner],
            self::Lacquer => [Carrier::LacquerThinner],
            self::Enamel, self::ArtistOil => [Carrier::OdourlessSpirit, Carrier::WhiteSpirit],
            self::ChippingFluid, self::ClayWash => [Carrier::Water, Carrier::WettedWater],
            self::Hairspray => [Carrier::AlcoholBlend],
            self::DryPigment => [
                Carrier::Water,
                Carrier::WettedWater,
                Carrier::AlcoholBlend,
                Carrier::OdourlessSpirit,
                Carrier::WhiteSpirit,
            ],
            self::BoundPigment, self::MudPaste => [
                Carrier::Water,
                Carrier::WettedWater,
                Carrier::OdourlessSpirit,
                Carrier::WhiteSpirit,
            ],
            self::DecalFilm, self::WhiteGlue => [Carrier::Water, Carrier::WettedWater],
            self::MaskingFilm, self::MetalPencil, self::Salt, self::EpoxyPutty => [],
        };
    }
}
