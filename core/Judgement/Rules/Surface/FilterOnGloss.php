<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Stuff\Technique\Nature;

final class FilterOnGloss extends WrongSheen
{
    public const CODE = 'filter-on-gloss';

    public const TITLE = 'The filter beads on gloss';

    public const EXPLANATION = 'A filter needs a surface with some tooth to spread as an even tint; on gloss it draws '
        .'together into beads and pools.';

    protected const WATCHES = [Nature::Filter];

    protected const HAPPENS = 'The filter beads and pools on the gloss instead of tinting it evenly.';
}
