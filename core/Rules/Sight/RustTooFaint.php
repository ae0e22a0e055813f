<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class RustTooFaint extends ContrastRule
{
    public const CODE = 'rust-too-faint';

    public const TITLE = 'The rust is too faint';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Light rust cannot be seen over red-brown, and shouts on sand.';

    protected const ROLE = ColourRole::Rust;

    protected const WATCHES = [
        TechniqueKind::Wash,
        TechniqueKind::Streak,
        TechniqueKind::Pigment,
        TechniqueKind::Detail,
        TechniqueKind::Blend,
    ];

    /** CIEDE2000 below which a small mark is lost. */
    private const SEEN = 10.0;

    protected function fault(Lab $paint, Lab $over): ?string
    {
        return $paint->differenceTo($over) < self::SEEN ? 'is hardly seen' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
