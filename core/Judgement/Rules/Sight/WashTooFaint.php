<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class WashTooFaint extends TooFaintRule
{
    public const CODE = 'wash-too-faint';

    public const TITLE = 'The wash is too faint';

    public const EXPLANATION = 'A wash shows by being darker than its base; on a dark vehicle brown or grey lines '
        .'must still be darker, or lighter on purpose.';

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind->is(Nature::Wash) && $situation->technique->role === ColourRole::Shade;
    }
}
