<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** Wet is not dry: may be touched, may be coated over, may be rubbed with solvent. In that order. */
enum CureState: int
{
    case Wet = 0;
    case TouchDry = 1;
    case Recoatable = 2;
    case SolventProof = 3;

    /** The same in a word that fits the film: salt does not get recoatable, it dries. */
    public function labelOf(BinderFamily $film): string
    {
        $isDrying = $this === self::TouchDry || $this === self::Recoatable;

        return match ($film) {
            BinderFamily::Salt,
            BinderFamily::ClayWash,
            BinderFamily::ChippingFluid,
            BinderFamily::Hairspray,
            BinderFamily::WhiteGlue => $isDrying ? 'dry' : $this->label(),
            BinderFamily::EpoxyPutty => $isDrying ? 'firm' : 'hard',
            BinderFamily::DecalFilm => $this === self::Recoatable ? 'dry underneath' : $this->label(),
            BinderFamily::MudPaste, BinderFamily::BoundPigment => $this === self::Recoatable ? 'firm' : $this->label(),
            BinderFamily::WaterborneAcrylic,
            BinderFamily::AlcoholAcrylic,
            BinderFamily::Lacquer,
            BinderFamily::Enamel,
            BinderFamily::ArtistOil,
            BinderFamily::DryPigment,
            BinderFamily::MaskingFilm,
            BinderFamily::MetalPencil => $this->label(),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Wet => 'wet',
            self::TouchDry => 'touch-dry',
            self::Recoatable => 'recoatable',
            self::SolventProof => 'solvent-proof',
        };
    }
}
