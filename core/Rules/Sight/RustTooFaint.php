<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class RustTooFaint extends RuleBase
{
    public const CODE = 'rust-too-faint';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Light rust cannot be seen over red-brown, and shouts on sand.';

    protected const WATCHES = [TechniqueKind::Wash, TechniqueKind::Streak, TechniqueKind::Pigment, TechniqueKind::Detail, TechniqueKind::Blend];

    /** CIEDE2000 below which a small mark is lost. */
    private const SEEN = 10.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Rust;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $paint = $below->paint();
        if ($paint?->product->colour === null || $situation->product?->colour === null || ! in_array($situation->technique->role, [ColourRole::Rust], true)) {
            return null;
        }
        $base = Lab::fromHex($paint->product->colour);
        $over = Lab::fromHex($situation->product->colour);

        return $base->differenceTo($over) < self::SEEN
            ? $this->finding(Severity::Note, $situation, $below, "“{$situation->product->name}” is hardly seen on “{$paint->product->name}”.")
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
