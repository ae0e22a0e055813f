<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class StreaksTooFaint extends TooFaintRule
{
    public const CODE = 'streaks-too-faint';

    public const TITLE = 'The streaks are too faint';

    public const EXPLANATION = 'A streak is drawn out until it is nearly gone; of a colour close to its ground nothing '
        .'is left then.';

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind === TechniqueKind::Streak && $situation->technique->role !== ColourRole::Rust;
    }
}
