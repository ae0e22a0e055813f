<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** A line on a face: a joint, a louvre, a weld, a rope. */
final readonly class Line
{
    /** @param  list<array{float, float, float}>  $points  in millimetres */
    public function __construct(public Stroke $stroke, public array $points)
    {
    }
}
