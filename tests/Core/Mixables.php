<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;

/** Jars to mix with: paints of two families, and some that are no part of any mix. */
final class Mixables
{
    /** @param  string|null  $hex  null: it is clear */
    public static function jar(
        string $id,
        ?string $hex,
        BinderFamily $family = BinderFamily::WaterborneAcrylic,
        mixed ...$more,
    ): Product {
        return new Product(
            $id,
            $id,
            new Material(
                ...[
                    'family' => $family,
                    'carrier' => Carrier::Water,
                    'sheen' => Sheen::Matte,
                    'colour' => $hex === null ? null : Lab::fromHex($hex),
                    ...$more,
                ],
            ),
        );
    }

    /** @return list<Product> */
    public static function all(): array
    {
        return [
            self::jar('white', '#e8e6dd'),
            self::jar('black', '#1d1d1c'),
            self::jar('ochre', '#b58a3c'),
            self::jar('green', '#3f5a37'),
            self::jar('olive', '#566043'),
            self::jar('enamel-olive', '#566043', BinderFamily::Enamel),
            self::jar('enamel-buff', '#b7a37a', BinderFamily::Enamel),
            self::jar('steel', '#8d8f90', metallic: true),
            self::jar('clear', null),
            self::jar('wash', '#2a2018', sheen: null),
        ];
    }
}
