<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/** The usual order of work, from the bare part to the last coat. */
enum Stage: string
{
    case Ground = 'ground';
    case Colour = 'colour';
    case Chipping = 'chipping';
    case Detail = 'detail';
    case Markings = 'markings';
    case Tint = 'tint';
    case Wear = 'wear';
    case Tracks = 'tracks';
    case Dust = 'dust';
    case Seal = 'seal';
    case Assembly = 'assembly';
}
