<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Surface;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Technique\TechniqueKind;

final class WashOnMatte extends WrongSheen
{
    public const CODE = 'wash-on-matte';

    public const EXPLANATION =
        'Matte paint soaks a spirit wash up: it stains the faces, leaves tide marks and cannot '.
        'be cleaned back; on gloss it runs along the lines.';

    protected const WATCHES = [TechniqueKind::Wash];

    protected const WRONG = Sheen::Matte;

    protected const RIGHT = Sheen::Gloss;

    protected const HAPPENS = 'The wash stains the matte paint and leaves tide marks that do not clean off.';

    /** A clay wash wipes off matte paint, and rust is meant to stain. */
    public function concerns(Situation $situation): bool
    {
        $isClay = $situation->product?->material->family === BinderFamily::ClayWash;

        return ! $isClay && ! $situation->technique->depictsRust;
    }
}
