<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** How a product gets onto the model. */
enum Application: string
{
    case Airbrush = 'airbrush';
    case Brush = 'brush';
    case Sponge = 'sponge';
    case Scrub = 'scrub';
    case Dry = 'dry';
    case Can = 'can';
}
