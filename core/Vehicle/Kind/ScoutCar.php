<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** A small armoured car for two or three, with a machine gun in a little turret, or none. */
final class ScoutCar implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length of the hull', 3200, 3850, 4600),
            Parameter::length('width', 'width over the wheels', 1600, 1900, 2200),
            Parameter::length('deck-height', 'height of the roof', 1300, 1500, 1750),
            Parameter::length('wheel', 'diameter of a wheel', 700, 880, 1000),
            Parameter::pieces('axles', 'axles', 2, 2, 2),
            Parameter::option('turret', 'a turret', true),
            Parameter::option('stowage', 'a rolled sheet behind', true),
            Parameter::option('tools', 'tools on the engine deck', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        (new WheeledArmour($modeller, $form, isScout: true))->build();
    }
}
