<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Shelf\StarterShelf;
use Ulvrach\Technique\ColourRole;

final class OrangeTrack extends RuleBase
{
    public const CODE = 'orange-track';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'A track that runs is brown and bright, not orange: fresh rust is ground off at once.';

    /** Chroma and L* beyond which rust reads as fresh. */
    private const BRIGHT = 38.0;

    private const PALE = 38.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Rust && $situation->product?->colour !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $colour = $situation->product?->colour;
        if (
            $colour === null ||
            $below->zone->kind !== ZoneKind::Tracks ||
            $situation->technique->role !== ColourRole::Rust
        ) {
            return null;
        }
        $lab = Lab::fromHex($colour);

        return $lab->chroma() > self::BRIGHT && $lab->l > self::PALE
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                "“{$situation->product->name}” is too bright for a running track.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return array_values(
            array_filter([
                $bench->withProduct($finding->stepId, StarterShelf::chips()),
                $bench->leaveOut($finding->stepId, $finding->zones),
            ]),
        );
    }
}
