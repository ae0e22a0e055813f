<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

final class WashOnMatte extends WrongSheen implements LooksAtZone
{
    public const CODE = 'wash-on-matte';

    public const TITLE = 'The wash soaks into matte paint';

    public const EXPLANATION =
        'Matte paint soaks a spirit wash up: it stains the faces, leaves tide marks and cannot '.
        'be cleaned back; on gloss it runs along the lines.';

    protected const WATCHES = [Nature::Wash];

    protected const WRONG = Sheen::Matte;

    protected const RIGHT = Sheen::Gloss;

    protected const HAPPENS = 'The wash stains the matte paint and leaves tide marks that do not clean off.';

    /** What is meant to stay dark is at home on matte: rust, a track wash, waterborne paint; so is clay left alone. */
    public function concerns(Situation $situation): bool
    {
        $family = $situation->product?->material->family;
        $isSpirit = $family?->oxidises() === true && $situation->technique->code !== 'track-wash';

        return ! $situation->technique->depictsRust && ($isSpirit || $situation->step->cleanUp !== []) &&
            $family !== BinderFamily::WaterborneAcrylic;
    }

    /** Wood, leather and canvas are stained on purpose. */
    public function examine(Situation $situation, Strata $below): ?Finding
    {
        return in_array($below->zone()->depicts, [DepictedMaterial::Wood, DepictedMaterial::Canvas], true)
            ? null
            : parent::examine($situation, $below);
    }
}
