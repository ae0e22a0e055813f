<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** A medium tank with a cast turret and a gun in the hull. */
final class MediumTank implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('hull-length', 'length of the hull', 4800, 5900, 6800),
            Parameter::length('hull-width', 'width between the tracks', 1700, 1900, 2300),
            Parameter::length('deck-height', 'height of the deck', 1450, 1640, 1900),
            Parameter::length('track-width', 'width of a track', 350, 500, 680),
            Parameter::pieces('road-wheels', 'road wheels on a side', 5, 6, 7),
            Parameter::length('road-wheel', 'diameter of a road wheel', 500, 640, 860),
            Parameter::pieces('return-rollers', 'return rollers on a side', 0, 3, 5),
            Parameter::length('turret-width', 'width of the turret', 1400, 1740, 2000),
            Parameter::length('turret-height', 'height of the turret', 500, 640, 820),
            Parameter::length('barrel-length', 'length of the gun', 1200, 3300, 5200),
            Parameter::option('muzzle-brake', 'a muzzle brake', true),
            Parameter::option('skirts', 'skirts beside the tracks', false),
            Parameter::option('spare-links', 'spare links on the glacis', true),
            Parameter::option('stowage', 'a bin and a rolled sheet behind the turret', true),
            Parameter::option('tools', 'tools on the fenders', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        (new Tank($modeller, $form, isMedium: true))->build();
    }
}
