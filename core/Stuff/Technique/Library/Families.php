<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;

/** @internal sets of families that many techniques share */
final class Families
{
    public const PAINTS = [
        BinderFamily::WaterborneAcrylic,
        BinderFamily::AlcoholAcrylic,
        BinderFamily::Lacquer,
        BinderFamily::Enamel,
    ];

    public const CLEARS = [BinderFamily::WaterborneAcrylic, BinderFamily::AlcoholAcrylic, BinderFamily::Lacquer];

    public const SPIRIT = [BinderFamily::Enamel, BinderFamily::ArtistOil];

    public const BRUSHED = [...self::PAINTS, BinderFamily::ArtistOil];
}
