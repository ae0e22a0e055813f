<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;

/** A card for trials, as large as if it were a plate of the vehicle; raised strips and rivets to wash round. */
final class TestCard implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length', 500, 3500, 9000),
            Parameter::length('width', 'width', 300, 1400, 4000),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $length = $form->length('length');
        $half = $form->length('width') / 2.0;
        $modeller->on(ZoneKind::HullSides, 'card');
        $modeller->box('card', 0.0, $length, 0.0, 2.0 * $half, -20.0, 20.0);
        foreach ([0.3, 0.7] as $share) {
            $modeller->box(
                'strip',
                $share * $length - 30.0,
                $share * $length + 30.0,
                0.2 * $half,
                1.8 * $half,
                18.0,
                60.0,
            );
            $modeller->rivets(
                [$share * $length - 90.0, 0.3 * $half, 21.0],
                [$share * $length - 90.0, 1.7 * $half, 21.0],
                [0.0, 0.0, 1.0],
            );
        }
    }
}
