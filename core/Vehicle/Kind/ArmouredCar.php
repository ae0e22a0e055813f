<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** An armoured car on two or three axles with a gun in its turret. */
final class ArmouredCar implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length of the hull', 4400, 5300, 6200),
            Parameter::length('width', 'width over the wheels', 2100, 2450, 2700),
            Parameter::length('deck-height', 'height of the roof', 1600, 1780, 2050),
            Parameter::length('wheel', 'diameter of a wheel', 900, 1120, 1300),
            Parameter::pieces('axles', 'axles', 2, 2, 3),
            Parameter::length('barrel-length', 'length of the gun', 800, 1900, 3200),
            Parameter::option('muzzle-brake', 'a muzzle brake', false),
            Parameter::option('turret', 'a turret', true),
            Parameter::option('stowage', 'a rolled sheet behind', true),
            Parameter::option('tools', 'tools on the engine deck', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        (new WheeledArmour($modeller, $form, isScout: false))->build();
    }
}
