<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

/** What a draft goes without that would take more hours than there are: what is missed least comes first. */
enum Thrift: string
{
    case Seams = 'seams';
    case HiddenLines = 'hidden-lines';
    case SecondWear = 'second-wear';
    case RubbedDust = 'rubbed-dust';
    case RustRuns = 'rust-runs';
    case MoreOils = 'more-oils';
    case Masks = 'masks';

    /** Whether one evening is too short for it, whatever the vehicle. */
    public function isOfOneEvening(): bool
    {
        return in_array($this, [self::Seams, self::HiddenLines, self::Masks], true);
    }

    /** As it stands among what was left out. */
    public function says(): string
    {
        return match ($this) {
            self::Seams => 'Seams and mould lines: for want of hours they are taken as cleaned up while building.',
            self::RubbedDust => 'Dust rubbed in and fixed: for want of hours it is sprayed as a mist.',
            self::SecondWear => 'Rims of chips: for want of hours the dark core has to do.',
            self::HiddenLines => 'Lines on wheels, chassis and inside: for want of hours they go only where one looks.',
            self::RustRuns => 'Rust running from the chips: it takes more hours than there are.',
            self::Masks => 'Masks: for want of hours the edges are sprayed freehand, and are soft.',
            self::MoreOils => 'More than one oil: the hours do for the first.',
        };
    }
}
