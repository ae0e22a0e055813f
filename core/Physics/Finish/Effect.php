<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

/** How a step shows on the vehicle. Where on a face it lies is for the one who draws; what shows is said here. */
enum Effect: string
{
    /** The whole zone takes the colour. */
    case Coat = 'coat';
    /** Soft clouds within one tone. */
    case Mottle = 'mottle';
    /** Patches of camouflage. */
    case Patches = 'patches';
    /** Lies over what is to be kept until it comes off. */
    case Mask = 'mask';
    /** No colour, but how it shines. */
    case Sheen = 'sheen';
    case Marking = 'marking';
    /** A thin tint over all, or over each panel another strength of it. */
    case Tint = 'tint';
    /** Gathers along lines and round detail. */
    case Wash = 'wash';
    /** Darker towards edges of panels and below. */
    case Shade = 'shade';
    /** Lighter along raised edges. */
    case Highlight = 'highlight';
    /** Specks at edges and where feet go, some with a rim. */
    case Chips = 'chips';
    /** Worn away along edges, so that what lies below is seen. */
    case Worn = 'worn';
    case Scratches = 'scratches';
    case Streaks = 'streaks';
    /** Corrosion in hollows and along seams. */
    case Rust = 'rust';
    /** Oil and fuel round fillers and hubs. */
    case Stain = 'stain';
    /** Faces ground bright. */
    case Polish = 'polish';
    /** Single small parts. */
    case Detail = 'detail';
    case Dust = 'dust';
    case Mud = 'mud';
    /** Binds what lies loose, which turns darker. */
    case Fixed = 'fixed';
    /** Specks flung up. */
    case Splash = 'splash';
}
