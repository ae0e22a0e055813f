<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/**
 * One thing that is true of a kind of work, for rules, physics and pictures to ask about. The first half says what is
 * done, the second what several kinds have in common; what a kind has says Kinds. Values are bits.
 */
enum Nature: int
{
    /** Grips the bare part, so that paint holds. */
    case Prime = 1 << 0;
    /** A coat of a vehicle's colour. */
    case Colour = 1 << 1;
    /** A tone that is misted, dabbed or glazed into the colour. */
    case Shade = 1 << 2;
    /** Small things painted by hand. */
    case Detail = 1 << 3;
    /** Covers what shall keep its colour. */
    case Mask = 1 << 4;
    case Unmask = 1 << 5;
    /** Closes off what lies below. */
    case ClearCoat = 1 << 6;
    /** Water lifts it again, and the paint that lies on it. */
    case ReleaseFilm = 1 << 7;
    case LiftOff = 1 << 8;
    /** Takes paint off by rubbing or scratching. */
    case Abrade = 1 << 9;
    case Decal = 1 << 10;
    /** Draws a marking down onto what it lies on. */
    case Soften = 1 << 11;
    /** Changes the tone of a whole face a little. */
    case Filter = 1 << 12;
    /** Gathers in recesses. */
    case Wash = 1 << 13;
    /** Dots of colour, drawn out on the surface. */
    case Blend = 1 << 14;
    /** Painted marks where paint has gone. */
    case Chips = 1 << 15;
    /** Runs down from something. */
    case Streak = 1 << 16;
    /** Shines as bare metal. */
    case Metal = 1 << 17;
    /** Loose grains without a binder. */
    case Pigment = 1 << 18;
    /** Earth as a paste, which stands up from the surface. */
    case Mud = 1 << 19;
    /** Binds loose grains. */
    case FixPigment = 1 << 20;
    /** Looks wet, or like glass. */
    case Gloss = 1 << 21;
    case Sculpt = 1 << 22;
    /** Part comes to part; what lies between is out of reach. */
    case Join = 1 << 23;
    /** Nothing but looking. */
    case Look = 1 << 24;
    case TestPatch = 1 << 25;
    /** Draws off what earlier work has left too much of. */
    case CleanUp = 1 << 26;
    case Prepare = 1 << 27;
    case WarmAir = 1 << 28;

    /** A film with a binder or grain of its own stays on the zone. */
    case LeavesFilm = 1 << 32;
    /** Worked while it is open, so that more of the same goes into it. */
    case WorkedWet = 1 << 33;
    /** In grains or paste: more of it goes onto what lies there. */
    case Earth = 1 << 34;
    /** Lies in places: an edge, a run, a spot. Two of them meet by chance. */
    case Spots = 1 << 35;
    /** Colour that chips can be lifted out of when it lies on a release film. */
    case CoatOfPaint = 1 << 36;
    /** Paint of any sort, primer and small things as well. */
    case Paint = 1 << 37;
    /** What a vehicle has picked up since it was painted. */
    case Weathering = 1 << 38;
    /** There is no way back afterwards: what lies below is locked in. */
    case LocksIn = 1 << 39;
    /** Thin and full of thinner: it stains and runs rather than covers. */
    case Tint = 1 << 40;
    /** What is too much of it is drawn off with thinner before it is dry. */
    case DrawnOff = 1 << 41;
    /** Paint is gone, or looks gone: chips, scratches, rubbed edges. */
    case Wear = 1 << 42;
    /** Has to be paint that hides; a wash of the same binder will not do. */
    case Hides = 1 << 43;
    /** Can be put down in the middle and taken up again: brushed details, markings, stowage. */
    case CanPause = 1 << 44;
}
