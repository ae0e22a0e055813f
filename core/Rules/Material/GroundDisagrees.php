<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Plan\Terrain;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class GroundDisagrees extends RuleBase
{
    public const CODE = 'ground-disagrees';

    public const TITLE = 'The dirt does not come from this ground';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Dust and mud come from the ground of the story: sand leaves no wet mud, and snow no '
        .'dust.';

    protected const WATCHES = [
        TechniqueKind::Mud,
        TechniqueKind::Pigment,
        TechniqueKind::Shade,
        TechniqueKind::Colour,
        TechniqueKind::Blend,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->plan->build->terrain !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $terrain = $situation->plan->build->terrain;
        $role = $situation->technique->role;
        $wrong =
            ($terrain?->isDry() === true && $situation->technique->code === 'wet-mud') ||
            ($terrain === Terrain::Snow && $role === ColourRole::Dust);

        return $wrong && $terrain !== null
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                "The story is set on {$terrain->label()}, which leaves none of this.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
