<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

use Ulvrach\Chemistry\Contact;

/** How a product gets onto the model. */
enum Application: string
{
    case Airbrush = 'airbrush';
    case Brush = 'brush';
    case Sponge = 'sponge';
    case Scrub = 'scrub';
    case Dry = 'dry';

    /** Null: nothing liquid reaches the surface. */
    public function contact(): ?Contact
    {
        return match ($this) {
            self::Airbrush => Contact::Mist,
            self::Brush, self::Sponge => Contact::Flood,
            self::Scrub => Contact::Scrub,
            self::Dry => null,
        };
    }
}
