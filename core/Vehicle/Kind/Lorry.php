<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;
use Ulvrach\Vehicle\Parts\Fittings;
use Ulvrach\Vehicle\Parts\Wagon;

/** A lorry with a bonnet, a closed cab and a bed of boards, with or without its tilt. */
final class Lorry implements Design
{
    private const FRONT_AXLE = 900.0;

    private const RAIL = 690.0;

    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length without bumper', 5400, 6300, 7600),
            Parameter::length('width', 'width of the bed', 1900, 2200, 2500),
            Parameter::length('wheelbase', 'wheelbase', 2900, 3600, 4600),
            Parameter::length('wheel', 'diameter of a wheel', 820, 980, 1150),
            Parameter::length('cab-roof', 'height of the cab', 2000, 2150, 2450),
            Parameter::length('crest', 'height of the tilt', 2500, 2850, 3200),
            Parameter::option('tilt', 'the tilt is up', true),
            Parameter::option('twin-wheels', 'two wheels side by side behind', true),
            Parameter::option('tools', 'tools on the running board', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $length = $form->length('length');
        $half = $form->length('width') / 2.0;
        $radius = $form->length('wheel') / 2.0;
        // The rear wheels stay under the bed, and clear of the cab.
        $base = max(
            2700.0 + $radius - self::FRONT_AXLE + 300.0,
            min($form->length('wheelbase'), $length - self::FRONT_AXLE - $radius - 300.0),
        );
        $rear = self::FRONT_AXLE + $base;
        $roof = $form->length('cab-roof');
        Wagon::frame($modeller, -40.0, $length - 120.0, self::RAIL, 0.4 * $half, self::FRONT_AXLE, $rear);
        Wagon::axle($modeller, self::FRONT_AXLE, $radius, 235.0, $half - 110.0, false, false);
        Wagon::axle($modeller, $rear, $radius, 235.0, $half - 40.0, $form->has('twin-wheels'), true);
        self::front($modeller, $half, $radius);
        Wagon::bonnet($modeller, 130.0, 1330.0, 960.0, 1560.0, 1680.0, 0.37 * $half, 0.54 * $half, ZoneKind::Cab);
        Wagon::cab($modeller, 1320.0, 2500.0, 890.0, 1640.0, $roof, 0.86 * $half);
        Wagon::bed($modeller, 2570.0, $length - 40.0, 1180.0, 520.0, $half);
        Wagon::tilt(
            $modeller,
            2590.0,
            $length - 50.0,
            1690.0,
            $form->length('crest'),
            $half - 12.0,
            $form->has('tilt'),
        );
        self::under($modeller, $half, $rear, $length, $radius);
        if ($form->has('tools')) {
            Fittings::shovel($modeller, 2640.0, 1040.0, $half - 130.0, 900.0);
            Fittings::jackBlock($modeller, $rear - $radius - 300.0 > 3560.0 ? 3400.0 : 2660.0, 860.0, -$half + 200.0);
        }
    }

    private static function front(Modeller $make, float $half, float $radius): void
    {
        $make->on(ZoneKind::Chassis, 'chassis');
        $make->box('bumper', -120.0, -60.0, 640.0, 800.0, -0.94 * $half, 0.94 * $half);
        $make->rivets([-121.0, 720.0, -0.8 * $half], [-121.0, 720.0, 0.8 * $half], [-1.0, 0.0, 0.0], 300.0, 14.0);
        $make->onBothSides(static function (Modeller $make) use ($half, $radius): void {
            Fittings::towHook($make, -120.0, 720.0, 0.42 * $half, true);
            Wagon::wing($make, self::FRONT_AXLE, $radius, $radius + 130.0, 28.0, 196.0, 0.42 * $half, $half - 80.0);
            $make->on(ZoneKind::Fenders);
            $make->prism(
                'running board',
                [[1480.0, 610.0], [2440.0, 610.0], [2440.0, 640.0], [1480.0, 640.0]],
                0.62 * $half,
                $half - 60.0,
            );
            $make->on(ZoneKind::Cab);
            Fittings::headlamp($make, 260.0, 1250.0, 0.66 * $half, false);
        });
    }

    private static function under(Modeller $make, float $half, float $rear, float $length, float $radius): void
    {
        $make->on(ZoneKind::Chassis, 'chassis');
        $end = min(3300.0, $rear - $radius - 130.0);
        if ($end > 2900.0) {
            $make->prism(
                'fuel tank',
                [
                    [2660.0, 600.0],
                    [$end - 60.0, 600.0],
                    [$end, 660.0],
                    [$end, 960.0],
                    [$end - 60.0, 1010.0],
                    [2660.0, 1010.0],
                    [2610.0, 960.0],
                    [2610.0, 660.0],
                ],
                0.58 * $half,
                0.93 * $half,
            );
            $make->box('tank strap', 2760.0, 2800.0, 590.0, 1018.0, 0.57 * $half, 0.94 * $half);
            $make->box('tank strap', $end - 180.0, $end - 140.0, 590.0, 1018.0, 0.57 * $half, 0.94 * $half);
            Fittings::chest($make, 2640.0, $end, 640.0, 960.0, -0.92 * $half, -0.6 * $half);
        }
        $make->lathe(
            'drive shaft',
            [($rear + 1900.0) / 2.0, 640.0, 0.0],
            'x',
            [
                [-0.5 * ($rear - 1900.0), 0.0],
                [-0.5 * ($rear - 1900.0), 45.0],
                [0.5 * ($rear - 1900.0), 45.0],
                [0.5 * ($rear - 1900.0), 0.0],
            ],
            12,
        );
        Fittings::pintle($make, $length - 120.0, 800.0, 0.0);
        $make->onBothSides(static function (Modeller $make) use ($half, $rear, $length, $radius): void {
            Wagon::wing($make, $rear, $radius, $radius + 80.0, 25.0, 155.0, 0.5 * $half, $half - 20.0);
            $make->on(ZoneKind::Chassis);
            Fittings::tailLamp($make, $length - 60.0, 1060.0, 0.8 * $half);
            $make->on(ZoneKind::Fenders);
            $make->box(
                'mud flap',
                $rear + $radius + 140.0,
                $rear + $radius + 152.0,
                0.55 * $radius,
                1010.0,
                0.52 * $half,
                $half - 60.0,
            );
        });
        $make->on(ZoneKind::Exhaust, 'exhaust');
        $make->lathe(
            'silencer',
            [2350.0, 560.0, -0.62 * $half],
            'x',
            [[-330.0, 0.0], [-310.0, 100.0], [310.0, 100.0], [330.0, 0.0]],
            18,
        );
        $make->bar(
            'exhaust pipe',
            [
                [2660.0, 560.0, -0.62 * $half],
                [$rear - $radius - 160.0, 560.0, -0.66 * $half],
                [$rear - $radius - 60.0, 600.0, -0.95 * $half],
            ],
            38.0,
            10,
        );
    }
}
