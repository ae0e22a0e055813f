<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/**
 * How much of the zone a film closes off: what lies under anything but a whole film is still within a liquid's reach.
 */
enum Coverage: string
{
    case Whole = 'whole';
    case Partial = 'partial';
    case Grain = 'grain';
}
