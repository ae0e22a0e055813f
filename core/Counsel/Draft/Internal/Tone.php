<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Light\Colour\Lab;

/** A colour that something is to have, what a jar of it is called, and why it is this one. */
final readonly class Tone
{
    /** @param  string  $why  a sentence */
    public function __construct(public Lab $colour, public string $name, public string $why = '')
    {
    }
}
