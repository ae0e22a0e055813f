<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** A light tank of riveted and welded plates with a plated turret. */
final class LightTank implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('hull-length', 'length of the hull', 3600, 4650, 5600),
            Parameter::length('hull-width', 'width between the tracks', 1400, 1720, 2000),
            Parameter::length('deck-height', 'height of the deck', 1330, 1470, 1700),
            Parameter::length('track-width', 'width of a track', 240, 350, 460),
            Parameter::pieces('road-wheels', 'road wheels on a side', 4, 5, 6),
            Parameter::length('road-wheel', 'diameter of a road wheel', 440, 600, 760),
            Parameter::pieces('return-rollers', 'return rollers on a side', 0, 3, 4),
            Parameter::length('turret-width', 'width of the turret', 1000, 1440, 1700),
            Parameter::length('turret-height', 'height of the turret', 400, 515, 700),
            Parameter::length('barrel-length', 'length of the gun', 800, 2050, 3600),
            Parameter::option('muzzle-brake', 'a muzzle brake', false),
            Parameter::option('skirts', 'skirts beside the tracks', false),
            Parameter::option('spare-links', 'spare links on the glacis', true),
            Parameter::option('stowage', 'a bin and a rolled sheet behind the turret', true),
            Parameter::option('tools', 'tools on the fenders', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        (new Tank($modeller, $form, isMedium: false))->build();
    }
}
