<?php

declare(strict_types=1);

namespace Ulvrach\Chemistry;

/** How long a liquid dwells on the film below, and whether it is rubbed. Matters as much as the liquid. */
enum Contact
{
    case Mist;
    case Flood;
    case Wipe;
    case Scrub;

    /** A dry mist hardly dwells; a scrub rubs what has softened. */
    public function shift(): int
    {
        return match ($this) {
            self::Mist => -1,
            self::Flood, self::Wipe => 0,
            self::Scrub => 1,
        };
    }

    public function rubs(): bool
    {
        return $this === self::Wipe || $this === self::Scrub;
    }

    public function verb(): string
    {
        return match ($this) {
            self::Mist => 'misted',
            self::Flood => 'brushed',
            self::Wipe => 'wiped',
            self::Scrub => 'scrubbed',
        };
    }
}
