<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** Whatever has no form of its own here: a box with a front, sides, a top and a rear. */
final class PlainBox implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length', 300, 3000, 9000),
            Parameter::length('width', 'width', 300, 1600, 4000),
            Parameter::length('height', 'height', 200, 1200, 4000),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $length = $form->length('length');
        $height = $form->length('height');
        $modeller->on(ZoneKind::HullSides, 'body');
        $modeller->prism(
            'body',
            [[0.0, 0.0], [$length, 0.0], [$length, $height], [0.0, $height]],
            -$form->length('width') / 2.0,
            $form->length('width') / 2.0,
            [1 => ZoneKind::RearPlate, 2 => ZoneKind::HullTop, 3 => ZoneKind::Glacis],
        );
    }
}
