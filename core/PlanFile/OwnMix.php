<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Palette\Cup;

/** A mix that somebody has kept. */
final readonly class OwnMix
{
    public function __construct(public string $name, public Cup $cup, public string $note)
    {
    }
}
