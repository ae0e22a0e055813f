<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** What the colour of a layer is there for: checks of contrast and of earth tones ask for it. */
enum ColourRole: string
{
    case None = 'none';
    case Ground = 'ground';
    case Base = 'base';
    case Tone = 'tone';
    case Detail = 'detail';
    case Marking = 'marking';
    case Tint = 'tint';
    case Shade = 'shade';
    case Chip = 'chip';
    case Metal = 'metal';
    case Rust = 'rust';
    case Grime = 'grime';
    case Dust = 'dust';
    case Mud = 'mud';

    /** Lies thin or thick where it lies: a breath of it, or caked. */
    public function hasAmount(): bool
    {
        return $this->isEarth() || $this === self::Rust || $this === self::Grime;
    }

    /** Dust and mud come from one ground. */
    public function isEarth(): bool
    {
        return $this === self::Dust || $this === self::Mud;
    }
}
