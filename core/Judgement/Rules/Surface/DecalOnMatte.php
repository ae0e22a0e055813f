<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class DecalOnMatte extends WrongSheen
{
    public const CODE = 'decal-on-matte';

    public const TITLE = 'The decal silvers on matte';

    public const EXPLANATION = 'A decal lies flat only on a smooth surface; over a rough one air stays under the film '
        .'and shines like silver.';

    protected const WATCHES = [Nature::Decal];

    protected const WRONG = Sheen::Matte;

    protected const RIGHT = Sheen::Gloss;

    protected const HAPPENS = 'The decal film silvers over the matte surface.';
}
