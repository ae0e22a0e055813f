<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How the colours of a vehicle share it. */
enum Scheme: string
{
    case Plain = 'plain';
    case SoftEdged = 'soft-edged';
    case HardEdged = 'hard-edged';
    /** A white that was put over the other colours for some months, and wears off. */
    case Winter = 'winter';
}
