<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

/** What a way out does, in the order of how easily it is taken back itself. */
enum WayKind: string
{
    /** Nothing, or waiting. */
    case Leave = 'leave';
    /** A liquid takes the film off, or moves it. */
    case Liquid = 'liquid';
    /** By hand, without a liquid. */
    case Dry = 'dry';
    /** A step that mends it. */
    case Mend = 'mend';
    /** A step that makes it part of the finish. */
    case Weather = 'weather';
}
