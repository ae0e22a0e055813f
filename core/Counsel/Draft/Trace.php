<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

/** What a life leaves on a vehicle. */
enum Trace: string
{
    /** Paint chipped from edges and where boots tread. */
    case Chips = 'chips';
    case Rubbing = 'rubbing';
    case Rust = 'rust';
    /** Rain and grime that ran down. */
    case Streaks = 'streaks';
    case Dust = 'dust';
    case Mud = 'mud';
    case Oil = 'oil';
    case Soot = 'soot';
    /** Paint burned off or turned by heat. */
    case Heat = 'heat';
}
