<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class PigmentOnGloss extends WrongSheen
{
    public const CODE = 'pigment-on-gloss';

    public const TITLE = 'Pigment slides off gloss';

    public const EXPLANATION = 'Pigment holds only in the tooth of a matte surface; on gloss it slides off at the '
        .'first touch.';

    protected const WATCHES = [Nature::Pigment];

    protected const RIGHT = Sheen::Matte;

    protected const HAPPENS = 'The pigment finds no hold on the gloss and rubs off.';
}
