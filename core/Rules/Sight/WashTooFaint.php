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
use Ulvrach\Shelf\StarterShelf;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class WashTooFaint extends RuleBase
{
    public const CODE = 'wash-too-faint';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A wash shows by being darker than its base; on a dark vehicle brown or grey lines must still be darker, or lighter on purpose.';

    protected const WATCHES = [TechniqueKind::Wash];

    /** CIEDE2000 between base and wash below which the thinned line is lost. */
    private const SEEN = 12.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Shade;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $paint = $below->paint();
        if ($paint?->product->colour === null || $situation->product?->colour === null || ! in_array($situation->technique->role, [ColourRole::Shade], true)) {
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
        return [
            ...array_filter([$bench->withProduct($finding->stepId, StarterShelf::washBrown())]),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
