<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How a model stands on its base: what runs down it runs towards its lowest side, and water and mud gather there. */
enum Pose: string
{
    case Level = 'level';
    case NoseDown = 'nose-down';
    case NoseUp = 'nose-up';
    case LeansLeft = 'leans-left';
    case LeansRight = 'leans-right';

    /** Where streaks run, as it is said at the bench; null: straight down. */
    public function runsTowards(): ?string
    {
        return match ($this) {
            self::Level => null,
            self::NoseDown => 'the bow',
            self::NoseUp => 'the rear',
            self::LeansLeft => 'the left side',
            self::LeansRight => 'the right side',
        };
    }

    /** Whether what stood level on the level vehicle lets rain run here. */
    public function tilts(): bool
    {
        return $this !== self::Level;
    }

    /** Whether a face of this kind is the low end. */
    public function lowers(ZoneKind $kind): bool
    {
        return match ($this) {
            self::NoseDown => $kind === ZoneKind::Glacis,
            self::NoseUp => $kind === ZoneKind::RearPlate,
            default => false,
        };
    }
}
