<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

/** A kind of place on a zone that comes to a colour of its own. */
enum Spot: string
{
    /** The open middle of a plate. */
    case Face = 'face';
    /** Lines, hollows and round detail, where what is thin gathers. */
    case Recess = 'recess';
    /** Edges and raised detail, which wear and are dry-brushed. */
    case Edge = 'edge';
    /** The lower third, where dust and mud lie thickest. */
    case Lower = 'lower';
    /** The last colour of a camouflage. */
    case Patch = 'patch';
    case Chip = 'chip';
    case Streak = 'streak';
    /** Decals and stencilled signs. */
    case Marking = 'marking';

    /** What it is like before it comes to be: a chip was face until it was painted. */
    public function grewFrom(): self
    {
        return match ($this) {
            self::Patch, self::Streak, self::Marking => self::Face,
            self::Chip => self::Edge,
            default => $this,
        };
    }
}
