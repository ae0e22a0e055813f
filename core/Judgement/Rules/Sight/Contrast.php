<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

/**
 * A mark held against the face around it: as it is laid, and as it is when all is done.
 *
 * @internal to Ulvrach\Judgement\Rules\Sight
 */
final readonly class Contrast
{
    /** Where the mark of a step is seen best; null: it leaves no mark, but a coat, a tint or nothing. */
    public static function spotOf(Situation $situation): ?Spot
    {
        $technique = $situation->technique;
        if ($technique->coverage === Coverage::Whole) {
            return $situation->kind->is(Nature::Wash) && $technique->role === ColourRole::Shade
                ? Spot::Recess
                : null;
        }

        $kind = $situation->kind;

        return match (true) {
            $kind->is(Nature::Wash) => Spot::Recess,
            $kind->is(Nature::Streak) => Spot::Streak,
            $kind->is(Nature::Chips) => $technique->code === 'dry-brush' ? null : Spot::Chip,
            $technique->role === ColourRole::Rust &&
            $kind->isAny(Nature::Pigment, Nature::Blend, Nature::Detail) => Spot::Recess,
            default => null,
        };
    }

    /**
     * CIEDE2000 from which a mark is seen at arm's length; docs/forecast.md, "what reads". A speck is small and needs
     * most, a line less, and what runs out over a face the least.
     */
    public static function reads(Situation $situation): float
    {
        return match (true) {
            $situation->kind->is(Nature::Chips) => 8.0,
            $situation->kind->is(Nature::Streak), $situation->technique->role === ColourRole::Rust => 2.5,
            default => 5.0,
        };
    }

    /** @param  int|null  $step  index of the step whose mark it is; null: the last that has made one of the kind */
    public static function in(Colours $colours, Spot $spot, ?int $step = null): self
    {
        return new self(
            $step === null ? $colours->of($spot) : $colours->madeBy($step, $spot),
            $colours->of(Spot::Face),
            $colours,
        );
    }

    private function __construct(public Lab $mark, public Lab $ground, private Colours $colours)
    {
    }

    /** CIEDE2000 */
    public function difference(): float
    {
        return $this->colours->between($this->mark, $this->ground);
    }

    /** L* by which the mark is darker. */
    public function depth(): float
    {
        return $this->ground->l - $this->mark->l;
    }
}
