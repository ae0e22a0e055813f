<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

/** What was found while a draft was laid, for when it is laid once more in fewer hours. */
final class FoundMixes
{
    /** @var array<string, array<string, int>> by what was asked for: parts by jar; empty: no mix comes near */
    public array $known = [];
}
