<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Stuff\Chemistry\BinderFamily;

/** What a jar is there for. Where its owner has not said it, what is in it tells. */
enum JarRole: string
{
    case Primer = 'primer';
    case Paint = 'paint';
    case Metal = 'metal';
    case Clear = 'clear';
    /** Washes, filters and streaks that come ready. */
    case Wash = 'wash';
    case Oil = 'oil';
    case Pigment = 'pigment';
    case Mud = 'mud';
    case Chipping = 'chipping';
    case Marking = 'marking';
    /** Masks, glue, putty, fixer. */
    case Aid = 'aid';

    public function label(): string
    {
        return match ($this) {
            self::Primer => 'primer',
            self::Paint => 'paint',
            self::Metal => 'metal',
            self::Clear => 'clear coat',
            self::Wash => 'wash or filter',
            self::Oil => 'oil',
            self::Pigment => 'pigment',
            self::Mud => 'mud',
            self::Chipping => 'chipping',
            self::Marking => 'marking',
            self::Aid => 'aid',
        };
    }

    /** A primer looks like any other paint: it is one only where somebody says so. */
    public static function of(Material $material): self
    {
        return match ($material->family) {
            BinderFamily::WaterborneAcrylic,
            BinderFamily::AlcoholAcrylic,
            BinderFamily::Lacquer,
            BinderFamily::Enamel => match (true) {
                $material->metallic => self::Metal,
                $material->colour === null => self::Clear,
                $material->sheen === null => self::Wash,
                default => self::Paint,
            },
            BinderFamily::ArtistOil => self::Oil,
            BinderFamily::ClayWash => self::Wash,
            BinderFamily::DryPigment => self::Pigment,
            BinderFamily::MudPaste => self::Mud,
            BinderFamily::MetalPencil => self::Metal,
            BinderFamily::ChippingFluid, BinderFamily::Hairspray, BinderFamily::Salt => self::Chipping,
            BinderFamily::DecalFilm => self::Marking,
            BinderFamily::BoundPigment,
            BinderFamily::MaskingFilm,
            BinderFamily::WhiteGlue,
            BinderFamily::EpoxyPutty => self::Aid,
        };
    }

    /** By its code or its words, whatever the case of its letters. */
    public static function called(string $text): ?self
    {
        $plain = mb_strtolower(trim($text));
        foreach (self::cases() as $role) {
            if ($plain === $role->value || $plain === $role->label()) {
                return $role;
            }
        }

        return null;
    }
}
