<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\TechniqueKind;

final class WeakColourOnDark extends RuleBase
{
    public const CODE = 'weak-colour-on-dark';

    public const TITLE = 'A weak colour goes on a dark ground';

    public const EXPLANATION = 'Yellow, red and light pigments hide badly: over a dark ground they stay dull until '
        .'many coats have covered it.';

    protected const WATCHES = [TechniqueKind::Colour];

    /** Coats that a weak colour takes, and the L* of a ground that it has to fight. */
    private const COATS = 3;

    private const DARK = 28.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === ColourRole::Base;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $paint = $below->paint();
        if (
            $paint?->product->material->colour === null ||
            $situation->product?->material->colour === null ||
            $situation->technique->role !== ColourRole::Base ||
            $situation->step->coats >= self::COATS
        ) {
            return null;
        }
        $over = $situation->product->material->colour;
        $isWeak = $over->l > 75 || ($over->chroma() > 45 && $over->hue() < 110);

        return $isWeak && $paint->product->material->colour->l < self::DARK
            ? $this->finding(
                Severity::Note,
                $situation,
                $below,
                "“{$situation->product->name}” hides badly over “{$paint->product->name}”; "
                    .($situation->step->coats === 1
                        ? 'one coat stays dull.'
                        : "{$situation->step->coats} coats stay dull."),
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->inCoats($finding->stepId, self::COATS)];
    }
}
