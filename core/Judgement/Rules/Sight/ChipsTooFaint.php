<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\Nature;

final class ChipsTooFaint extends TooFaintRule
{
    public const CODE = 'chips-too-faint';

    public const TITLE = 'The chips are too faint';

    public const EXPLANATION = 'A chip is small: it has to differ from its ground by more than a patch would, or it '
        .'reads as nothing at all.';

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind->is(Nature::Chips);
    }
}
