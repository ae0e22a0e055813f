<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** What a technique does to a surface. Techniques are many, kinds few; what a kind is like says Kinds. */
enum TechniqueKind: string
{
    case Prime = 'prime';
    case Colour = 'colour';
    case Shade = 'shade';
    case Detail = 'detail';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case ClearCoat = 'clear-coat';
    case ReleaseFilm = 'release-film';
    case LiftOff = 'lift-off';
    case Abrade = 'abrade';
    case Decal = 'decal';
    case Soften = 'soften';
    case Filter = 'filter';
    case Wash = 'wash';
    case Blend = 'blend';
    case Chips = 'chips';
    case Streak = 'streak';
    case Metal = 'metal';
    case Pigment = 'pigment';
    case Mud = 'mud';
    case FixPigment = 'fix-pigment';
    case Gloss = 'gloss';
    case Sculpt = 'sculpt';
    case Join = 'join';
    case Look = 'look';
    case TestPatch = 'test-patch';
    case CleanUp = 'clean-up';
    case Prepare = 'prepare';
    case WarmAir = 'warm-air';
}
