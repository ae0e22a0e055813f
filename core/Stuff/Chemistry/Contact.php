<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** How long a liquid dwells on the film below, and whether it is rubbed. Matters as much as the liquid. */
enum Contact
{
    case Dab;
    case Mist;
    case Coat;
    case Brush;
    case Flood;
    case Wipe;
    case Scrub;

    /**
     * Levels by which it is fiercer than a brush: a dab hardly wets, a mist hardly dwells, a sprayed coat flashes off a
     * film that is through before it bites, a flood dwells, and a scrub rubs what has softened.
     */
    public function shift(CureState $state): int
    {
        return match ($this) {
            self::Dab => -2,
            self::Mist => -1,
            self::Coat => $state === CureState::SolventProof ? -1 : 0,
            self::Brush, self::Wipe => 0,
            self::Flood, self::Scrub => 1,
        };
    }

    public function rubs(): bool
    {
        return $this === self::Wipe || $this === self::Scrub;
    }

    /** Wets it for a shorter time, or as long without rubbing. Flooding and scrubbing cannot be compared. */
    public function isGentlerThan(self $other): bool
    {
        $own = $this->shift(CureState::Recoatable);
        $its = $other->shift(CureState::Recoatable);

        $isAsWet = $own === $its && $this !== self::Flood;

        return (! $this->rubs() || $other->rubs()) &&
            ($own < $its || ($isAsWet && ! $this->rubs() && $other->rubs()));
    }

    public function isSprayed(): bool
    {
        return $this === self::Mist || $this === self::Coat;
    }

    public function verb(): string
    {
        return match ($this) {
            self::Dab => 'dabbed',
            self::Mist => 'misted',
            self::Coat => 'sprayed',
            self::Brush => 'brushed',
            self::Flood => 'flooded',
            self::Wipe => 'wiped',
            self::Scrub => 'scrubbed',
        };
    }
}
