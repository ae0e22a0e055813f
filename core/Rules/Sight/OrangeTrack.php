<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;

final class OrangeTrack extends RuleBase
{
    public const CODE = 'orange-track';

    public const TITLE = 'The track is orange';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'A track that runs is brown and bright, not orange: fresh rust is ground off at once.';

    /** Chroma and L* beyond which rust reads as fresh. */
    private const BRIGHT = 38.0;

    private const PALE = 38.0;

    public function concerns(Situation $situation): bool
    {
        $isTone = $situation->technique->role === ColourRole::Rust || $situation->technique->code === 'track-wash';

        return $isTone && $situation->product?->material->colour !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $colour = $situation->product?->material->colour;
        if ($colour === null || $below->zone->kind !== ZoneKind::Tracks) {
            return null;
        }

        return $colour->chroma() > self::BRIGHT && $colour->l > self::PALE
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
        return [
            $bench->withProduct(
                $finding->stepId,
                // Worn rust is the brown of the track's own ground.
                $bench
                    ->need('track-base')
                    ->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
