<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How the patches of a camouflage colour run. */
enum Pattern: string
{
    /** Clouds of any outline. */
    case Patches = 'patches';
    /** Wavy bands that cross the vehicle aslant. */
    case Bands = 'bands';
}
