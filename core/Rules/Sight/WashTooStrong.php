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

final class WashTooStrong extends RuleBase
{
    public const CODE = 'wash-too-strong';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Nearly black lines on a light vehicle draw a net over it; a brown or grey of the same hue does not.';

    protected const WATCHES = [TechniqueKind::Wash];

    /** L* by which a line may be darker than its base. */
    private const A_NET = 52.0;

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

        return $base->l - $over->l > self::A_NET
            ? $this->finding(Severity::Note, $situation, $below, "“{$situation->product->name}” draws hard lines on “{$paint->product->name}”.")
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return array_values(array_filter([$bench->withProduct($finding->stepId, StarterShelf::washEarth()), $bench->leaveOut($finding->stepId, $finding->zones)]));
    }
}
