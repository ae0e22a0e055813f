<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Technique\ColourRole;

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
