<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

/** What the signs on a label warn of, in plain words. The label itself and the data sheet say more, and come first. */
enum LabelSign: string
{
    case Flammable = 'flammable';
    case Pressure = 'pressure';
    case Irritant = 'irritant';
    case Toxic = 'toxic';
    case Health = 'health';
    case Corrosive = 'corrosive';
    case Water = 'water';

    public function says(): string
    {
        return match ($this) {
            self::Flammable => 'flammable',
            self::Pressure => 'under pressure',
            self::Irritant => 'irritates',
            self::Toxic => 'toxic',
            self::Health => 'lasting harm to health',
            self::Corrosive => 'corrosive',
            self::Water => 'harms water life',
        };
    }

    /** By its code or its words, whatever the case of its letters. */
    public static function called(string $text): ?self
    {
        $plain = mb_strtolower(trim($text));
        foreach (self::cases() as $sign) {
            if ($plain === $sign->value || $plain === $sign->says()) {
                return $sign;
            }
        }

        return null;
    }
}
