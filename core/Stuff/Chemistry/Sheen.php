<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** How smooth the surface is: it decides whether a liquid runs, bites or beads. */
enum Sheen: string
{
    case Gloss = 'gloss';
    case Satin = 'satin';
    case Matte = 'matte';
}
