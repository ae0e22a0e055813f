<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Sight;

use Ulvrach\Colour\Lab;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\ColourRole;

/**
 * A colour of a certain role is held against the paint that it goes on.
 *
 * @internal to Ulvrach\Rules\Sight
 */
abstract class ContrastRule extends RuleBase
{
    /** @var ColourRole */
    protected const ROLE = ColourRole::Shade;

    /** What is wrong with the two, as the words between their names; null: nothing. */
    abstract protected function fault(Lab $paint, Lab $over): ?string;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->role === static::ROLE && $situation->product?->material->colour !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $paint = $below->paint();
        $product = $situation->product;
        if ($paint?->product->material->colour === null || $product?->material->colour === null) {
            return null;
        }
        $fault = $this->fault($paint->product->material->colour, $product->material->colour);

        return $fault === null
            ? null
            : $this->finding(
                Severity::Note,
                $situation,
                $below,
                "“{$product->name}” {$fault} on “{$paint->product->name}”.",
            );
    }
}
