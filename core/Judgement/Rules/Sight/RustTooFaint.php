<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\ColourRole;

final class RustTooFaint extends TooFaintRule
{
    public const CODE = 'rust-too-faint';

    public const TITLE = 'The rust is too faint';

    public const EXPLANATION = 'Light rust cannot be seen over red-brown, and shouts on sand.';

    protected function isAbout(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Rust;
    }
}
