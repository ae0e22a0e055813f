<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class StreaksTooFaint extends TooFaintRule
{
    public const CODE = 'streaks-too-faint';

    public const TITLE = 'The streaks are too faint';

    public const EXPLANATION = 'A streak is drawn out until it is nearly gone; of a colour close to its ground nothing '
        .'is left then.';

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind->is(Nature::Streak) && $situation->technique->role !== ColourRole::Rust;
    }
}
