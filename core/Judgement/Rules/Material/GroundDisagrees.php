<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Terrain;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class GroundDisagrees extends RuleBase
{
    public const CODE = 'ground-disagrees';

    public const TITLE = 'The dirt does not come from this ground';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Dust and mud come from the ground of the story: sand leaves no wet mud, and snow no '
        .'dust.';

    protected const WATCHES = [
        Nature::Mud,
        Nature::Pigment,
        Nature::Shade,
        Nature::Colour,
        Nature::Blend,
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
                "The story is set on {$terrain->label()}, which leaves none of this.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
